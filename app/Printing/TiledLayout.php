<?php

declare(strict_types=1);

namespace App\Printing;

use App\Wording\Say;
use InchLadder\Printing\Printer;
use InchLadder\Printing\Tile;
use InchLadder\Printing\Tiling;

/** Lays a board on one page, or over as many as it takes, with the marks to join them by. */
final readonly class TiledLayout
{
    /** Shared by neighbouring pages, in mm: 3/8 in where lengths are in inches. */
    private const OVERLAP = 10.0;

    private const OVERLAP_INCHES = 9.525;

    private const MOST_PAGES = 1200;

    /** Words under a board that one page holds, where there is room for them; in mm. */
    private const NOTE = 2.8;

    /** What the foot leaves free above its words, in mm. */
    private const ABOVE_FOOT = 6.5;

    /** Half a register cross, in mm. */
    private const CROSS = 4.0;

    /**
     * @param  string  $says  what the sheet is, at its foot
     * @param  list<string>  $notes  read before the sheet is used; the most needed first
     */
    public function __construct(private Artwork $board, private string $title, private string $says, private bool $metric, private array $notes = [])
    {
    }

    /**
     * @param  Printer|null  $printer  null makes one page for the board
     *
     * @throws SheetImpossible
     */
    public function on(?Printer $printer): Pages
    {
        $board = $this->board;
        if ($printer === null) {
            $wide = max($board->width, 118);
            $said = array_sum(array_map(static fn (string $note): float => PageBuilder::noteHeight($note, $wide - 1, self::NOTE), $this->notes));
            $leaf = PageBuilder::madeFor($wide, $board->height + PageBuilder::FOOT + $said);

            return Pages::one($this->alone($leaf, Say::it('printing.own page')));
        }
        foreach ([$printer, $printer->turned()] as $laid) {
            $leaf = PageBuilder::on($laid);
            if ($board->width <= $leaf->body()->width + 1e-6 && $board->height <= $leaf->body()->height + 1e-6) {
                return Pages::one($this->alone($leaf, ''));
            }
        }

        return $this->tiled($printer);
    }

    /** @return array{Tiling, Printer} as few pages as hold the board, and which way round they lie */
    private function tiling(Printer $printer): array
    {
        $overlap = $this->metric ? self::OVERLAP : self::OVERLAP_INCHES;
        $ways = array_map(function (Printer $laid) use ($overlap): array {
            $room = PageBuilder::on($laid)->body();
            if (min($room->width, $room->height) <= 3 * $overlap) {
                throw SheetImpossible::pageTooSmall();
            }

            return [Tiling::over($this->board->width, $this->board->height, $room->width, $room->height, $overlap), $laid];
        }, [$printer, $printer->turned()]);

        return $ways[1][0]->count() < $ways[0][0]->count() ? $ways[1] : $ways[0];
    }

    private function alone(PageBuilder $leaf, string $more): Page
    {
        $board = $this->board;
        $body = $leaf->body();
        $left = $body->x + ($body->width - $board->width) / 2;
        $leaf->add(...array_map(static fn (Element $mark): Element => $mark->movedBy($left, $body->y), $board->all()));
        $y = $body->y + $board->height + 1.5 * self::NOTE;
        foreach ($this->notes as $note) {
            $end = $y + PageBuilder::noteHeight($note, $body->width - 1, self::NOTE);
            $y = $end <= $body->bottom() + self::ABOVE_FOOT ? $leaf->note($body->x + 0.5, $y, $body->width - 1, $note, self::NOTE) : $y;
        }
        $leaf->foot($this->says.$more, $this->metric);

        return $leaf->page($this->title);
    }

    private function tiled(Printer $printer): Pages
    {
        [$tiling, $laid] = $this->tiling($printer);
        if ($tiling->count() > self::MOST_PAGES) {
            throw SheetImpossible::tooManyPages($tiling->count(), self::MOST_PAGES);
        }
        $tiles = $tiling->tiles();

        return new Pages($this->title, 1 + count($tiles), fn (int $i): Page => $i === 0 ? $this->map($tiling, $printer) : $this->tile($tiling, $tiles[max(0, $i - 1)], $laid));
    }

    private function tile(Tiling $tiling, Tile $tile, Printer $laid): Page
    {
        $leaf = PageBuilder::on($laid);
        $body = $leaf->body();
        $left = $body->x + ($body->width - $tile->width) / 2;
        $window = new Rectangle($tile->left, $tile->top, $tile->width, $tile->height);
        $on = static fn (Element $mark): Element => $mark->movedBy($left, $body->y);
        $leaf->add(...array_map($on, $this->board->within($window)));
        $leaf->frame(new Rectangle($left, $body->y, $tile->width, $tile->height), 0.1);
        foreach ($this->joins($tiling, $tile) as $mark) {
            $mark = $mark->within($window);
            if ($mark !== null) {
                $leaf->add($on($mark->movedBy(-$window->x, -$window->y)));
            }
        }
        $leaf->say($body->right() - 1, $leaf->room->bottom() - 6, $tile->name(), 9, Anchor::End, true);
        $leaf->foot(Say::it('printing.tile', ['column' => $tile->column + 1, 'columns' => $tiling->columns, 'row' => $tile->row + 1, 'rows' => $tiling->rows, 'says' => $this->says]), $this->metric);

        return $leaf->page($this->title);
    }

    /**
     * The edge of each neighbour as a cut line, and crosses that both pages have, in the middle of the strip they share.
     *
     * @return list<Line>
     */
    private function joins(Tiling $tiling, Tile $tile): array
    {
        $lines = [];
        $half = $tiling->overlap / 2;
        $cross = static function (float $x, float $y) use (&$lines): void {
            foreach ([[0.9, '#ffffff'], [0.25, '#b3321f']] as [$width, $colour]) {
                $lines[] = new Line($x - self::CROSS, $y, $x + self::CROSS, $y, $width, $colour);
                $lines[] = new Line($x, $y - self::CROSS, $x, $y + self::CROSS, $width, $colour);
            }
        };
        foreach ($tiling->seamsAcross() as $seam) {
            $lines[] = new Line($seam - $half, $tile->top, $seam - $half, $tile->top + $tile->height, 0.15, '#b3321f', Dash::Cut);
            foreach ([0.25, 0.75] as $share) {
                $cross($seam, $tile->top + $share * $tile->height);
            }
        }
        foreach ($tiling->seamsDown() as $seam) {
            $lines[] = new Line($tile->left, $seam - $half, $tile->left + $tile->width, $seam - $half, 0.15, '#b3321f', Dash::Cut);
            foreach ([0.25, 0.75] as $share) {
                $cross($tile->left + $share * $tile->width, $seam);
            }
        }

        return $lines;
    }

    /** The first page: which page lies where, and how they are joined. */
    private function map(Tiling $tiling, Printer $printer): Page
    {
        $leaf = PageBuilder::on($printer);
        $body = $leaf->body();
        $leaf->say($body->x, $body->y + 5, Say::it('printing.map.title'), 5, strong: true);
        $y = $body->y + 11;
        foreach ([
            Say::it('printing.map.pages', ['count' => $tiling->count(), 'columns' => $tiling->columns, 'rows' => $tiling->rows, 'overlap' => $this->metric ? '1 cm' : '3/8 in']),
            Say::it('printing.map.join'),
            ...$this->notes,
        ] as $note) {
            $y = $leaf->note($body->x, $y, $body->width, $note) + 1.2;
        }
        $y = $leaf->caution($body->x, $y, $body->width);
        $scale = min($body->width / $tiling->width, ($body->bottom() - $y) / $tiling->height);
        $map = new Rectangle($body->x, $y, $tiling->width * $scale, $tiling->height * $scale);
        $leaf->add($this->board->map($map));
        $leaf->frame($map, 0.3);
        $size = max(1.2, min(4.5, 0.3 * min($tiling->tileWidth, $tiling->tileHeight) * $scale));
        foreach ($tiling->tiles() as $tile) {
            $leaf->frame(new Rectangle($map->x + $tile->left * $scale, $map->y + $tile->top * $scale, $tile->width * $scale, $tile->height * $scale), 0.12);
            [$x, $baseline] = [$map->x + ($tile->left + $tile->width / 2) * $scale, $map->y + ($tile->top + $tile->height / 2) * $scale + 0.35 * $size];
            $leaf->add(new Fill(new Rectangle($x - 0.6 * Type::width($tile->name(), $size), $baseline - 0.85 * $size, 1.2 * Type::width($tile->name(), $size), 1.1 * $size), '#ffffff'));
            $leaf->say($x, $baseline, $tile->name(), $size, Anchor::Middle);
        }
        $leaf->foot($this->says, $this->metric);

        return $leaf->page($this->title);
    }
}
