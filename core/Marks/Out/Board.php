<?php

declare(strict_types=1);

namespace InchLadder\Marks\Out;

use InchLadder\Layout\Affine;
use InchLadder\Layout\Layout;
use InchLadder\Measure\Graduation;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;

/** What is marked out, edges and all: the print, its border with it, or the sheet of paper; and where the grid lies on it. */
final readonly class Board
{
    /** @var list<Line> from the grid's left, as it is seen */
    public array $upright;

    /** @var list<Line> from the grid's top */
    public array $level;

    /** @var list<FinerLine> the lines of cells that are cut finer, a cell after another, upright ones first */
    public array $finer;

    /** Where the grid begins and ends on the board: the box about it. */
    public Length $left;

    public Length $top;

    public Size $inner;

    private function __construct(
        public string $name,
        public Size $size,
        /** From shares of what is gridded, the crop or the drawing area, to shares of the board. */
        public Affine $map,
        Layout $layout,
        public Graduation $ruler,
        /** Whether the picture is seen mirrored, and this board is not. */
        public bool $mirrored,
        /** How far the picture was turned to be straight, clockwise in degrees; its lines lean on this board by as much the other way. */
        public float $straightened,
        /** Whether the picture ends before the board does. */
        public bool $bordered,
    ) {
        [$columns, $rows] = [$layout->grid->columns, $layout->grid->rows];
        // A grid over a part is ruled from its own first line to its last.
        [$left, $right, $top, $bottom] = [$columns[0], $columns[count($columns) - 1], $rows[0], $rows[count($rows) - 1]];
        $this->upright = array_map(static fn (Rational $share): Line => Line::on($size, $map, $share, true, $top, $bottom), $columns);
        $this->level = array_map(static fn (Rational $share): Line => Line::on($size, $map, $share, false, $left, $right), $rows);
        $this->finer = self::finer($layout, $size, $map);
        $corners = array_map(static fn (array $corner): array => $map->apply(...$corner), [[$left, $top], [$right, $top], [$right, $bottom], [$left, $bottom]]);
        $least = static fn (int $axis): Rational => array_reduce(array_column($corners, $axis), Rational::smaller(...), $corners[0][$axis]);
        $most = static fn (int $axis): Rational => array_reduce(array_column($corners, $axis), Rational::larger(...), $corners[0][$axis]);
        $this->left = $size->width->times($least(0));
        $this->top = $size->height->times($least(1));
        $this->inner = new Size($size->width->times($most(0)->minus($least(0))), $size->height->times($most(1)->minus($least(1))));
    }

    public static function paper(Layout $layout): self
    {
        $share = static fn (Length $part, Length $whole): Rational => $part->over($whole);
        $sheet = $layout->sheet;
        $area = $layout->fitted->area;
        $map = Affine::box($share($layout->left, $sheet->width), $share($layout->top, $sheet->height), $share($area->width, $sheet->width), $share($area->height, $sheet->height));

        return new self('paper', $sheet, $map, $layout, $layout->notation->ruler, false, 0.0, false);
    }

    /** The print as it lies on the table: upright, unmirrored, border and all; null on a screen, where there is nothing to mark. */
    public static function photo(Layout $layout): ?self
    {
        $print = $layout->whole->print;
        $framing = $layout->framing;
        if ($print === null) {
            return null;
        }

        return new self('photo', $print, $layout->map()->cropToPrint(), $layout, $layout->printRuler, $framing->turning->mirrored, $framing->turning->degrees, ! $framing->border->isNone());
    }

    /** @return list<FinerLine> */
    private static function finer(Layout $layout, Size $size, Affine $map): array
    {
        $lines = [];
        foreach ($layout->divisions as $division) {
            if ($division->isIn($layout->grid)) {
                ['left' => $left, 'right' => $right, 'top' => $top, 'bottom' => $bottom] = $division->reach($layout->grid);
                foreach ([[$division->across($layout->grid), true, $top, $bottom], [$division->down($layout->grid), false, $left, $right]] as [$shares, $upright, $from, $to]) {
                    foreach ($shares as $i => $share) {
                        $lines[] = new FinerLine($division, $i + 1, Line::on($size, $map, $share, $upright, $from, $to));
                    }
                }
            }
        }

        return $lines;
    }

    /** Whether its lines are not parallel to its edges. */
    public function leans(): bool
    {
        return $this->upright[0]->leans() || $this->level[0]->leans();
    }
}
