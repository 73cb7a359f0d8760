<?php

declare(strict_types=1);

namespace InchLadder\Photo;

use InchLadder\Measure\Rational;

/**
 * How a photo is held before it is drawn from: turned by quarters, mirrored, then
 * straightened by a small angle about its centre, with the corners that swing out
 * of the frame left off. The file itself is never altered.
 */
final readonly class Turning
{
    /** The steepest straightening; a photo further out than this wants a quarter turn. */
    public const STEEPEST_DEGREES = 15;

    private function __construct(
        /** Quarter turns clockwise, 0…3. */
        public int $quarters,
        /** Whether left and right change places, after the quarter turns. */
        public bool $mirrored,
        /** Clockwise, −15…15, to a hundredth. */
        public float $degrees,
        public Keep $keep,
    ) {
    }

    public static function none(): self
    {
        return new self(0, false, 0.0, Keep::Shape);
    }

    /**
     * @param  int  $quarters  clockwise; any whole number
     * @param  float  $degrees  clockwise
     *
     * @throws TooSteep
     */
    public static function of(int $quarters, bool $mirrored, float $degrees, Keep $keep): self
    {
        if (abs($degrees) > self::STEEPEST_DEGREES) {
            throw TooSteep::by($degrees);
        }

        return new self((($quarters % 4) + 4) % 4, $mirrored, round($degrees, 2), $keep);
    }

    /**
     * The turn that makes a drawn line level, or upright when it is nearer to that.
     *
     * @param  float  $across  how far the line runs to the right, in pixels
     * @param  float  $down  how far it runs down
     * @return float degrees clockwise, −45…45
     */
    public static function levelling(float $across, float $down): float
    {
        $slope = rad2deg(atan2($down, $across));

        return round(90 * round($slope / 90) - $slope, 2);
    }

    public function isNone(): bool
    {
        return $this->quarters === 0 && ! $this->mirrored && $this->degrees === 0.0;
    }

    /**
     * A size after the quarter turns.
     *
     * @template T
     *
     * @param  T  $wide
     * @param  T  $high
     * @return array{T, T}
     */
    public function quarterTurned(mixed $wide, mixed $high): array
    {
        return $this->quarters % 2 === 0 ? [$wide, $high] : [$high, $wide];
    }

    /**
     * What is left of the turned picture once it is straightened, as shares of its width and height.
     *
     * @param  int  $wide  pixels, after the quarter turns
     * @return array{Rational, Rational} each in (0, 1]; whole pixels of the picture
     */
    public function kept(int $wide, int $high): array
    {
        if ($this->degrees === 0.0) {
            return [Rational::one(), Rational::one()];
        }
        [$width, $height] = $this->keep->inside($wide, $high, deg2rad(abs($this->degrees)));

        return [Rational::nd(max(1, (int) floor($width)), $wide), Rational::nd(max(1, (int) floor($height)), $high)];
    }
}
