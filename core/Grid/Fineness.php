<?php

declare(strict_types=1);

namespace InchLadder\Grid;

use InchLadder\Measure\Rational;

/** How fine a grid should be for the smallest thing that matters: by how many cells that thing spans. */
enum Fineness: string
{
    case Loose = 'loose';
    case Middling = 'middling';
    case Exact = 'exact';

    /** Cells across the smallest feature (ours). */
    public function span(): int
    {
        return match ($this) {
            self::Loose => 1,
            self::Middling => 2,
            self::Exact => 4,
        };
    }

    /**
     * Columns that let a feature span so many cells.
     *
     * @param  Rational  $feature  its width as a share of the picture's, in (0, 1]
     *
     * @throws CountOutOfRange when the feature is too small for sixty columns
     */
    public function columns(Rational $feature): int
    {
        return Cells::of(max(1, Rational::of($this->span())->dividedBy($feature)->ceiling()), 1)->columns;
    }
}
