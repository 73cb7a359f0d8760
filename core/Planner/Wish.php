<?php

declare(strict_types=1);

namespace InchLadder\Planner;

use InchLadder\Measure\Length;
use InchLadder\Photo\Subject;

/** What a plan must be like: the subject's own demands, and what the artist will not have. */
final readonly class Wish
{
    /**
     * @param  bool  $neverTrim  the whole photo, to its edges
     * @param  bool  $wholeSheet  the whole paper inside its margins
     * @param  int|null  $mostLines  lines to rule inside the frame, at most
     * @param  Length|null  $leastCell  side of a cell on the paper, at least
     * @param  int|null  $cells  cells wanted over the whole picture; null for what the subject wants
     */
    public function __construct(
        public Subject $subject,
        public bool $neverTrim = false,
        public bool $wholeSheet = false,
        public ?int $mostLines = null,
        public ?Length $leastCell = null,
        private ?int $cells = null,
    ) {
    }

    /** Cells wanted over the whole picture. */
    public function cellsWanted(): int
    {
        return $this->cells ?? $this->subject->cellsWanted();
    }

    public function fewestCells(): int
    {
        return max(2, intdiv($this->cellsWanted(), Figures::LATITUDE));
    }

    public function mostCells(): int
    {
        return $this->cellsWanted() * Figures::LATITUDE;
    }

    /** Cells fewer or more than a drawing is as well made with. */
    public function cellsOff(int $cells): int
    {
        $wanted = $this->cellsWanted();

        return max(0, (int) ceil($wanted / Figures::FREE) - $cells, $cells - (int) floor($wanted * Figures::FREE));
    }

    /** How many doublings or halvings the cells are off what costs nothing. */
    public function doublingsOff(int $cells): float
    {
        return max(0.0, abs(log($cells / $this->cellsWanted(), 2)) - log(Figures::FREE, 2));
    }

    /** Share of the photo that must be kept, in (0, 1]. */
    public function leastKept(): float
    {
        return $this->neverTrim ? 1.0 : 1 - $this->subject->mostTrimmedPercent() / 100;
    }

    /** The same wish with one demand let go. */
    public function without(Demand $demand): self
    {
        return new self(
            $this->subject,
            $this->neverTrim && $demand !== Demand::NeverTrim,
            $this->wholeSheet && $demand !== Demand::WholeSheet,
            $demand === Demand::FewLines ? null : $this->mostLines,
            $demand === Demand::LargeCells ? null : $this->leastCell,
            $this->cells,
        );
    }

    /** @return list<Demand> those made */
    public function demands(): array
    {
        return array_values(array_filter(Demand::cases(), fn (Demand $demand): bool => match ($demand) {
            Demand::NeverTrim => $this->neverTrim,
            Demand::WholeSheet => $this->wholeSheet,
            Demand::FewLines => $this->mostLines !== null,
            Demand::LargeCells => $this->leastCell !== null,
        }));
    }
}
