<?php

declare(strict_types=1);

namespace App\Exceptions;

use InchLadder\Impossible;

/** A sheet that cannot be taken away, or added. */
final class OnlySheet extends Impossible
{
    public static function of(): self
    {
        return new self('only one');
    }

    public static function oneTooMany(int $most): self
    {
        return new self('too many', ['most' => $most]);
    }

    public function choice(): string
    {
        return 'sheets';
    }
}
