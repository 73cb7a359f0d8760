<?php

declare(strict_types=1);

namespace InchLadder\Fit;

use InchLadder\Impossible;

/** A length of nothing, that nothing can be scaled by. */
final class LengthOfNothing extends Impossible
{
    public static function toScaleBy(): self
    {
        return new self('to scale by');
    }

    public function choice(): string
    {
        return 'paper';
    }
}
