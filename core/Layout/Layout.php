<?php

declare(strict_types=1);

namespace InchLadder\Layout;

use InchLadder\Fit\Fitted;
use InchLadder\Fit\Scale;
use InchLadder\Grid\Addresses;
use InchLadder\Grid\Division;
use InchLadder\Grid\Grid;
use InchLadder\Measure\Graduation;
use InchLadder\Measure\Length;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Paper\Margins;
use InchLadder\Paper\Outline;
use InchLadder\Paper\Shape;
use InchLadder\Photo\Framing;
use InchLadder\Photo\Reference;

/**
 * The geometry of one drawing: picture, crop, sheet, drawing area, scale and grid, and what was placed on them.
 * The rooms that mark out, copy, check and finish stand on it; it knows nothing of them.
 */
final readonly class Layout
{
    /** The crop on the print; null on a screen. */
    public ?Size $print;

    /** Usable paper that is not drawn on. */
    public Size $leftover;

    public Scale $scale;

    /**
     * @param  list<KeyPoint>  $keyPoints
     * @param  list<Region>  $regions
     * @param  list<Division>  $divisions
     * @param  list<Span>  $spans
     */
    public function __construct(
        public Notation $notation,
        /** The ruler laid to the print. */
        public Graduation $printRuler,
        /** The photo after its quarter turns, border and all. */
        public Reference $whole,
        public Framing $framing,
        /** The picture that is drawn from: turned, straightened, without its border. */
        public Reference $reference,
        /** The sheet, the way round it lies. */
        public Size $sheet,
        public Margins $margins,
        /** The sheet inside its margins. */
        public Size $usable,
        public Shape $shape,
        public Fitted $fitted,
        /** From the sheet's left edge to the drawing area. */
        public Length $left,
        /** From the sheet's top edge to the drawing area. */
        public Length $top,
        public Grid $grid,
        public Addresses $addresses,
        public array $keyPoints,
        public array $regions,
        public array $divisions,
        public array $spans,
    ) {
        $this->print = self::onPrint($reference, $fitted);
        $this->leftover = $usable->minus($fitted->area);
        $this->scale = Scale::of($fitted, $reference);
    }

    /** What is cropped, as large as it is on the print; null on a screen. */
    public static function onPrint(Reference $reference, Fitted $fitted): ?Size
    {
        $width = $reference->across($fitted->crop->width);
        $height = $reference->down($fitted->crop->height);

        return $width === null || $height === null ? null : new Size($width, $height);
    }

    /** Where anything on the picture lies on the print, in the crop, and in the file. */
    public function map(): PictureMap
    {
        return PictureMap::of($this->framing, $this->fitted->crop, $this->whole->pixelsWide, $this->whole->pixelsHigh);
    }

    /** A name for the cells as they lie on the picture, 8 hexadecimal digits: another crop, turn or grid has another. */
    public function cellsName(): string
    {
        $floats = static fn (array $shares): array => array_map(static fn (Rational $share): float => $share->toFloat(), $shares);
        $written = static fn (array $numbers): string => vsprintf(str_repeat(' %.6F', count($numbers)), $numbers);

        return substr(sha1($written($this->map()->cropToFile()->floats()).' /'.$written($floats($this->grid->columns)).' /'.$written($floats($this->grid->rows))), 0, 8);
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
        [$area, $margins] = [$this->fitted->area, $this->margins];
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
        return Reading::of($this->print?->width->times($share), $this->fitted->area->width->times($share), $this->left, $this->printRuler, $this->notation->ruler);
    }

    /**
     * As readAcross, down.
     *
     * @param  Rational  $share  of the crop's height
     */
    public function readDown(Rational $share): Reading
    {
        return Reading::of($this->print?->height->times($share), $this->fitted->area->height->times($share), $this->top, $this->printRuler, $this->notation->ruler);
    }

    /** @return list<Placed> the key points, as they lie in the crop */
    public function points(): array
    {
        return array_map(fn (KeyPoint $point): Placed => Placed::in($this->fitted->crop, $point), $this->keyPoints);
    }

    /** @return list<int> cells that need not be copied: row × columns + column, in order */
    public function spared(): array
    {
        $cells = [];
        foreach ($this->regions as $region) {
            if ($region->use->spares()) {
                $cells = [...$cells, ...$region->cells($this->fitted->crop, $this->grid)];
            }
        }
        $cells = [...$cells, ...$this->outside()];
        sort($cells);

        return array_values(array_unique($cells));
    }

    /** What the drawing is clipped to; null where that is its box. */
    public function outline(): ?Outline
    {
        return Outline::of($this->shape, $this->fitted->area);
    }

    /** Whether a point is drawn: it lies in the crop, and in the oval or circle. */
    public function shows(Placed $placed): bool
    {
        return $placed->isInside() && ($this->outline()?->holds($placed->x, $placed->y) ?? true);
    }

    /** @return list<int> cells that lie wholly outside an oval or a circle */
    public function outside(): array
    {
        $cells = [];
        [$columns, $rows, $outline] = [$this->grid->columns, $this->grid->rows, $this->outline()];
        for ($row = 0; $outline !== null && $row < $this->grid->down->parts(); $row++) {
            for ($column = 0; $column < $this->grid->across->parts(); $column++) {
                if ($outline->misses($columns[$column], $rows[$row], $columns[$column + 1], $rows[$row + 1])) {
                    $cells[] = $row * $this->grid->across->parts() + $column;
                }
            }
        }

        return $cells;
    }

    private function cellOf(Size $board): Size
    {
        $grid = $this->grid;

        return new Size($board->width->times($grid->across->span($grid->across->firstWhole())), $board->height->times($grid->down->span($grid->down->firstWhole())));
    }
}
