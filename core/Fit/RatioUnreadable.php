<?php

declare(strict_types=1);

namespace InchLadder\Fit;

use InchLadder\Impossible;

final class RatioUnreadable extends Impossible
{
    public static function text(string $text): self
    {
        return new self('“'.mb_strimwidth($text, 0, 30, '…').'” is not a shape; write it like 4:5, 1.5, 8x10in, or a sheet’s name like a4.');
    }

    public function choice(): string
    {
        return 'fit.ratio';
    }
}
