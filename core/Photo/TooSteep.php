<?php

declare(strict_types=1);

namespace InchLadder\Photo;

use InchLadder\Impossible;

final class TooSteep extends Impossible
{
    public static function by(float $degrees): self
    {
        return new self('too steep', ['degrees' => $degrees, 'most' => Turning::STEEPEST_DEGREES]);
    }

    public function choice(): string
    {
        return 'photo.straighten';
    }
}
