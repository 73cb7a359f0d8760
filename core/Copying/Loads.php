<?php

declare(strict_types=1);

namespace InchLadder\Copying;

/** How much drawing there is in each cell; an average cell is 1. */
final readonly class Loads
{
    /** @param  array<int, float>  $cells */
    private function __construct(private array $cells)
    {
    }

    /** @param  list<float>  $busy  how much edge there is in each cell, row by row; none where no picture is known: then all are alike */
    public static function of(array $busy): self
    {
        $mean = $busy === [] ? 0.0 : array_sum($busy) / count($busy);

        return new self($mean <= 0 ? [] : array_map(static fn (float $one): float => Figures::PLAIN_CELL + (1 - Figures::PLAIN_CELL) * min($one / $mean, Figures::FULLEST_CELL), $busy));
    }

    public function at(int $cell): float
    {
        return $this->cells[$cell] ?? 1.0;
    }

    /** @param  array<array-key, int>  $cells */
    public function sum(array $cells): float
    {
        return array_sum(array_map($this->at(...), $cells));
    }
}
