<?php

declare(strict_types=1);

namespace App\Wording;

use InchLadder\Copying\ContourTrace;
use InchLadder\Copying\Crossing;
use InchLadder\Copying\EyeFraction;
use InchLadder\Copying\Side;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Rational;

/** Says where contours cross a cell and how they run through it. */
final class CopyWording
{
    /** `3/8`, `past 2/5`, `short of 1/2`; at either end, that end's name */
    public static function eye(EyeFraction $eye, Side $side): string
    {
        $fraction = $eye->nearest->fraction;
        $name = match (true) {
            $fraction->isZero() => self::start($side),
            $fraction->isEqualTo(1) => Say::it("copying.far ends.{$side->value}"),
            default => (string) $fraction,
        };

        return match (true) {
            $eye->isAsGoodAsIt() => $name,
            $eye->nearest->off->isNegative() => Say::it('copying.eye.short', ['fraction' => $name]),
            default => Say::it('copying.eye.past', ['fraction' => $name]),
        };
    }

    /** `41.3 %, 1.3 % of the side past 2/5` */
    public static function exactly(EyeFraction $eye): string
    {
        $percent = static fn (Rational $share): string => Fractions::places($share->times(100), 1).' %';
        $off = $percent($eye->nearest->off->abs());

        return $off === '0 %' ? $percent($eye->share) : Say::it(
            $eye->nearest->off->isNegative() ? 'copying.eye.exactly short' : 'copying.eye.exactly past',
            ['share' => $percent($eye->share), 'off' => $off, 'fraction' => (string) $eye->nearest->fraction],
        );
    }

    /** The end a side is measured from: `the left`. */
    public static function start(Side $side): string
    {
        return Say::it("copying.ends.{$side->value}");
    }

    /** `at 3/8 of the left side` */
    public static function place(Crossing $crossing): string
    {
        return Say::it($crossing->eye->isAsGoodAsIt() ? 'copying.place.at' : 'copying.place.near', ['eye' => self::eye($crossing->eye, $crossing->side), 'side' => Say::it("copying.side.{$crossing->side->value}")]);
    }

    /** `in at 3/8 of the left side, out past 2/5 of the right side; falls 12°, bulges up 1/8 in` */
    public static function contour(ContourTrace $contour, Notation $notation): string
    {
        $bulge = $notation->ruler->round($contour->bulge)->reading;
        $bow = match (true) {
            $contour->towards === '' => Say::it('copying.contour.straight'),
            $bulge->isZero() => Say::it('copying.contour.hair', ['towards' => Say::it("copying.towards.{$contour->towards}")]),
            default => Say::it('copying.contour.bulges', ['towards' => Say::it("copying.towards.{$contour->towards}"), 'bulge' => $notation->plain($bulge)]),
        };

        return Say::it($contour->out === null ? 'copying.contour.fades' : 'copying.contour.through', [
            'in' => self::place($contour->in), 'out' => $contour->out === null ? '' : self::place($contour->out), 'slope' => Phrases::slope($contour->slope), 'bow' => $bow,
        ]);
    }

    /** What is left, no more exact than it can be known: `about 35 min`, `about 2 1/2 h` */
    public static function takes(float $minutes): string
    {
        return match (true) {
            $minutes < 5 => Say::it('copying.takes.few'),
            $minutes < 57.5 => Say::it('copying.takes.minutes', ['minutes' => (int) (5 * round($minutes / 5))]),
            default => Say::it('copying.takes.hours', ['hours' => Fractions::mixed(Rational::nd((int) max(2, round($minutes / 30)), 2))]),
        };
    }
}
