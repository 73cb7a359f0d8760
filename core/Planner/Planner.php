<?php

declare(strict_types=1);

namespace InchLadder\Planner;

use InchLadder\Grid\Cells;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Photo\Reference;

/**
 * Finds whole cells that are easy on both rulers.
 *
 * A photo cell a and a paper cell b give n = min(⌊W/b⌋, ⌊w/a⌋) columns and
 * m = min(⌊H/b⌋, ⌊h/a⌋) rows; n·a × m·a of the photo is drawn on n·b × m·b of the paper.
 * From a screen there is no a: any n:m that the paper has room for is cropped.
 *
 * Of the paper cells that give the same n and m, only the longest of each grade can be on the
 * front, as a shorter one uses less paper and is better in nothing. So for each count only
 * these are looked at, instead of every length on the ruler.
 */
final readonly class Planner
{
    /** The paper's sides in units of its ruler, the way round that is being looked at. */
    private int $paperWide;

    private int $paperHigh;

    /**
     * @param  Size  $usable  the paper inside its margins
     * @param  Size|null  $turned  the same with the sheet the other way round; null when one way was chosen
     * @param  bool  $square  whether the drawing has as many columns as rows: a circle's box
     * @param  Friendly  $onPhoto  the ruler laid to the print
     * @param  Friendly  $onPaper  the ruler laid to the paper
     */
    public function __construct(private Reference $reference, private Size $usable, private Friendly $onPhoto, private Friendly $onPaper, private ?Size $turned = null, private bool $square = false)
    {
        $this->paperWide = $onPaper->units($usable->width);
        $this->paperHigh = $onPaper->units($usable->height);
    }

    /**
     * The Pareto front, the best first.
     *
     * @return non-empty-list<Proposal>
     *
     * @throws NoPlan
     */
    public function plans(Wish $wish): array
    {
        $front = Ranking::of(array_map(fn (Candidate $candidate): Proposal => $this->proposal($candidate, $wish), ParetoFront::of($this->bothWays($wish))), $wish);
        if ($front === []) {
            throw NoPlan::with($wish, array_values(array_filter($wish->demands(), fn (Demand $demand): bool => $this->bothWays($wish->without($demand)) !== [])));
        }

        return $front;
    }

    /** @return list<Candidate> of the sheet as it lies, and the other way round where that is open */
    private function bothWays(Wish $wish): array
    {
        $other = $this->turned === null ? null : new self($this->reference, $this->turned, $this->onPhoto, $this->onPaper, square: $this->square);

        return [...$this->candidates($wish), ...array_map(static fn (Candidate $candidate): Candidate => $candidate->turned(), $other?->candidates($wish) ?? [])];
    }

    /** @return list<Candidate> */
    private function candidates(Wish $wish): array
    {
        return $this->reference->print === null ? $this->fromScreen($wish) : $this->fromPrint($this->reference->print, $wish);
    }

    /** @return list<Candidate> */
    private function fromPrint(Size $print, Wish $wish): array
    {
        [$wide, $high] = [$this->onPhoto->units($print->width), $this->onPhoto->units($print->height)];
        $whole = $print->width->over($this->onPhoto->unit)->toFloat() * $print->height->over($this->onPhoto->unit)->toFloat();
        $least = $this->leastKept($wish) * $whole;
        $paperCells = $this->paperCells();
        $found = [];
        for ($photoCell = 1, $most = min($wide, $high); $photoCell <= $most; $photoCell++) {
            $grade = $this->onPhoto->grade($photoCell);
            [$across, $down] = [min(Cells::MOST, intdiv($wide, $photoCell)), min(Cells::MOST, intdiv($high, $photoCell))];
            if ($grade === null || $across * $down < $wish->fewestCells() || $across * $down * $photoCell ** 2 < $least - 1e-6) {
                continue;
            }
            foreach ($paperCells as [$paperCell, $paperGrade, $columns, $rows]) {
                [$n, $m] = [min($columns, $across), min($rows, $down)];
                [$n, $m] = $this->square ? [min($n, $m), min($n, $m)] : [$n, $m];
                if ($n * $m * $photoCell ** 2 >= $least - 1e-6 && $this->isWanted($n, $m, $paperCell, $wish)) {
                    $found["{$photoCell} {$paperCell}"] = new Candidate($photoCell, $paperCell, $n, $m, $this->costs(-$n * $m * $photoCell ** 2, $paperCell, $n, $m, $grade + $paperGrade, $wish));
                }
            }
        }

        return array_values($found);
    }

    /** Share of the picture that must be kept; of a square, of what a square can keep. */
    private function leastKept(Wish $wish): float
    {
        return $wish->leastKept() * ($this->square && ! $wish->neverTrim ? self::shared(1, 1, $this->reference->ratio())->toFloat() : 1);
    }

    /** @return list<Candidate> */
    private function fromScreen(Wish $wish): array
    {
        $ratio = $this->reference->ratio();
        $found = [];
        for ($n = 1; $n <= min(Cells::MOST, $this->paperWide); $n++) {
            for ($m = 1; $m <= min(Cells::MOST, $this->paperHigh); $m++) {
                if ($n * $m < $wish->fewestCells() || $n * $m > $wish->mostCells() || ($this->square && $n !== $m)) {
                    continue;
                }
                $kept = self::shared($n, $m, $ratio)->toFloat();
                if ($kept < $this->leastKept($wish) - 1e-9) {
                    continue;
                }
                foreach ($this->longest(min(intdiv($this->paperWide, $n), intdiv($this->paperHigh, $m))) as $paperCell => $grade) {
                    if ($this->isWanted($n, $m, $paperCell, $wish)) {
                        $found[] = new Candidate(null, $paperCell, $n, $m, $this->costs(-$kept, $paperCell, $n, $m, $grade, $wish));
                    }
                }
            }
        }

        return $found;
    }

    /**
     * The paper cells worth weighing, with their grade and how many of them the paper takes each way.
     *
     * @return list<array{int, int, int, int}>
     */
    private function paperCells(): array
    {
        $cells = [];
        foreach ([$this->paperWide, $this->paperHigh] as $side) {
            for ($count = 1; $count <= min(Cells::MOST, $side); $count++) {
                $cells += $this->longest(intdiv($side, $count));
            }
        }
        $worth = [];
        foreach ($cells as $cell => $grade) {
            [$columns, $rows] = [min(Cells::MOST, intdiv($this->paperWide, $cell)), min(Cells::MOST, intdiv($this->paperHigh, $cell))];
            if ($columns > 0 && $rows > 0) {
                $worth[] = [$cell, $grade, $columns, $rows];
            }
        }

        return $worth;
    }

    /** @return array<int, int> the longest friendly length of each grade within so many units => its best grade */
    private function longest(int $within): array
    {
        $found = [];
        foreach (array_keys($this->onPaper->marks) as $grade) {
            $cell = $this->onPaper->longest($grade, $within);
            if ($cell > 0) {
                $found[$cell] ??= $grade;
            }
        }

        return $found;
    }

    private function isWanted(int $columns, int $rows, int $paperCell, Wish $wish): bool
    {
        $cells = $columns * $rows;

        return $cells >= $wish->fewestCells() && $cells <= $wish->mostCells()
            && ($wish->mostLines === null || $columns + $rows - 2 <= $wish->mostLines)
            && ($wish->leastCell === null || ! $wish->leastCell->isLongerThan($this->onPaper->length($paperCell)))
            && (! $wish->wholeSheet || $this->leftover($columns, $rows, $paperCell)->isNothing());
    }

    /** @return list<int|float> */
    private function costs(int|float $lost, int $paperCell, int $columns, int $rows, int $grades, Wish $wish): array
    {
        return [$lost, -$columns * $rows * $paperCell ** 2, $grades, $columns + $rows - 2, $wish->cellsOff($columns * $rows)];
    }

    private function proposal(Candidate $candidate, Wish $wish): Proposal
    {
        [$n, $m] = [$candidate->columns, $candidate->rows];
        $print = $this->reference->print;
        $usable = $candidate->isTurned && $this->turned !== null ? $this->turned : $this->usable;
        $photoCell = $candidate->photoCell === null ? null : $this->onPhoto->length($candidate->photoCell);
        $paperCell = $this->onPaper->length($candidate->paperCell);

        return new Proposal(
            $photoCell, $paperCell, $n, $m,
            $photoCell === null || $print === null
                ? self::shared($n, $m, $this->reference->ratio())
                : (new Size($photoCell->times($n), $photoCell->times($m)))->shareOf($print),
            (new Size($paperCell->times($n), $paperCell->times($m)))->shareOf($usable),
            (int) $candidate->costs[2],
            $wish->cellsOff($n * $m),
            $usable->minus(new Size($paperCell->times($n), $paperCell->times($m))),
            self::shared($n, $m, $this->reference->ratio()),
            self::shared($n, $m, $usable->width->over($usable->height)),
            $candidate->isTurned,
        );
    }

    private function leftover(int $columns, int $rows, int $paperCell): Size
    {
        $cell = $this->onPaper->length($paperCell);

        return $this->usable->minus(new Size($cell->times($columns), $cell->times($rows)));
    }

    /** What the largest n:m part of a picture or a sheet takes of it: the smaller of the two shapes over the larger. */
    private static function shared(int $columns, int $rows, Rational $ratio): Rational
    {
        $shape = Rational::nd($columns, $rows)->dividedBy($ratio);

        return Rational::smaller($shape, $shape->reciprocal());
    }
}
