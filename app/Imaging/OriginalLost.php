<?php

declare(strict_types=1);

namespace App\Imaging;

use InchLadder\Impossible;

/** An original that is not there any more, or is not what came in. */
final class OriginalLost extends Impossible
{
    public static function missing(): self
    {
        return new self('The photo’s own file is missing from the data folder, so nothing can be made from it. Put it back, or bring the same photo over again; the drawing and its marks are kept.');
    }

    public static function changed(): self
    {
        return new self('The photo’s own file was shortened or changed in the data folder, so nothing is made from it. Bring the same photo over again; the drawing and its marks are kept.');
    }

    public function choice(): string
    {
        return 'photo';
    }
}
