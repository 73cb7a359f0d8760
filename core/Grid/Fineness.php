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
     * Columns that let a feature span so many cells; the finest there is, where it is too small for that.
     *
     * @param  Rational  $feature  its shorter side as a share of the picture's width, over 0
     * @return array{int, bool} columns, and whether they are enough
     */
    public function columns(Rational $feature): array
    {
        $wanted = max(1, Rational::of($this->span())->dividedBy($feature)->ceiling());

        return [min(Cells::MOST, $wanted), $wanted <= Cells::MOST];
    }
}
