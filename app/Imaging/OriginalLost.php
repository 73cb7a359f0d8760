<?php

declare(strict_types=1);

namespace App\Imaging;

use InchLadder\Impossible;

/** An original that is not there any more, or is not what came in. */
final class OriginalLost extends Impossible
{
    public static function missing(): self
    {
        return new self('missing');
    }

    public static function changed(): self
    {
        return new self('changed');
    }

    public function choice(): string
    {
        return 'photo';
    }
}
