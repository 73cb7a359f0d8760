<?php

declare(strict_types=1);

namespace InchLadder\Colour;

use InchLadder\Pixels\Lab;
use Matrix\Decomposition\LU;
use Matrix\Matrix;

/**
 * What a camera makes of light, band by band, from a row of greys that are known, and of the bare paper beside each. By it
 * light is told from what was seen, wherever on the page; and a surface from the light on it and on the paper beside it.
 *
 * The curve is a cubic in lightness that begins at black, by least squares over all greys: one that ran through each would
 * take the picture's own slips, some hundredths, for the camera's. How the wedge itself is lit is only known once the curve
 * is: the two are found in turns, which settle at once.
 */
final readonly class Wedge
{
    /** Of two steps ten L* apart the darker must be darker by so much at least, or it is no wedge (ours). */
    private const FALLS = 1.0;

    private const TURNS = 4;

    /** @param  list<array{float, float, float}>  $curves  by band: what lightness as it was seen, its square and its cube count for */
    private function __construct(private array $curves)
    {
    }

    /**
     * @param  list<array{Reflectance, Reflectance}>  $steps  what was seen of each of SwatchPage::WEDGE, and of the paper beside it
     *
     * @throws SwatchesUnreadable
     */
    public static function of(array $steps): self
    {
        return new self(array_map(static fn (string $band): array => self::curve(array_map(static fn (array $one): array => [$one[0]->{$band}, $one[1]->{$band}], $steps)), ['red', 'green', 'blue']));
    }

    /** What a surface throws back, from what was seen of it and of the bare paper beside it. */
    public function read(Reflectance $seen, Reflectance $paper): Reflectance
    {
        $band = fn (int $band, float $light, float $bare): float => max(0.0, min(1.0, self::light($this->curves[$band], $light) / max(1e-6, self::light($this->curves[$band], $bare))));

        return new Reflectance($band(0, $seen->red, $paper->red), $band(1, $seen->green, $paper->green), $band(2, $seen->blue, $paper->blue));
    }

    /**
     * @param  list<array{float, float}>  $steps
     * @return array{float, float, float}
     */
    private static function curve(array $steps): array
    {
        // What is darker must have been seen so, each beside the paper it lies by.
        for ($i = 1; $i < count($steps); $i++) {
            $fall = Lab::lightnessOfLight($steps[$i - 1][0] / max(1e-6, $steps[$i - 1][1])) - Lab::lightnessOfLight($steps[$i][0] / max(1e-6, $steps[$i][1]));
            $fall >= self::FALLS || throw SwatchesUnreadable::noWedge();
        }
        $curve = [1.0, 0.0, 0.0];
        for ($turn = 0; $turn < self::TURNS; $turn++) {
            $lit = array_map(static fn (array $one): float => self::light($curve, $one[1]), $steps);
            $mean = max(1e-6, array_sum($lit) / count($lit));
            $curve = self::cubic(array_map(static fn (array $one, int $i): array => [Lab::lightnessOfLight($one[0]), Lab::lightnessOfLight($lit[$i] / $mean * Lab::light(SwatchPage::WEDGE[$i]))], $steps, array_keys($steps)));
        }

        return $curve;
    }

    /** @param  array{float, float, float}  $curve */
    private static function light(array $curve, float $seen): float
    {
        $u = Lab::lightnessOfLight($seen);

        return Lab::light(max(0.0, $u * ($curve[0] + $u * ($curve[1] + $u * $curve[2]))));
    }

    /**
     * @param  list<array{float, float}>  $points
     * @return array{float, float, float}
     */
    private static function cubic(array $points): array
    {
        [$sums, $right] = [array_fill(0, 3, array_fill(0, 3, 0.0)), array_fill(0, 3, [0.0])];
        foreach ($points as [$u, $v]) {
            // In hundredths, so that cubes weigh no more than they must.
            $powers = [$u / 100, ($u / 100) ** 2, ($u / 100) ** 3];
            foreach ([0, 1, 2] as $j) {
                foreach ([0, 1, 2] as $k) {
                    $sums[$j][$k] += $powers[$j] * $powers[$k];
                }
                $right[$j][0] += $powers[$j] * $v;
            }
        }
        /** @var list<array{float}> $found */
        $found = (new LU(new Matrix($sums)))->solve(new Matrix($right))->toArray();

        return [$found[0][0] / 100, $found[1][0] / 10_000, $found[2][0] / 1_000_000];
    }
}
