<?php

declare(strict_types=1);

namespace InchLadder\Photo;

/** Where the light of a picture comes from, as it is held. */
final readonly class Light
{
    /** The eight ways an eye tells apart, clockwise from the right, each an eighth of a turn wide. */
    private const WAYS = ['right', 'lower-right', 'below', 'lower-left', 'left', 'upper-left', 'above', 'upper-right'];

    /** @param  float  $degrees  the way it falls, clockwise from the right, −180…180: 90 is straight down */
    private function __construct(public float $degrees)
    {
    }

    /**
     * @param  float  $across  how far it runs to the right, in the same measure as down
     *
     * @throws LightNowhere
     */
    public static function falling(float $across, float $down): self
    {
        return hypot($across, $down) < 1e-9 ? throw LightNowhere::drawn() : new self(rad2deg(atan2($down, $across)));
    }

    /** The side it comes from: `upper-left`. */
    public function from(): string
    {
        return self::WAYS[(int) round(($this->degrees + 180) / 45) % 8];
    }
}
