<?php

declare(strict_types=1);

namespace InchLadder\Copying;

use InchLadder\Layout\Layout;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Rounded;
use InchLadder\Measure\Size;

/** One cell of the grid: where it lies in the crop, and its empty twin on the paper. */
final readonly class Cell
{
    private function __construct(
        public Place $place,
        /** Shares of the crop. */
        public Rational $left,
        public Rational $top,
        public Rational $width,
        public Rational $height,
        /** On the paper. */
        public Size $paper,
        /** From the sheet's left edge to the cell's. */
        public Rounded $fromLeft,
        /** From the sheet's top edge to the cell's. */
        public Rounded $fromTop,
        /** Into how many parts each side is cut: 4, or what was chosen for this cell. */
        public int $parts,
        private Layout $layout,
    ) {
    }

    /** @param  Place  $place  a cell of the plan's grid */
    public static function of(Layout $layout, Place $place): self
    {
        $grid = $layout->grid;
        [$width, $height] = [$grid->across->span($place->column), $grid->down->span($place->row)];
        $parts = 4;
        foreach ($layout->divisions as $division) {
            if ($division->column === $place->column && $division->row === $place->row) {
                $parts = $division->parts;
            }
        }

        return new self(
            $place, $grid->columns[$place->column], $grid->rows[$place->row], $width, $height,
            new Size($layout->fitted->area->width->times($width), $layout->fitted->area->height->times($height)),
            $layout->readAcross($grid->columns[$place->column])->sheet,
            $layout->readDown($grid->rows[$place->row])->sheet,
            $parts, $layout,
        );
    }

    public function address(): string
    {
        return $this->layout->addresses->of($this->place->column, $this->place->row);
    }

    public function isPartial(): bool
    {
        return $this->layout->grid->across->isPartial($this->place->column) || $this->layout->grid->down->isPartial($this->place->row);
    }

    /**
     * The marks along a side of its own, from its left or top end.
     *
     * @return array<string, Rounded> by share: `1/4`, `1/2`, `3/4`
     */
    public function ticks(Length $side): array
    {
        $ticks = [];
        for ($part = 1; $part < $this->parts; $part++) {
            $share = Rational::nd($part, $this->parts);
            $ticks[(string) $share] = $this->layout->notation->ruler->round($side->times($share));
        }

        return $ticks;
    }

    /** @return list<PointInCell> the key points that lie in it */
    public function points(): array
    {
        $here = [];
        foreach ($this->layout->points() as $point) {
            if ($point->isInside() && $this->layout->grid->cellAt($point->x->toFloat(), $point->y->toFloat()) === [$this->place->column, $this->place->row]) {
                $x = $point->x->minus($this->left)->dividedBy($this->width);
                $y = $point->y->minus($this->top)->dividedBy($this->height);
                $here[] = PointInCell::of($point->point->name, $x, $y, $this->paper, $this->layout->notation->ruler, $point->point->firm);
            }
        }

        return $here;
    }
}
