<?php

declare(strict_types=1);

namespace InchLadder\Planner;

use InchLadder\Measure\Graduation;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Unit;

/**
 * Lengths that are easy to find on a ruler, as whole numbers of its finest friendly
 * division. A length's grade is 0 when all its running totals are multiples of 5 (in, cm), 1 when
 * they are multiples of 2, 2 for whole ones, and one more for each kind of shorter mark they need.
 */
final readonly class Friendly
{
    /** In sixteenths of an inch: 5, 2, 1, 1/2, 1/4, 1/8, 1/16 in. */
    private const INCH = [80, 32, 16, 8, 4, 2, 1];

    /** In millimetres: 5, 2 and 1 cm, 5, 2 and 1 mm. */
    private const METRIC = [50, 20, 10, 5, 2, 1];

    private const FINEST_IN_INCHES = 16;

    /** @param  non-empty-list<int>  $marks  each grade's division, longest first, in units of the finest */
    private function __construct(public Length $unit, public array $marks)
    {
    }

    /** What is friendly on a ruler that is marked no finer than this. */
    public static function on(Graduation $ruler): self
    {
        $metric = $ruler->unit->isMetric();
        $unit = $metric ? Length::mm(1) : Length::of(Rational::nd(1, self::FINEST_IN_INCHES), Unit::Inch);
        $marks = array_values(array_filter($metric ? self::METRIC : self::INCH, static fn (int $mark): bool => ! $ruler->step->isLongerThan($unit->times($mark))));

        return new self($unit, $marks ?: [$metric ? 10 : 16]);
    }

    /** A length as so many whole units, the rest left off. */
    public function units(Length $length): int
    {
        return $length->over($this->unit)->floor();
    }

    public function length(int $units): Length
    {
        return $this->unit->times($units);
    }

    /** The longest friendly length of a grade that is no longer than so many units; 0 when there is none. */
    public function longest(int $grade, int $within): int
    {
        return $within - $within % $this->marks[$grade];
    }

    /** The best grade of a length; null when it falls on none of the marks. */
    public function grade(int $units): ?int
    {
        foreach ($this->marks as $grade => $mark) {
            if ($units % $mark === 0) {
                return $grade;
            }
        }

        return null;
    }
}
