<?php

declare(strict_types=1);

namespace InchLadder\Photo;

use InchLadder\Impossible;

final class BorderTooWide extends Impossible
{
    public static function leavingNoPicture(): self
    {
        return new self('no picture left');
    }

    public static function outside(): self
    {
        return new self('outside');
    }

    public function choice(): string
    {
        return 'photo.border';
    }
}
