<?php

declare(strict_types=1);

namespace InchLadder\Photo;

use InchLadder\Impossible;

final class TooSteep extends Impossible
{
    public static function by(float $degrees): self
    {
        $most = Turning::STEEPEST_DEGREES;

        return new self('Straightening by '.round($degrees, 1)."° is more than the {$most}° that leave a picture; turn the photo by a quarter first.");
    }

    public function choice(): string
    {
        return 'photo.straighten';
    }
}
