<?php

declare(strict_types=1);

namespace InchLadder\Measure;

/** How steep the straight way between two places is, read from the left. */
final readonly class Slope
{
    /** A steepness is told for so much across. */
    public const ACROSS = 10;

    private function __construct(
        /** −90…90; over 0 rises to the right. */
        public float $degrees,
    ) {
    }

    /**
     * @param  float  $run  to the right
     * @param  float  $rise  upwards, in the same measure
     */
    public static function of(float $run, float $rise): self
    {
        $degrees = $run === 0.0 && $rise === 0.0 ? 0.0 : rad2deg(atan2($rise, $run));

        return new self($degrees > 90 ? $degrees - 180 : ($degrees <= -90 ? $degrees + 180 : $degrees));
    }

    public function isLevel(): bool
    {
        return abs($this->degrees) < Figures::AS_GOOD_AS_LEVEL;
    }

    public function isUpright(): bool
    {
        return 90 - abs($this->degrees) < Figures::AS_GOOD_AS_LEVEL;
    }

    /** For those who have no protractor: how far it goes up or down for ACROSS across; null where it is level or upright. */
    public function riseForSoMuchAcross(): ?float
    {
        return $this->isLevel() || $this->isUpright() ? null : round(self::ACROSS * abs(tan(deg2rad($this->degrees))), 1);
    }
}
