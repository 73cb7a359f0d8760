<?php

declare(strict_types=1);

namespace InchLadder\Photo;

use InchLadder\Impossible;

final class BorderTooWide extends Impossible
{
    public static function leavingNoPicture(): self
    {
        return new self('This border leaves no picture; at least a tenth of the width and of the height must be inside it.');
    }

    public static function outside(): self
    {
        return new self('A border cannot be less than nothing; type how much of each side is not picture, like 1/4 in or 3 %.');
    }

    public function choice(): string
    {
        return 'photo.border';
    }
}
