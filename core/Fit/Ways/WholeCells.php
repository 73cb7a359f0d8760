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
        private ?Length $printCell = null,
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
