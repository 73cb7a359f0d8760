<?php

declare(strict_types=1);

namespace InchLadder\Fit;

use InchLadder\Impossible;

final class RatioUnreadable extends Impossible
{
    public static function text(string $text): self
    {
        return new self('no shape', ['text' => mb_strimwidth($text, 0, 30, '…')]);
    }

    public function choice(): string
    {
        return 'fit.ratio';
    }
}
