<?php

declare(strict_types=1);

namespace App\Printing;

use App\Imaging\LineAdvice;
use App\Models\Drawing;
use InchLadder\Grid\Axes;
use InchLadder\Grid\Corner;
use InchLadder\Grid\Division;
use InchLadder\Grid\Hairlines;
use InchLadder\Grid\Labels;
use InchLadder\Grid\LineColour;
use InchLadder\Measure\Rational;
use InchLadder\Plan\Plan;

/** A drawing's grid as strokes and labels on any rectangle. */
final readonly class Ruling
{
    /** Room for the labels, beside and above, in mm. */
    public const LABELS = 8.0;

    /** A tick on the side of a cell that is not to be lined, in mm. */
    private const TICK = 2.0;

    /** Straight pieces of an oval: on a sheet a metre wide none strays a tenth of a millimetre. */
    private const CHORDS = 240;

    /** Width of a printed line in mm, by its weight. */
    private const WEIGHTS = [1 => 0.15, 2 => 0.25, 3 => 0.5];

    private function __construct(private Plan $plan, private LineColour $colour, private float $weight, private bool $cased)
    {
    }

    /** In the drawing's own line colour; with a casing that sets it off from a picture. */
    public static function of(Drawing $drawing, Plan $plan, bool $cased): self
    {
        return new self($plan, LineAdvice::for($drawing, $plan)->colour, self::WEIGHTS[(int) data_get($drawing->choices, 'grid.weights.print', 2)] ?? self::WEIGHTS[2], $cased);
    }

    /** Plain graphite, for a plan. */
    public static function plain(Plan $plan, float $weight): self
    {
        return new self($plan, LineColour::Graphite, $weight, false);
    }

    /** @return list<Line> */
    public function lines(Rectangle $on): array
    {
        $grid = $this->plan->layout->grid;
        $x = fn (Rational $share): float => $on->x + $on->width * $share->toFloat();
        $y = fn (Rational $share): float => $on->y + $on->height * $share->toFloat();
        [$across, $down] = [array_map($x, $grid->columns), array_map($y, $grid->rows)];
        [$left, $right, $top, $bottom] = [$across[0], $across[count($across) - 1], $down[0], $down[count($down) - 1]];
        $lines = [];
        foreach ($across as $at) {
            $lines[] = [$at, $top, $at, $bottom];
        }
        foreach ($down as $at) {
            $lines[] = [$left, $at, $right, $at];
        }
        if ($grid->diagonals) {
            $lines[] = [$left, $top, $right, $bottom];
            $lines[] = [$left, $bottom, $right, $top];
        }
        if ($grid->axes !== null) {
            array_push($lines, ...self::axes($grid->axes, $on));
        }
        foreach ($this->plan->choices->divisions as $division) {
            array_push($lines, ...$division->isIn($grid) ? $this->finer($division, $x, $y) : []);
        }
        array_push($lines, ...$this->outline($on));
        foreach ($this->plan->layout->points() as $placed) {
            if ($placed->point->cross && $placed->isInside()) {
                $lines[] = [$x($placed->x), $on->y, $x($placed->x), $on->bottom()];
                $lines[] = [$on->x, $y($placed->y), $on->right(), $y($placed->y)];
            }
        }

        return array_merge(...array_map($this->stroke(...), $lines));
    }

    /** @return list<array{float, float, float, float}> both axes and their ticks */
    private static function axes(Axes $axes, Rectangle $on): array
    {
        [$x, $y] = [$on->x + $on->width * $axes->x->toFloat(), $on->y + $on->height * $axes->y->toFloat()];

        return [
            [$x, $on->y, $x, $on->bottom()], [$on->x, $y, $on->right(), $y],
            ...array_map(static fn (Rational $share): array => [$on->x + $on->width * $share->toFloat(), $y - self::TICK / 2, $on->x + $on->width * $share->toFloat(), $y + self::TICK / 2], $axes->across),
            ...array_map(static fn (Rational $share): array => [$x - self::TICK / 2, $on->y + $on->height * $share->toFloat(), $x + self::TICK / 2, $on->y + $on->height * $share->toFloat()], $axes->down),
        ];
    }

    /** @return list<array{float, float, float, float}> the oval or circle the drawing is made in; its frame alone for anything else */
    private function outline(Rectangle $on): array
    {
        $outline = $this->plan->layout->outline();
        if ($outline === null) {
            return [];
        }
        [$across, $down] = [$outline->across->toFloat(), $outline->down->toFloat()];
        $at = static function (int $i) use ($on, $across, $down): array {
            $angle = 2 * M_PI * $i / self::CHORDS;

            return [$on->x + $on->width * (0.5 + $across * cos($angle)), $on->y + $on->height * (0.5 + $down * sin($angle))];
        };

        return array_map(static fn (int $i): array => [...$at($i), ...$at($i + 1)], range(0, self::CHORDS - 1));
    }

    /**
     * @param  Rectangle|null  $board  what the labels stand outside of, when that is more than the rectangle
     * @return list<Text> letters or numbers outside; a running count in its cells
     */
    public function labels(Rectangle $on, ?Rectangle $board = null): array
    {
        $board ??= $on;
        $plan = $this->plan;
        [$columns, $rows] = [$plan->layout->grid->columns, $plan->layout->grid->rows];
        $middle = static fn (array $shares, int $i): float => ($shares[$i]->toFloat() + $shares[$i + 1]->toFloat()) / 2;
        $across = $this->size($on->width * $plan->layout->grid->across->span(0)->toFloat());
        $down = $this->size($on->height * $plan->layout->grid->down->span(0)->toFloat());
        $marks = [];
        if ($plan->choices->labels === Labels::Running) {
            $names = $plan->layout->addresses->all();
            $cell = $on->width * $plan->layout->grid->across->span(0)->toFloat();
            $size = min($across, $down, 3.0, 0.85 * $cell / Type::width((string) count($names), 1));
            foreach ($names as $i => $name) {
                [$column, $row] = [$i % $plan->layout->grid->across->parts(), intdiv($i, $plan->layout->grid->across->parts())];
                array_push($marks, ...Type::line($on->x + $on->width * $middle($columns, $column), $on->y + $on->height * $middle($rows, $row) + 0.35 * $size, $name, $size, Anchor::Middle));
            }

            return $marks;
        }
        $free = -INF;
        for ($i = 0; $i < count($columns) - 1; $i++) {
            [$x, $name] = [$on->x + $on->width * $middle($columns, $i), $plan->layout->addresses->column($i)];
            $half = Type::width($name, $across) / 2;
            // Of names too long for their columns, those are set that do not touch the one before.
            if ($x - $half >= $free) {
                array_push($marks, ...Type::line($x, $board->y - 2, $name, $across, Anchor::Middle));
                $free = $x + $half + 0.3 * $across;
            }
        }
        $right = $plan->choices->corner === Corner::TopRight;
        for ($i = 0; $i < count($rows) - 1; $i++) {
            array_push($marks, ...Type::line($right ? $board->right() + 2 : $board->x - 2, $on->y + $on->height * $middle($rows, $i) + 0.35 * $down, $plan->layout->addresses->row($i), $down, $right ? Anchor::Start : Anchor::End));
        }

        return $marks;
    }

    /**
     * A board with this grid: the rectangle, and room beside it for the labels. An oval or a circle is drawn without its lines as well.
     *
     * @param  list<Element>  $more  in mm from the rectangle's corner
     * @param  Rectangle|null  $pictured  where the plate lies, from the rectangle's corner; null lays it on the rectangle
     */
    public function board(float $width, float $height, bool $labels, ?RasterLayer $plate = null, array $more = [], ?Rectangle $pictured = null, bool $lines = true): Artwork
    {
        $pictured ??= new Rectangle(0, 0, $width, $height);
        $room = $labels ? self::LABELS : 0.0;
        $right = $this->plan->choices->corner === Corner::TopRight;
        [$left, $top] = [($right ? 0 : $room) + max(0, -$pictured->x), $room + max(0, -$pictured->y)];
        $on = new Rectangle($left, $top, $width, $height);

        return new Artwork(
            max($on->right(), $left + $pictured->right()) + ($right ? $room : 0),
            max($on->bottom(), $top + $pictured->bottom()),
            [
                ...$lines ? $this->lines($on) : array_merge(...array_map($this->stroke(...), $this->outline($on))),
                ...$labels ? $this->labels($on) : [],
                ...array_map(static fn (Element $mark): Element => $mark->movedBy($left, $top), $more),
            ],
            $plate,
            $pictured->movedBy($left, $top),
        );
    }

    /**
     * @param  array{float, float, float, float}  $from
     * @return list<Line>
     */
    private function stroke(array $from): array
    {
        return [
            ...$this->cased ? [new Line(...$from, width: $this->weight + 0.2, colour: $this->colour->casing())] : [],
            new Line(...$from, width: $this->weight, colour: $this->colour->css()),
        ];
    }

    /**
     * @param  \Closure(Rational): float  $x
     * @param  \Closure(Rational): float  $y
     * @return list<array{float, float, float, float}>
     */
    private function finer(Division $division, \Closure $x, \Closure $y): array
    {
        $grid = $this->plan->layout->grid;
        ['left' => $left, 'right' => $right, 'top' => $top, 'bottom' => $bottom] = $division->reach($grid);
        $ticks = $division->hairlines === Hairlines::Ticks;

        return [
            ...array_map(fn (Rational $share): array => [$x($share), $y($top), $x($share), $ticks ? $y($top) + self::TICK : $y($bottom)], $division->across($grid)),
            ...array_map(fn (Rational $share): array => [$x($left), $y($share), $ticks ? $x($left) + self::TICK : $x($right), $y($share)], $division->down($grid)),
        ];
    }

    /** Type that fits in a cell's side, in mm. */
    private function size(float $side): float
    {
        return max(1.4, min(3.8, $side * 0.7));
    }
}
