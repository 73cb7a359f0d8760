<?php

declare(strict_types=1);

namespace InchLadder\Grid;

use InchLadder\Measure\Rational;

/** Lines laid over a picture to judge it by; they are never ruled and belong to no mesh. */
enum Overlay: string
{
    case Thirds = 'thirds';
    case Cross = 'centre cross';
    case Diagonals = 'diagonals';
    /** Corner to corner, and on the paper carried on to the sheet's end: every size of the same shape has its corner on it. */
    case LongDiagonal = 'long diagonal';
    /** Its lines and ticks are the grid's own axes. */
    case Axes = 'axes with ticks';

    /**
     * @param  Rational  $reach  how far the long diagonal goes, in diagonals of the board
     * @return list<array{Rational, Rational, Rational, Rational}> strokes from x, y to x, y, in shares of the board
     */
    public function strokes(Rational $reach): array
    {
        [$zero, $one] = [Rational::zero(), Rational::one()];
        $both = static fn (Rational ...$shares): array => array_merge(...array_map(static fn (Rational $share): array => [[$share, $zero, $share, $one], [$zero, $share, $one, $share]], $shares));

        return match ($this) {
            self::Thirds => $both(Rational::nd(1, 3), Rational::nd(2, 3)),
            self::Cross => $both(Rational::nd(1, 2)),
            self::Diagonals => [[$zero, $zero, $one, $one], [$zero, $one, $one, $zero]],
            self::LongDiagonal => [[$zero, $zero, $reach, $reach]],
            self::Axes => [],
        };
    }
}
