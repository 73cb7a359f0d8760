<?php

declare(strict_types=1);

namespace InchLadder\Copying;

use InchLadder\Layout\Layout;
use InchLadder\Measure\Rational;
use InchLadder\Pixels\Contour;
use InchLadder\Pixels\Contours;
use InchLadder\Pixels\End;

/**
 * The contours of a picture, cut at the lines of a grid. A crossing is one place on a contour, so that the two cells
 * which share the side have the same. What only grazes a line does not cross it.
 */
final readonly class ContoursInGrid
{
    /**
     * @param  list<float>  $columns  the lines as shares of the crop
     * @param  list<float>  $rows
     * @param  array{float, float, float, float, float, float}  $map  from samples of the picture to the crop
     */
    private function __construct(
        private Contours $contours,
        public array $columns,
        public array $rows,
        private array $map,
        /** Samples along the shorter side of a whole cell. */
        private float $side,
        /** Millimetres along it on the paper. */
        private float $paper,
        /** @var list<Correction> */
        private array $corrections,
    ) {
    }

    /**
     * @param  Contours  $contours  with the lines that are thin to a pencil in such cells (see thin)
     * @param  list<Correction>  $corrections
     * @param  float  $shortest  contours shorter than so many sides of a cell, from end to end, are left out
     */
    public static function of(Contours $contours, Layout $layout, array $corrections = [], float $shortest = 0.0): self
    {
        [$columns, $rows] = self::lines($layout);
        [$map, $side] = self::map($contours, $layout);
        if ($shortest > 0) {
            $contours = $contours->longerThan($shortest * $side);
        }

        $cell = $layout->cell();

        return new self($contours, $columns, $rows, $map, $side, min($cell->width->toFloat(), $cell->height->toFloat()), $corrections);
    }

    /**
     * How far apart the two edges of a line are at most, in samples of the picture, if a pencil is to draw it as one. In
     * steps of a tenth, so that a crop that changes a little changes nothing.
     */
    public static function thin(Contours $contours, Layout $layout): float
    {
        return round(1.1 ** round(log(max(1.0, Figures::THIN * self::map($contours, $layout)[1]), 1.1)), 2);
    }

    /** @return array{list<float>, list<float>} the grid's lines across and down, as shares of the crop */
    private static function lines(Layout $layout): array
    {
        $number = static fn (Rational $share): float => $share->toFloat();

        return [array_map($number, $layout->grid->columns), array_map($number, $layout->grid->rows)];
    }

    /** @return array{float, float, float, float, float, float} from samples of the picture to shares of the crop: a, b, c, d, e, f of (a·x + b·y + c, d·x + e·y + f) */
    public static function toCrop(Contours $contours, Layout $layout): array
    {
        [$a, $b, $c, $d, $e, $f] = $layout->map()->cropToFile()->inverse()->floats();

        return [$a / $contours->across, $b / $contours->down, $c, $d / $contours->across, $e / $contours->down, $f];
    }

    /** @return array{array{float, float, float, float, float, float}, float} from samples of the picture to the crop; and samples along the shorter side of a whole cell */
    private static function map(Contours $contours, Layout $layout): array
    {
        [$columns, $rows] = self::lines($layout);
        $map = self::toCrop($contours, $layout);
        // Back from the crop: how long the sides of a whole cell are on the picture.
        $area = $map[0] * $map[4] - $map[1] * $map[3];
        $across = self::widest($columns) * hypot($map[4] / $area, $map[3] / $area);
        $down = self::widest($rows) * hypot($map[1] / $area, $map[0] / $area);

        return [$map, min($across, $down)];
    }

    /** What runs through one cell, and what a hand said of it. */
    public function cell(Place $place): SeenInCell
    {
        return $this->beside($this->alone($place), $place, $this->alone(...));
    }

    /** @return array<int, SeenInCell> by row × columns + column; only cells there is something in */
    public function all(): array
    {
        $cells = $this->cut($this->contours->all);
        $columns = count($this->columns) - 1;
        $seen = $this->corrections === [] ? array_map(static fn (array $runs): SeenInCell => new SeenInCell($runs), $cells) : [];
        for ($cell = 0; $this->corrections !== [] && $cell < $columns * (count($this->rows) - 1); $cell++) {
            $seen[$cell] = $this->corrected(new Place($cell % $columns, intdiv($cell, $columns)), $cells[$cell] ?? []);
        }
        $besides = [];
        foreach ($seen as $cell => $one) {
            $besides[$cell] = $this->beside($one, new Place($cell % $columns, intdiv($cell, $columns)), fn (Place $place): SeenInCell => $seen[$this->number($place)] ?? new SeenInCell([]));
        }

        return array_filter($besides, static fn (SeenInCell $one): bool => ! $one->isEmpty());
    }

    /** A cell by itself, whatever the cells beyond its sides have. */
    private function alone(Place $place): SeenInCell
    {
        // What runs along a side in the cell beyond is this one's too.
        [$wide, $high] = [2 * Figures::GRAZES * self::widest($this->columns), 2 * Figures::GRAZES * self::widest($this->rows)];
        $near = array_values(array_filter($this->contours->all, fn (Contour $contour): bool => $this->reaches(
            $contour, $this->columns[$place->column] - $wide, $this->rows[$place->row] - $high, $this->columns[$place->column + 1] + $wide, $this->rows[$place->row + 1] + $high,
        )));

        return $this->corrected($place, $this->cut($near)[$this->number($place)] ?? []);
    }

    /** @param  \Closure(Place): SeenInCell  $alone */
    private function beside(SeenInCell $seen, Place $place, \Closure $alone): SeenInCell
    {
        return $seen->left === [] ? $seen : $seen->besides(function (Side $side) use ($place, $alone): ?SeenInCell {
            $beyond = $this->beyond($this->number($place), $side);
            $columns = count($this->columns) - 1;

            return $beyond === null ? null : $alone(new Place($beyond % $columns, intdiv($beyond, $columns)));
        });
    }

    /** @return list<float> how much edge there is in each cell, texture and all: ΔE a sample, row by row */
    public function busy(): array
    {
        [$a, $b, $c, $d, $e, $f] = $this->map;
        [$busy, $block] = [$this->contours->busy, $this->contours->block];
        [$columns, $rows] = [count($this->columns) - 1, count($this->rows) - 1];
        $sums = array_fill(0, $columns * $rows, 0.0);
        $counts = array_fill(0, $columns * $rows, 0);
        // Each block in quarters, so that small cells have their share.
        for ($y = 0; $y < 2 * $busy->high; $y++) {
            for ($x = 0; $x < 2 * $busy->wide; $x++) {
                [$sampleX, $sampleY] = [($x + 0.5) * $block / 2, ($y + 0.5) * $block / 2];
                $column = self::partAt($this->columns, $a * $sampleX + $b * $sampleY + $c);
                $row = self::partAt($this->rows, $d * $sampleX + $e * $sampleY + $f);
                if ($column >= 0 && $row >= 0 && $column < $columns && $row < $rows) {
                    $sums[$row * $columns + $column] += $busy->at(intdiv($x, 2), intdiv($y, 2));
                    $counts[$row * $columns + $column]++;
                }
            }
        }

        return array_map(static fn (float $sum, int $count): float => $count === 0 ? 0.0 : $sum / $count, $sums, $counts);
    }

    /**
     * @param  list<float>|null  $busy  what busy() gives, where it was asked already
     * @return list<int> the cells with nothing in them to draw: no contour, and no texture either
     */
    public function blank(?array $busy = null): array
    {
        $busy ??= $this->busy();
        $seen = $this->all();

        return array_values(array_filter(array_keys($busy), static fn (int $cell): bool => $busy[$cell] < Figures::BLANK && ! isset($seen[$cell])));
    }

    /** @param  list<Run>  $runs */
    private function corrected(Place $place, array $runs): SeenInCell
    {
        [$left, $wide] = [$this->columns[$place->column], $this->columns[$place->column + 1] - $this->columns[$place->column]];
        [$top, $high] = [$this->rows[$place->row], $this->rows[$place->row + 1] - $this->rows[$place->row]];
        [$a, $b, $c, $d, $e, $f] = $this->map;
        $local = fn (array $at): array => [
            ($a * $at[0] * $this->contours->across + $b * $at[1] * $this->contours->down + $c - $left) / $wide,
            ($d * $at[0] * $this->contours->across + $e * $at[1] * $this->contours->down + $f - $top) / $high,
        ];
        $seen = new SeenInCell($runs);
        foreach ($this->corrections as $correction) {
            $was = $correction->was === null ? null : $local($correction->was);
            if ($correction->what === Told::Crossing) {
                $seen = $seen->withCrossing($was, $correction->now === [] ? null : $local($correction->now[0]));

                continue;
            }
            $drawn = count($correction->now) < 2 ? [] : array_values(array_filter($this->runs($this->drawn($correction->now)), fn (array $run): bool => $run[0] === $this->number($place)));
            $seen = $seen->withContour($was, array_column($drawn, 1));
            // Where it ends at a side, the cell beyond has a crossing.
            foreach ($correction->now === [] ? [] : [$correction->now[0], $correction->now[count($correction->now) - 1]] as $end) {
                $seen = $seen->withCrossing(null, $local($end));
            }
        }

        return $seen;
    }

    private function number(Place $place): int
    {
        return $place->row * (count($this->columns) - 1) + $place->column;
    }

    /**
     * A contour drawn by hand, in steps as short as those that are found.
     *
     * @param  list<array{float, float}>  $places  shares of the file
     */
    private function drawn(array $places): Contour
    {
        [$x, $y] = [[], []];
        foreach ($places as $i => $at) {
            [$u, $v] = [$at[0] * $this->contours->across, $at[1] * $this->contours->down];
            $steps = $i === 0 ? 1 : max(1, (int) ceil(hypot($u - end($x), $v - end($y))));
            [$fromX, $fromY] = $i === 0 ? [$u, $v] : [end($x), end($y)];
            for ($step = 1; $step <= $steps; $step++) {
                $x[] = $fromX + $step / $steps * ($u - $fromX);
                $y[] = $fromY + $step / $steps * ($v - $fromY);
            }
        }

        /** @var non-empty-list<float> $x */
        /** @var non-empty-list<float> $y */
        return new Contour($x, $y, [0.0, 0.0, 0.0], 0.0, 0.0, End::Fades, End::Fades, byHand: true);
    }

    /**
     * @param  list<Contour>  $contours
     * @return array<int, list<Run>>
     */
    private function cut(array $contours): array
    {
        $cells = [];
        foreach ($contours as $contour) {
            foreach ($this->runs($contour) as [$cell, $run]) {
                $cells[$cell][] = $run;
                $beyond = $run->along === null ? null : $this->beyond($cell, $run->along);
                if ($beyond !== null) {
                    $cells[$beyond][] = $run->beyond();
                }
            }
        }

        return $cells;
    }

    /** The number of the cell beyond a side; null at the grid's own edge. */
    private function beyond(int $cell, Side $side): ?int
    {
        [$columns, $rows] = [count($this->columns) - 1, count($this->rows) - 1];
        [$column, $row] = [$cell % $columns, intdiv($cell, $columns)];

        return match ($side) {
            Side::Top => $row > 0 ? $cell - $columns : null,
            Side::Bottom => $row < $rows - 1 ? $cell + $columns : null,
            Side::Left => $column > 0 ? $cell - 1 : null,
            Side::Right => $column < $columns - 1 ? $cell + 1 : null,
        };
    }

    /** @return list<array{int, Run}> */
    private function runs(Contour $contour): array
    {
        [$a, $b, $c, $d, $e, $f] = $this->map;
        [$us, $vs] = [[], []];
        foreach ($contour->x as $i => $x) {
            $us[] = $a * $x + $b * $contour->y[$i] + $c;
            $vs[] = $d * $x + $e * $contour->y[$i] + $f;
        }
        $length = $contour->length() / $this->side;
        $perPoint = $length / max(1, count($us) - 1);
        $events = [...self::events($us, $this->columns, 'across'), ...self::events($vs, $this->rows, 'down')];
        usort($events, static fn (array $one, array $other): int => $one[0] <=> $other[0]);
        if ($contour->isClosed() && $events !== []) {
            $round = count($us) - 1;
            $first = self::clear(array_column($events, 0), $round);
            [$x, $y, $us, $vs] = array_map(static fn (array $places): array => self::from($places, $first), [$contour->x, $contour->y, $us, $vs]);

            return $this->loop(new Contour($x, $y, $contour->step, $contour->crowd, $contour->steep, End::Meets, End::Meets, $contour->width), $us, $vs, $length);
        }
        // An end that only just comes over a line ends at it.
        $stub = $contour->byHand ? 0.0 : Figures::STUB / max(1e-9, $perPoint);
        [$first, $last] = [0.0, (float) (count($us) - 1)];
        while ($events !== [] && $contour->starts !== End::Leaves && $events[0][0] < $stub) {
            $first = array_shift($events)[0];
        }
        while ($events !== [] && $contour->ends !== End::Leaves && $events[count($events) - 1][0] > count($us) - 1 - $stub) {
            $last = array_pop($events)[0];
        }

        return $this->between($contour, $us, $vs, $events, $length, $first, $last);
    }

    /**
     * A loop's places from another point on; the first and the last are one.
     *
     * @param  non-empty-list<float>  $places
     * @return non-empty-list<float>
     */
    private static function from(array $places, int $first): array
    {
        /** @var non-empty-list<float> */
        return [...array_slice($places, $first, -1), ...array_slice($places, 0, $first + 1)];
    }

    /**
     * The point of a loop that lies farthest from where it is cut.
     *
     * @param  non-empty-list<float>  $events
     * @param  int  $round  points of the loop
     */
    private static function clear(array $events, int $round): int
    {
        [$best, $most] = [0, -1.0];
        foreach ($events as $i => $event) {
            $gap = ($events[$i + 1] ?? $events[0] + $round) - $event;
            if ($gap > $most) {
                [$best, $most] = [(int) round($event + $gap / 2) % $round, $gap];
            }
        }

        return $best;
    }

    /**
     * A loop that is cut: its first and its last run are one.
     *
     * @param  non-empty-list<float>  $us
     * @param  non-empty-list<float>  $vs
     * @return list<array{int, Run}>
     */
    private function loop(Contour $contour, array $us, array $vs, float $length): array
    {
        $events = [...self::events($us, $this->columns, 'across'), ...self::events($vs, $this->rows, 'down')];
        usort($events, static fn (array $one, array $other): int => $one[0] <=> $other[0]);
        $runs = $this->between($contour, $us, $vs, $events, $length);
        $last = count($runs) - 1;
        if ($last > 0 && $runs[0][0] === $runs[$last][0] && $runs[0][1]->in === null && $runs[$last][1]->out === null) {
            [$before, $after] = [$runs[$last][1], $runs[0][1]];
            $runs[0][1] = new Run([...$before->path, ...array_slice($after->path, 1)], $before->in, $after->out, $before->starts, $after->ends, $after->contrast, $after->width, $after->whole, $after->byHand);
            array_pop($runs);
        }

        return $runs;
    }

    /**
     * @param  non-empty-list<float>  $us
     * @param  non-empty-list<float>  $vs
     * @param  list<array{float, 'across'|'down', int, int}>  $events
     * @return list<array{int, Run}>
     */
    private function between(Contour $contour, array $us, array $vs, array $events, float $length, float $first = 0.0, ?float $last = null): array
    {
        $last ??= count($us) - 1;
        [$column, $row] = [self::part($this->columns, $us, $events, 'across'), self::part($this->rows, $vs, $events, 'down')];
        /** @var list<array{int, Run}|null> $runs */
        $runs = [];
        [$from, $in] = [$first, null];
        foreach ([...$events, null] as $event) {
            $to = $event === null ? $last : $event[0];
            $out = $event === null ? null : ($event[1] === 'across' ? ($event[3] > 0 ? Side::Right : Side::Left) : ($event[3] > 0 ? Side::Bottom : Side::Top));
            $inside = $column >= 0 && $row >= 0 && $column < count($this->columns) - 1 && $row < count($this->rows) - 1;
            $run = $inside ? $this->run($contour, $us, $vs, $from, $to, $in, $out, $column, $row, $length, $event === null) : null;
            $before = $runs[count($runs) - 1] ?? null;
            if ($before !== null && $run !== null && $before[1]->along !== null && $run->along !== null) {
                // On along a line from one cell to the next: nothing is crossed.
                $runs[count($runs) - 1] = [$before[0], $before[1]->without(atStart: false)];
                $run = $run->without(atStart: true);
            }
            $runs[] = $run === null ? null : [$row * (count($this->columns) - 1) + $column, $run];
            if ($event !== null) {
                $event[1] === 'across' ? $column += $event[3] : $row += $event[3];
                $in = $event[1] === 'across' ? ($event[3] > 0 ? Side::Left : Side::Right) : ($event[3] > 0 ? Side::Top : Side::Bottom);
                $from = $to;
            }
        }

        return array_values(array_filter($runs));
    }

    /**
     * @param  non-empty-list<float>  $us
     * @param  non-empty-list<float>  $vs
     */
    private function run(Contour $contour, array $us, array $vs, float $from, float $to, ?Side $in, ?Side $out, int $column, int $row, float $length, bool $last): ?Run
    {
        [$left, $wide] = [$this->columns[$column], $this->columns[$column + 1] - $this->columns[$column]];
        [$top, $high] = [$this->rows[$row], $this->rows[$row + 1] - $this->rows[$row]];
        $local = static fn (float $u, float $v): array => [max(0.0, min(1.0, ($u - $left) / $wide)), max(0.0, min(1.0, ($v - $top) / $high))];
        $at = static function (float $place) use ($us, $vs, $local): array {
            $k = min(count($us) - 1, (int) $place);
            $next = min(count($us) - 1, $k + 1);
            $share = $place - $k;

            return $local($us[$k] + $share * ($us[$next] - $us[$k]), $vs[$k] + $share * ($vs[$next] - $vs[$k]));
        };
        $path = [$at($from)];
        for ($k = (int) floor($from) + 1; $k < $to; $k++) {
            $path[] = $local($us[$k], $vs[$k]);
        }
        $path[] = $at($to);
        if (! $contour->byHand && $this->isOnFrame($path, $column, $row)) {
            return null;
        }
        $along = Run::sideOf($path);
        // What goes over the picture's own edge, where that is a side of the cell, crosses it.
        if ($in === null && $from === 0.0 && ($contour->byHand || $contour->starts === End::Leaves)) {
            $in = self::sideNear($path[0]);
        }
        if ($out === null && $last && ($contour->byHand || $contour->ends === End::Leaves)) {
            $out = self::sideNear($path[count($path) - 1]);
        }
        if (! $contour->byHand) {
            $in = $in === null ? null : $this->besideFrame($in, $path[0], $column, $row);
            $out = $out === null ? null : $this->besideFrame($out, $path[count($path) - 1], $column, $row);
        }
        $path[0] = $in === null ? $path[0] : $in->point($in->isUpright() ? $path[0][1] : $path[0][0]);
        $end = count($path) - 1;
        $path[$end] = $out === null ? $path[$end] : $out->point($out->isUpright() ? $path[$end][1] : $path[$end][0]);
        $run = new Run($path, $in, $out, $contour->starts, $contour->ends, $contour->contrast(), $contour->width === null ? null : $contour->width / $this->side * $this->paper, $length, $contour->byHand, $along);
        $long = Contour::along(array_column($path, 0), array_column($path, 1));

        // What crosses a side is told, however short: the cell beyond tells it too.
        return ! $contour->byHand && $in === null && $out === null && $long < Figures::SHORTEST_INSIDE ? null : $run;
    }

    /**
     * Whether a path keeps to the picture's own edges: the frame is drawn there already, and what is seen of it is mostly
     * a border that was left off.
     *
     * @param  list<array{float, float}>  $path  shares of the cell
     */
    private function isOnFrame(array $path, int $column, int $row): bool
    {
        $sides = $this->sidesOnFrame($column, $row);
        foreach ($sides === [] ? [] : $path as $at) {
            if (array_filter($sides, static fn (Side $side): bool => $side->off(...$at) < Figures::ON_FRAME) === []) {
                return false;
            }
        }

        return $sides !== [];
    }

    /**
     * The side that is crossed there. Beside the frame it is the frame's: what goes on along it in the cell beyond is not
     * told, and both cells at a side are to say the same.
     *
     * @param  array{float, float}  $at  shares of the cell
     */
    private function besideFrame(Side $side, array $at, int $column, int $row): Side
    {
        foreach ($this->sidesOnFrame($column, $row) as $frame) {
            if ($frame->isUpright() !== $side->isUpright() && $frame->off(...$at) < Figures::ON_FRAME) {
                return $frame;
            }
        }

        return $side;
    }

    /** @return array<Side> those of a cell that are the picture's own edges */
    private function sidesOnFrame(int $column, int $row): array
    {
        return array_filter(Side::cases(), fn (Side $side): bool => match ($side) {
            Side::Left => $this->columns[$column] <= 0.0,
            Side::Right => $this->columns[$column + 1] >= 1.0,
            Side::Top => $this->rows[$row] <= 0.0,
            Side::Bottom => $this->rows[$row + 1] >= 1.0,
        });
    }

    /** @param  array{float, float}  $at */
    private static function sideNear(array $at): ?Side
    {
        [$side] = Side::of(...$at);

        return $side->off(...$at) < Figures::GRAZES ? $side : null;
    }

    /**
     * Where places cross lines, and stay beyond.
     *
     * @param  non-empty-list<float>  $places
     * @param  list<float>  $lines
     * @param  'across'|'down'  $way
     * @return list<array{float, 'across'|'down', int, int}> number of the place, with its fraction; way; line; and direction
     */
    private static function events(array $places, array $lines, string $way): array
    {
        $count = count($lines);
        $beyond = Figures::GRAZES * self::widest($lines);
        if (max($places) < $lines[0] - $beyond || min($places) > $lines[$count - 1] + $beyond) {
            return [];
        }
        $part = self::partAt($lines, $places[0]);
        $events = [];
        $last = static function (int $k, float $line, int $sign) use ($places): float {
            for (; $k > 0; $k--) {
                [$before, $here] = [$places[$k - 1] ?? $line, $places[$k] ?? $line];
                if ($sign * ($before - $line) <= 0) {
                    return $k - 1 + ($here === $before ? 0.0 : ($line - $before) / ($here - $before));
                }
            }

            return 0.0;
        };
        foreach ($places as $k => $place) {
            while ($part + 1 < $count && $place > $lines[$part + 1] + $beyond) {
                $part++;
                $events[] = [$last($k, $lines[$part], 1), $way, $part, 1];
            }
            while ($part >= 0 && $place < $lines[$part] - $beyond) {
                $events[] = [$last($k, $lines[$part], -1), $way, $part, -1];
                $part--;
            }
        }

        return $events;
    }

    /**
     * The part a contour begins in: told by its first crossing, so that the two agree.
     *
     * @param  list<float>  $lines
     * @param  non-empty-list<float>  $places
     * @param  list<array{float, 'across'|'down', int, int}>  $events
     */
    private static function part(array $lines, array $places, array $events, string $way): int
    {
        foreach ($events as [, $its, $line, $sign]) {
            if ($its === $way) {
                return $sign > 0 ? $line - 1 : $line;
            }
        }
        sort($places);

        return self::partAt($lines, $places[intdiv(count($places), 2)]);
    }

    /** @param  list<float>  $lines */
    private static function partAt(array $lines, float $place): int
    {
        $part = -1;
        foreach ($lines as $i => $line) {
            if ($place < $line) {
                break;
            }
            $part = $i;
        }

        // On the very last line it is still in the last part.
        return $part === count($lines) - 1 && $place <= $lines[$part] + 1e-9 ? $part - 1 : $part;
    }

    private function reaches(Contour $contour, float $left, float $top, float $right, float $bottom): bool
    {
        [$a, $b, $c, $d, $e, $f] = $this->map;
        [$x1, $x2, $y1, $y2] = [min($contour->x), max($contour->x), min($contour->y), max($contour->y)];
        $us = [$a * $x1 + $b * $y1 + $c, $a * $x1 + $b * $y2 + $c, $a * $x2 + $b * $y1 + $c, $a * $x2 + $b * $y2 + $c];
        $vs = [$d * $x1 + $e * $y1 + $f, $d * $x1 + $e * $y2 + $f, $d * $x2 + $e * $y1 + $f, $d * $x2 + $e * $y2 + $f];

        return max($us) >= $left && min($us) <= $right && max($vs) >= $top && min($vs) <= $bottom;
    }

    /** @param  list<float>  $lines */
    private static function widest(array $lines): float
    {
        return max([0.0, ...array_map(static fn (float $from, float $to): float => $to - $from, array_slice($lines, 0, -1), array_slice($lines, 1))]);
    }
}
