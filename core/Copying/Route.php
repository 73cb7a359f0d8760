<?php

declare(strict_types=1);

namespace InchLadder\Copying;

use InchLadder\Grid\Cells;
use InchLadder\Layout\Hand;

/** The order in which a grid's cells are copied. */
final readonly class Route
{
    private function __construct(
        /** @var list<int> every cell once: row × columns + column */
        public array $order,
        private bool $goesOn,
    ) {
    }

    /**
     * @param  Place|null  $focal  the cell of the first key point; without one, the middle
     * @param  list<float>  $content  how much there is in each cell, for the starts that ask for it
     * @param  list<int>  $known  cells that are done
     */
    public static function of(Start $start, Cells $cells, Hand $hand, ?Place $focal = null, array $content = [], array $known = []): self
    {
        $rows = self::rows($cells, $hand);
        $middle = new Place(intdiv($cells->columns - 1, 2), intdiv($cells->rows - 1, 2));

        return new self(match ($start) {
            Start::Corner => $rows,
            Start::Middle => self::by($rows, static fn (int $cell): int => $middle->stepsTo(Place::at($cell, $cells))),
            Start::Outside => self::by($rows, static fn (int $cell): int => self::depth(Place::at($cell, $cells), $cells)),
            Start::Focal => self::by($rows, static fn (int $cell): int => ($focal ?? $middle)->stepsTo(Place::at($cell, $cells))),
            Start::Easiest => self::by($rows, static fn (int $cell): float => $content[$cell] ?? 0.0),
            Start::Hardest => self::by($rows, static fn (int $cell): float => -($content[$cell] ?? 0.0)),
            Start::Joined => self::joined($rows, $cells, $known),
        }, $start->goesOn());
    }

    /**
     * The next cell that is still to do after one.
     *
     * @param  int|null  $cell  the one in hand; null before the first
     * @param  list<int>  $settled  cells that need no copying any more
     * @return int|null null when none is left
     */
    public function after(?int $cell, array $settled): ?int
    {
        $from = $cell === null || ! $this->goesOn ? -1 : (int) array_search($cell, $this->order, true);
        $ahead = [...array_slice($this->order, $from + 1), ...array_slice($this->order, 0, max(0, $from))];
        $settled = array_flip($settled);
        foreach ($ahead as $next) {
            if (! isset($settled[$next])) {
                return $next;
            }
        }

        return null;
    }

    /** @return list<int> row by row, each away from the hand that draws */
    private static function rows(Cells $cells, Hand $hand): array
    {
        $columns = range(0, $cells->columns - 1);
        $columns = $hand === Hand::Left ? array_reverse($columns) : $columns;

        return array_merge(...array_map(static fn (int $row): array => array_map(static fn (int $column): int => $row * $cells->columns + $column, $columns), range(0, $cells->rows - 1)));
    }

    /**
     * @param  list<int>  $rows
     * @param  \Closure(int): (int|float)  $key
     * @return list<int> the smallest first; equals stay in their order
     */
    private static function by(array $rows, \Closure $key): array
    {
        usort($rows, static fn (int $a, int $b): int => $key($a) <=> $key($b));

        return $rows;
    }

    private static function depth(Place $place, Cells $cells): int
    {
        return min($place->column, $place->row, $cells->columns - 1 - $place->column, $cells->rows - 1 - $place->row);
    }

    /**
     * Each time the cell that most known cells share a side with.
     *
     * @param  list<int>  $rows
     * @param  list<int>  $known
     * @return list<int> those known first
     */
    private static function joined(array $rows, Cells $cells, array $known): array
    {
        $sides = array_fill_keys($rows, 0);
        $order = [];
        $settle = static function (int $cell) use (&$sides, &$order, $cells): void {
            unset($sides[$cell]);
            $order[] = $cell;
            foreach (Place::at($cell, $cells)->neighbours($cells) as $beside) {
                if (isset($sides[$beside->index($cells)])) {
                    $sides[$beside->index($cells)]++;
                }
            }
        };
        foreach (array_intersect($rows, $known) as $cell) {
            $settle($cell);
        }
        while ($sides !== []) {
            $settle((int) array_search(max($sides), $sides, true));
        }

        return $order;
    }
}
