<?php

declare(strict_types=1);

namespace InchLadder\Paper;

use InchLadder\Impossible;

/** No weight that paper has. */
final class WeightUnreadable extends Impossible
{
    public static function text(string $text): self
    {
        return new self('no weight', ['text' => mb_strimwidth($text, 0, 30, '…')]);
    }

    public static function outOfRange(): self
    {
        return new self('no paper');
    }

    public function choice(): string
    {
        return 'weight';
    }
}
