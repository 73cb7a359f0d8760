<?php

declare(strict_types=1);

namespace InchLadder\Measure;

/** How steep the straight way between two places is, read from the left. */
final readonly class Slope
{
    /** A steepness is told for so much across. */
    public const SO_MUCH = 10;

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

    /** Whether it goes farther up than across. */
    public function isSteep(): bool
    {
        return abs($this->degrees) > 45;
    }

    /** For those who have no protractor: how far it goes the shorter way while it goes SO_MUCH the longer; null where it is level or upright. */
    public function forSoMuch(): ?float
    {
        if ($this->isLevel() || $this->isUpright()) {
            return null;
        }
        $tangent = abs(tan(deg2rad($this->degrees)));

        return round(self::SO_MUCH * ($this->isSteep() ? 1 / $tangent : $tangent), 1);
    }
}
