<?php

declare(strict_types=1);

namespace InchLadder\Fit\Ways;

use InchLadder\Fit\Crop;
use InchLadder\Fit\Fit;
use InchLadder\Fit\Fitted;
use InchLadder\Fit\Frame;
use InchLadder\Fit\Way;
use InchLadder\Grid\Cells;
use InchLadder\Grid\CellTooLarge;
use InchLadder\Measure\Graduation;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Photo\Reference;

/** Trim the picture and the paper both to whole squares, and let the remainder go. */
final readonly class WholeCells implements Fit
{
    /**
     * @param  Length  $cell  side of a square on the paper
     * @param  int|null  $columns  at most so many; null takes all that fit
     * @param  Length|null  $printCell  side of a square on the print; null makes them as large as the print takes
     */
    public function __construct(
        public Length $cell,
        private Frame $frame,
        public ?int $columns = null,
        public ?int $rows = null,
        public ?Length $printCell = null,
    ) {
    }

    /**
     * The largest square of which so many fit, on the ruler where one of its divisions can say it.
     *
     * @param  int|null  $rows  null asks for the columns alone
     */
    public static function largest(Size $usable, int $columns, ?int $rows, ?Graduation $ruler = null): Length
    {
        $across = $usable->width->dividedBy($columns);
        $down = $rows === null ? $across : $usable->height->dividedBy($rows);
        $side = $down->isLongerThan($across) ? $across : $down;
        if ($ruler === null) {
            return $side;
        }
        $onRuler = $ruler->step->times($side->over($ruler->step)->floor());

        return $onRuler->isPositive() ? $onRuler : $side;
    }

    /**
     * So many squares along a side, as long as the paper takes them. Where one count is not said, it is the one that keeps
     * most of the picture.
     *
     * @param  int|null  $columns  1 to Cells::MOST; one of the two at least is said
     */
    public static function counted(Reference $reference, Size $usable, ?int $columns, ?int $rows, Graduation $ruler): self
    {
        $ratio = $reference->ratio()->toFloat();
        $columns ??= self::count(($rows ?? 1) * $ratio);
        $rows ??= self::count($columns / $ratio);

        return new self(self::largest($usable, $columns, $rows, $ruler), Frame::centred(), $columns, $rows);
    }

    /**
     * Squares of one length, as many as the paper and the print take, in the counts that keep most of the picture; one at
     * least, which onto() refuses where it does not fit.
     *
     * @param  Length|null  $printCell  side of a square on the print; null makes them as large as the print takes
     */
    public static function sided(Reference $reference, Size $usable, Length $cell, ?Length $printCell): self
    {
        $within = static fn (Length $side, ?Length $cell): int => $cell === null || ! $cell->isPositive() ? Cells::MOST : $side->over($cell)->floor();
        $print = $reference->print ?? $usable;
        $across = min($within($usable->width, $cell), $within($print->width, $printCell));
        $down = min($within($usable->height, $cell), $within($print->height, $printCell));
        $ratio = $reference->ratio()->toFloat();
        $rows = min($down, self::count($across / $ratio));

        return new self($cell, Frame::centred(), max(1, min($across, self::count($rows * $ratio))), max(1, $rows), $printCell);
    }

    private static function count(float $count): int
    {
        return max(1, min(Cells::MOST, (int) round($count)));
    }

    /** @throws CellTooLarge when not one square fits, or not as many as wanted */
    public function onto(Reference $reference, Size $usable): Fitted
    {
        $columns = $this->fitting($usable->width, $this->columns);
        $rows = $this->fitting($usable->height, $this->rows);
        $cells = Cells::of($columns, $rows);

        return new Fitted(
            $this->crop($reference, $columns, $rows),
            new Size($this->cell->times($columns), $this->cell->times($rows)),
            $cells,
        );
    }

    private function crop(Reference $reference, int $columns, int $rows): Crop
    {
        if ($this->printCell === null || $reference->print === null) {
            return Crop::shaped(Rational::nd($columns, $rows), $reference->ratio(), $this->frame);
        }
        if (! $this->printCell->isPositive()) {
            throw CellTooLarge::nothing();
        }
        $side = static fn (int $count, Length $cell, Length $whole): Rational => $cell->times($count)->isLongerThan($whole)
            ? throw CellTooLarge::forPrint($count, $whole->over($cell)->floor())
            : $cell->times($count)->over($whole);

        return Crop::at($this->frame->left, $this->frame->top, $side($columns, $this->printCell, $reference->print->width), $side($rows, $this->printCell, $reference->print->height));
    }

    private function fitting(Length $side, ?int $wanted): int
    {
        $fit = $this->cell->isPositive() ? $side->over($this->cell)->floor() : 0;
        if ($fit < 1) {
            throw $this->cell->isPositive() ? CellTooLarge::forArea($this->cell, $side) : CellTooLarge::nothing();
        }
        if ($wanted !== null && $wanted > $fit) {
            throw CellTooLarge::forCount($wanted, $fit);
        }

        return $wanted ?? $fit;
    }

    public function way(): Way
    {
        return Way::Cells;
    }
}
