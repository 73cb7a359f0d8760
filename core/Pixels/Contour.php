<?php

declare(strict_types=1);

namespace InchLadder\Pixels;

/**
 * A contour followed from where it enters a field to where it leaves or fades: the ridge
 * of the gradient's steepness, walked along a step at a time (edges as ridges of the
 * gradient: Canny 1986, cited at Steps).
 */
final readonly class Contour
{
    /** Length of a step, in samples. */
    private const STRIDE = 1.0;

    /** Points before and after, that each is smoothed with. */
    private const SMOOTH = 4;

    /** How far to either side the ridge is looked for after a step. */
    private const SIDEWAYS = 1.5;

    private function __construct(
        /** @var non-empty-list<array{float, float}> shares of the field across and down, 0…1 */
        public array $points,
        /** Whether it goes on to the frame; else it fades inside. */
        public bool $leaves,
    ) {
    }

    /**
     * @param  float  $x  share of the field across at which it enters
     * @param  float  $y  share down
     */
    public static function from(Gradient $gradient, float $x, float $y): self
    {
        [$wide, $high] = [$gradient->wide, $gradient->high];
        // The middle of the first sample lies half a sample inside the frame.
        $share = static fn (float $x, float $y): array => [max(0.0, min(1.0, ($x + 0.5) / $wide)), max(0.0, min(1.0, ($y + 0.5) / $high))];
        [$x, $y] = [$x * $wide - 0.5, $y * $high - 0.5];
        [$growX, $growY] = $gradient->at($x, $y);
        $entry = max(1e-6, hypot($growX, $growY));
        // Along the contour there are two ways; the one that leads inside is taken.
        [$goX, $goY] = [-$growY / $entry, $growX / $entry];
        if ($goX * ($wide / 2 - $x) + $goY * ($high / 2 - $y) < 0) {
            [$goX, $goY] = [-$goX, -$goY];
        }
        $points = [$share($x, $y)];
        for ($strides = 2 * ($wide + $high); $strides > 0; $strides--) {
            [$x, $y] = self::ontoRidge($gradient, $x + self::STRIDE * $goX, $y + self::STRIDE * $goY, -$goY, $goX);
            if ($x <= -0.5 || $y <= -0.5 || $x >= $wide - 0.5 || $y >= $high - 0.5) {
                return new self(self::smooth([...$points, $share($x, $y)]), true);
            }
            [$growX, $growY] = $gradient->at($x, $y);
            $steep = hypot($growX, $growY);
            if ($steep < Figures::FADED * $entry) {
                break;
            }
            $ahead = (-$growY * $goX + $growX * $goY) / $steep;
            if (abs($ahead) < Figures::SHARPEST_TURN) {
                break;
            }
            [$goX, $goY] = $ahead > 0 ? [-$growY / $steep, $growX / $steep] : [$growY / $steep, -$growX / $steep];
            $points[] = $share($x, $y);
        }

        return new self(self::smooth($points), false);
    }

    /**
     * Each point brought to the mean of those about it: the ridge is found to half a sample, and a hand draws no such steps.
     *
     * @param  non-empty-list<array{float, float}>  $points
     * @return non-empty-list<array{float, float}> with the ends where they were
     */
    private static function smooth(array $points): array
    {
        $last = count($points) - 1;

        return array_map(static function (int $i) use ($points, $last): array {
            $reach = min(self::SMOOTH, $i, $last - $i);
            $about = array_slice($points, $i - $reach, 2 * $reach + 1);

            return [array_sum(array_column($about, 0)) / count($about), array_sum(array_column($about, 1)) / count($about)];
        }, array_keys($points));
    }

    /** @return array{float, float} where the ridge is, looked for on the line across the way */
    private static function ontoRidge(Gradient $gradient, float $x, float $y, float $acrossX, float $acrossY): array
    {
        $best = [$x, $y];
        $steepest = -1.0;
        for ($off = -self::SIDEWAYS; $off <= self::SIDEWAYS; $off += 0.5) {
            // Straight on is preferred a little, so that a flat top does not send it sideways.
            $steep = $gradient->steepness($x + $off * $acrossX, $y + $off * $acrossY) * (1 - 0.05 * abs($off));
            if ($steep > $steepest) {
                [$steepest, $best] = [$steep, [$x + $off * $acrossX, $y + $off * $acrossY]];
            }
        }

        return $best;
    }
}
