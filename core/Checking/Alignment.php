<?php

declare(strict_types=1);

namespace InchLadder\Checking;

use InchLadder\Measure\Length;
use InchLadder\Measure\Size;

/** Two places that lie nearly over each other, or nearly level. */
final readonly class Alignment
{
    private const MOST = 12;

    private function __construct(
        public Landmark $first,
        public Landmark $second,
        /** Whether one lies over the other; else they are level. */
        public bool $plumb,
        /** From the first to the second, across the line that joins them: right or down plus, on the paper. */
        public Length $off,
    ) {
    }

    /**
     * @param  list<Landmark>  $places
     * @param  Size  $area  the drawing
     * @return list<self> those from a firm place first, then what the artist marked, then the nearest; from the firm one to the other
     */
    public static function among(array $places, Size $area): array
    {
        $long = max($area->width->toFloat(), $area->height->toFloat());
        $found = [];
        // What may still move is checked from what is settled.
        usort($places, static fn (Landmark $a, Landmark $b): int => [$b->firm, $b->marked] <=> [$a->firm, $a->marked]);
        foreach ($places as $i => $first) {
            foreach (array_slice($places, $i + 1) as $second) {
                $across = $area->width->times($second->x->minus($first->x));
                $down = $area->height->times($second->y->minus($first->y));
                foreach ([[true, $across, $down], [false, $down, $across]] as [$plumb, $off, $apart]) {
                    if (abs($off->toFloat()) <= Figures::ALIGNED * $long && abs($apart->toFloat()) >= Figures::APART * $long) {
                        $found[] = new self($first, $second, $plumb, $off);
                    }
                }
            }
        }
        $rank = static fn (self $one): array => [$one->first->firm ? 0 : 1, ($one->first->marked ? 0 : 1) + ($one->second->marked ? 0 : 1), abs($one->off->toFloat())];
        usort($found, static fn (self $a, self $b): int => $rank($a) <=> $rank($b));

        return array_slice($found, 0, self::MOST);
    }
}
