<?php

declare(strict_types=1);

namespace InchLadder\Copying;

use InchLadder\Measure\Fractions;
use InchLadder\Measure\Rational;

/** How long a cell takes this hand, from when its last ones were done. */
final readonly class Pace
{
    /** A longer wait between two cells is a rest, not a cell; seconds. */
    private const REST = 2700;

    /** Fewer cells in a row than this tell nothing. */
    private const LEAST = 3;

    private function __construct(
        /** Seconds, the median. */
        public float $cell,
    ) {
    }

    /**
     * @param  list<int>  $done  when each cell was done, in seconds, in any order
     * @return self|null null when too few were done in a row
     */
    public static function of(array $done): ?self
    {
        sort($done);
        $waits = [];
        for ($i = 1; $i < count($done); $i++) {
            $wait = $done[$i] - $done[$i - 1];
            if ($wait > 0 && $wait <= self::REST) {
                $waits[] = $wait;
            }
        }
        if (count($waits) < self::LEAST) {
            return null;
        }
        sort($waits);
        $middle = intdiv(count($waits), 2);

        return new self(count($waits) % 2 === 1 ? (float) $waits[$middle] : ($waits[$middle - 1] + $waits[$middle]) / 2);
    }

    /** What so many cells will take, no more exact than it can be known: `about 35 min`, `about 2 1/2 h` */
    public function takes(int $cells): string
    {
        $minutes = $cells * $this->cell / 60;

        return match (true) {
            $minutes < 5 => 'a few minutes',
            $minutes < 57.5 => 'about '.(int) (5 * round($minutes / 5)).' min',
            default => 'about '.Fractions::mixed(Rational::nd((int) max(2, round($minutes / 30)), 2)).' h',
        };
    }
}
