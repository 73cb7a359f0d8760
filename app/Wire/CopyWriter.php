<?php

declare(strict_types=1);

namespace App\Wire;

use App\Imaging\CellPixels;
use App\Models\Drawing;
use App\Wire\Json\CellJson;
use App\Wire\Json\CellPointJson;
use App\Wire\Json\CopyingJson;
use App\Wire\Json\CourseJson;
use App\Wire\Json\CrossingJson;
use App\Wire\Json\StartJson;
use App\Wire\Json\TickJson;
use App\Wording\CopyWording;
use App\Wording\Say;
use InchLadder\Copying\Cell;
use InchLadder\Copying\CellRecord;
use InchLadder\Copying\ContourTrace;
use InchLadder\Copying\Crossing;
use InchLadder\Copying\Noted;
use InchLadder\Copying\Pace;
use InchLadder\Copying\Place;
use InchLadder\Copying\PointInCell;
use InchLadder\Copying\Route;
use InchLadder\Copying\Start;
use InchLadder\Layout\Hand;
use InchLadder\Layout\Placed;
use InchLadder\Measure\Length;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Rounded;
use InchLadder\Pixels\Content;
use InchLadder\Plan\Plan;

/** Writes what there is to copy: the way through the cells, and one cell at a time. */
final readonly class CopyWriter
{
    public function __construct(private CellPixels $sight)
    {
    }

    public function copying(Drawing $drawing, Plan $plan, Hand $hand): CopyingJson
    {
        $content = $drawing->photo === null ? [] : $this->sight->content($drawing->photo, $plan);
        $record = $drawing->record($plan);
        $settled = $drawing->settled($plan);
        $route = $this->route($plan, $record, $hand, $content);

        $pace = Pace::of(self::times($record));

        return new CopyingJson(
            $route->order,
            $plan->choices->start->goesOn(),
            array_values(array_diff(Content::blank($content), $settled)),
            $route->after($record->last(), $settled) ?? $route->order[0],
            $record->last(),
            $pace === null ? null : CopyWording::takes($pace->minutesFor(count($route->order) - count($settled))),
            array_map(static fn (Start $start): StartJson => new StartJson($start->value, Say::it("copying.start.{$start->value}.name"), Say::it("copying.start.{$start->value}.why")), Start::cases()),
        );
    }

    /** The address of the next cell to copy; null when none is left. */
    public function next(Drawing $drawing, Plan $plan, Hand $hand): ?string
    {
        $content = $drawing->photo !== null && $plan->choices->start->asksForContent() ? $this->sight->content($drawing->photo, $plan) : [];
        $record = $drawing->record($plan);
        $next = $this->route($plan, $record, $hand, $content)->after($record->last(), $drawing->settled($plan));

        return $next === null ? null : Cell::of($plan->layout, Place::at($next, $plan->layout->grid->cells()))->address();
    }

    public function cell(Drawing $drawing, Plan $plan, Place $place): CellJson
    {
        $cell = Cell::of($plan->layout, $place);
        $notation = $plan->choices->notation;
        $sight = $drawing->photo === null ? null : $this->sight->of($drawing->photo, $plan, $cell);
        $crossings = $sight->crossings ?? [];
        $plain = static fn (Rounded $rounded): string => ($rounded->isExact() ? '' : '≈ ').$notation->plain($rounded->reading);
        [$wide, $high] = [$notation->ruler->round($cell->paper->width), $notation->ruler->round($cell->paper->height)];

        return new CellJson(
            $cell->address(),
            $cell->paper->width->equals($cell->paper->height) ? Say::it('copying.square', ['side' => $plain($wide)]) : ($wide->isExact() && $high->isExact() ? '' : '≈ ').$notation->amount($wide->reading).' × '.$notation->plain($high->reading),
            Say::it('copying.lies', ['left' => $plain($cell->fromLeft), 'top' => $plain($cell->fromTop)]),
            $cell->isPartial(),
            $cell->parts,
            $this->ticks($cell, $cell->paper->width, $notation),
            $this->ticks($cell, $cell->paper->height, $notation),
            array_map(static fn (PointInCell $point): CellPointJson => new CellPointJson(
                $point->name, round($point->x->toFloat(), 6), round($point->y->toFloat(), 6), Say::it('copying.point', ['name' => $point->name, 'across' => $plain($point->across), 'down' => $plain($point->down)]),
            ), $cell->points()),
            array_map(static fn (Crossing $crossing): CrossingJson => new CrossingJson(
                $crossing->side->value, $crossing->at, CopyWording::eye($crossing->eye, $crossing->side), $notation->plain($crossing->paper->reading),
                Say::it('copying.exactly', [
                    'place' => ucfirst(CopyWording::place($crossing)), 'reading' => $notation->plain($crossing->paper->reading), 'end' => CopyWording::start($crossing->side), 'exactly' => CopyWording::exactly($crossing->eye),
                ]),
            ), $crossings),
            array_map(static fn (ContourTrace $course): CourseJson => new CourseJson(
                ucfirst(CopyWording::contour($course, $notation)).'.',
                array_map(static fn (array $point): array => [round($point[0], 4), round($point[1], 4)], $course->path),
                array_values(array_filter([array_search($course->in, $crossings, true), array_search($course->out, $crossings, true)], is_int(...))),
            ), $sight->courses ?? []),
        );
    }

    /** @return list<int> when each cell was done, in seconds */
    private static function times(CellRecord $record): array
    {
        $done = array_filter($record->cells, static fn (Noted $noted): bool => $noted->state === 'done');

        return array_values(array_map(static fn (Noted $noted): int => (int) $noted->settled, $done));
    }

    /** @param  list<float>  $content */
    private function route(Plan $plan, CellRecord $record, Hand $hand, array $content): Route
    {
        $cells = $plan->layout->grid->cells();
        $inside = array_values(array_filter($plan->layout->points(), static fn (Placed $point): bool => $point->isInside()));
        $focal = $inside === [] ? null : new Place(...$plan->layout->grid->cellAt($inside[0]->x->toFloat(), $inside[0]->y->toFloat()));

        return Route::of($plan->choices->start, $cells, $hand, $focal, $content, $record->settled());
    }

    /** @return list<TickJson> */
    private function ticks(Cell $cell, Length $side, Notation $notation): array
    {
        $ticks = [];
        foreach ($cell->ticks($side) as $share => $reading) {
            $ticks[] = new TickJson(Rational::of((string) $share)->toFloat(), $notation->amount($reading->reading));
        }

        return $ticks;
    }
}
