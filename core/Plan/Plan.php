<?php

declare(strict_types=1);

namespace InchLadder\Plan;

use InchLadder\Fit\Fitted;
use InchLadder\Fit\Scale;
use InchLadder\Grid\Addresses;
use InchLadder\Grid\Grid;
use InchLadder\Layout\KeyPoint;
use InchLadder\Layout\PictureMap;
use InchLadder\Layout\Placed;
use InchLadder\Layout\Reading;
use InchLadder\Marks\MarkLadder;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Paper\OrientationAdvice;
use InchLadder\Paper\SheetSize;
use InchLadder\Photo\Reference;

/** Everything that follows from the choices. */
final readonly class Plan
{
    private function __construct(
        public Choices $choices,
        /** The picture that is drawn from: turned, straightened, without its border. */
        public Reference $reference,
        public OrientationAdvice $advice,
        /** The sheet, the way round it lies. */
        public Size $sheet,
        /** The sheet inside its margins. */
        public Size $usable,
        public Fitted $fitted,
        /** The crop on the print; null on a screen. */
        public ?Size $print,
        /** Usable paper that is not drawn on. */
        public Size $leftover,
        /** From the sheet's left edge to the drawing area. */
        public Length $left,
        /** From the sheet's top edge to the drawing area. */
        public Length $top,
        public Scale $scale,
        public Grid $grid,
        public Addresses $addresses,
        public MarkLadder $across,
        public MarkLadder $down,
        /** A point held at a place of the sheet, and what it takes; null when there is none. */
        public ?Pinned $pinned,
    ) {
    }

    /**
     * The one call from choices to results; the same answer on every page, sheet and command line.
     *
     * @throws \InchLadder\Impossible
     */
    public static function of(Choices $choices): self
    {
        $reference = $choices->reference();
        $advice = OrientationAdvice::for($reference->ratio(), SheetSize::check($choices->sheet));
        $sheet = $choices->turn->apply($choices->sheet, $advice);
        $usable = $choices->margins->inside($sheet);

        $fitted = $choices->fit->onto($reference, $choices->shape->inside($usable));
        $grid = $fitted->cells === null ? self::grid($choices, $reference, $fitted) : Grid::even($fitted->cells);
        $fitted = $fitted->middle($grid->across->covered, $grid->down->covered);
        [$left, $top] = $choices->placement->of($fitted->area, $sheet, $choices->margins);
        $point = $choices->pinned();
        $pinned = $point === null ? null : Pinned::at($point, $fitted, $left, $top, $sheet);
        if ($pinned !== null) {
            [$fitted, $left, $top] = [$pinned->fitted, $pinned->left, $pinned->top];
        }
        $print = self::onPrint($reference, $fitted);
        $grid = $choices->axes === null ? $grid : $choices->axes->laidOver($grid, $fitted->area);
        $rulers = [$choices->rulerOnPrint(), $choices->notation->ruler];

        return new self(
            $choices, $reference, $advice, $sheet, $usable, $fitted, $print,
            $usable->minus($fitted->area),
            $left, $top,
            Scale::of($fitted, $reference),
            $grid,
            new Addresses($choices->labels, $choices->corner, $grid->cells()),
            MarkLadder::along($grid->across, $print?->width, $fitted->area->width, $left, ...$rulers),
            MarkLadder::along($grid->down, $print?->height, $fitted->area->height, $top, ...$rulers),
            $pinned,
        );
    }

    /** Where anything on the picture lies on the print, in the crop, and in the file. */
    public function map(): PictureMap
    {
        return PictureMap::of($this->choices->framing, $this->fitted->crop, $this->choices->whole->pixelsWide, $this->choices->whole->pixelsHigh);
    }

    /** The first whole cell, on the paper. */
    public function cell(): Size
    {
        return $this->cellOf($this->fitted->area);
    }

    /** The first whole cell, on the print; null on a screen. */
    public function printCell(): ?Size
    {
        return $this->print === null ? null : $this->cellOf($this->print);
    }

    /** From the drawing area to the sheet's right edge. */
    public function right(): Length
    {
        return $this->sheet->width->minus($this->left)->minus($this->fitted->area->width);
    }

    /** From the drawing area to the sheet's bottom edge. */
    public function bottom(): Length
    {
        return $this->sheet->height->minus($this->top)->minus($this->fitted->area->height);
    }

    /** How far the drawing area's diagonal can be carried on over the usable paper, in diagonals; at least 1. */
    public function reach(): Rational
    {
        [$area, $margins] = [$this->fitted->area, $this->choices->margins];
        $across = $margins->left->plus($this->usable->width)->minus($this->left)->over($area->width);
        $down = $margins->top->plus($this->usable->height)->minus($this->top)->over($area->height);

        return Rational::larger(Rational::one(), Rational::smaller($across, $down));
    }

    /**
     * Where a point of the crop is, across, on each of the three rulers.
     *
     * @param  Rational  $share  of the crop's width
     */
    public function readAcross(Rational $share): Reading
    {
        return Reading::of($this->print?->width->times($share), $this->fitted->area->width->times($share), $this->left, $this->choices->rulerOnPrint(), $this->choices->notation->ruler);
    }

    /**
     * As readAcross, down.
     *
     * @param  Rational  $share  of the crop's height
     */
    public function readDown(Rational $share): Reading
    {
        return Reading::of($this->print?->height->times($share), $this->fitted->area->height->times($share), $this->top, $this->choices->rulerOnPrint(), $this->choices->notation->ruler);
    }

    /** @return list<Placed> the key points, as they lie in the crop */
    public function points(): array
    {
        return array_map(fn (KeyPoint $point): Placed => Placed::in($this->fitted->crop, $point), $this->choices->points);
    }

    /** @return list<int> cells that need not be copied: row × columns + column, in order */
    public function spared(): array
    {
        $cells = [];
        foreach ($this->choices->regions as $region) {
            if ($region->use->spares()) {
                $cells = [...$cells, ...$region->cells($this->fitted->crop, $this->grid)];
            }
        }
        $cells = [...$cells, ...$this->outside()];
        sort($cells);

        return array_values(array_unique($cells));
    }

    /** @return list<int> cells that lie wholly outside an oval or a circle */
    public function outside(): array
    {
        $cells = [];
        [$columns, $rows] = [$this->grid->columns, $this->grid->rows];
        for ($row = 0; $this->choices->shape->isRound() && $row < $this->grid->down->parts(); $row++) {
            for ($column = 0; $column < $this->grid->across->parts(); $column++) {
                if ($this->choices->shape->misses($columns[$column], $rows[$row], $columns[$column + 1], $rows[$row + 1])) {
                    $cells[] = $row * $this->grid->across->parts() + $column;
                }
            }
        }

        return $cells;
    }

    private static function grid(Choices $choices, Reference $reference, Fitted $fitted): Grid
    {
        $part = $choices->part;
        $print = self::onPrint($reference, $fitted);

        return $part === null
            ? $choices->school->over($fitted->area, $print)
            : $choices->school->over($part->sizeOn($fitted->area), $print === null ? null : $part->sizeOn($print))->within($part);
    }

    private static function onPrint(Reference $reference, Fitted $fitted): ?Size
    {
        $width = $reference->across($fitted->crop->width);
        $height = $reference->down($fitted->crop->height);

        return $width === null || $height === null ? null : new Size($width, $height);
    }

    private function cellOf(Size $board): Size
    {
        $grid = $this->grid;

        return new Size($board->width->times($grid->across->span($grid->across->firstWhole())), $board->height->times($grid->down->span($grid->down->firstWhole())));
    }
}
