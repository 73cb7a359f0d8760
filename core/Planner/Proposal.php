<?php

declare(strict_types=1);

namespace InchLadder\Planner;

use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;

/** One plan: whole square cells, with a side that is easy on the photo's ruler and one that is easy on the paper's. */
final readonly class Proposal
{
    public function __construct(
        /** Side of a cell on the print; null on a screen. */
        public ?Length $photoCell,
        /** Side of a cell on the paper. */
        public Length $paperCell,
        public int $columns,
        public int $rows,
        /** Share of the photo that is drawn, in (0, 1]. */
        public Rational $kept,
        /** Share of the usable paper that is drawn on, in (0, 1]. */
        public Rational $used,
        /** Grades of both cells together; 0 when both are whole inches or centimetres. */
        public int $grades,
        /** Cells beyond half or double of what the subject wants. */
        public int $offWanted,
        /** Paper left at the side and at the foot. */
        public Size $leftover,
        /** Share of the photo that so many by so many squares could keep at most, whatever the rulers, in (0, 1]. */
        public Rational $keepsAtMost,
        /** Share of the usable paper that they could cover at most, in (0, 1]. */
        public Rational $coversAtMost,
        /** Whether the sheet is turned for it. */
        public bool $isTurned = false,
    ) {
    }

    /** Nothing trimmed of the photo, nothing left of the paper. */
    public function isPerfect(): bool
    {
        return $this->kept->isEqualTo(1) && $this->leftover->isNothing();
    }

    public function area(): Size
    {
        return new Size($this->paperCell->times($this->columns), $this->paperCell->times($this->rows));
    }

    /** Paper cell ÷ photo cell; null on a screen. */
    public function scale(): ?Rational
    {
        return $this->photoCell === null ? null : $this->paperCell->over($this->photoCell);
    }

    /** Lines to rule inside the frame. */
    public function lines(): int
    {
        return $this->columns + $this->rows - 2;
    }

    public function cells(): int
    {
        return $this->columns * $this->rows;
    }
}
