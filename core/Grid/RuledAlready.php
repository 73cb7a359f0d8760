<?php

declare(strict_types=1);

namespace InchLadder\Grid;

use InchLadder\Measure\Rational;

/**
 * One side of a grid that is ruled on the paper already, against this grid's own lines. Where this grid has cells that
 * are cut short, as many parts, counted with them, are taken for the same; any other count is taken for equal parts.
 */
final readonly class RuledAlready
{
    /** @param  array<int, Rational>  $off  ruled line, from 1 => how far the nearest line of this grid is, as a share of the side */
    private function __construct(public int $parts, public int $own, public array $off)
    {
    }

    public static function in(int $parts, Edge $edge): self
    {
        if ($parts === $edge->parts() && $edge->hasPartial()) {
            return new self($parts, $parts, []);
        }
        $off = [];
        foreach (array_slice(Edge::even($parts)->fractions, 1, -1) as $i => $fraction) {
            $distances = array_map(static fn (Rational $own): Rational => $fraction->minus($own)->abs(), $edge->fractions);
            $nearest = array_reduce($distances, Rational::smaller(...), Rational::one());
            if (! $nearest->isZero()) {
                $off[$i + 1] = $nearest;
            }
        }

        return new self($parts, $edge->parts(), $off);
    }

    public function isSameCount(): bool
    {
        return $this->parts === $this->own;
    }
}
