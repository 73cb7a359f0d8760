<?php

declare(strict_types=1);

namespace App\Wire;

use App\Imaging\CellPixels;
use App\Models\Drawing;
use App\Models\Photo;
use App\Wire\Json\CautionJson;
use App\Wire\Json\CellJson;
use App\Wire\Json\CellPointJson;
use App\Wire\Json\CopyingJson;
use App\Wire\Json\CourseJson;
use App\Wire\Json\CrossingJson;
use App\Wire\Json\KnownJson;
use App\Wire\Json\PassJson;
use App\Wire\Json\StartJson;
use App\Wire\Json\SuggestedPointJson;
use App\Wire\Json\TickJson;
use App\Wire\Json\VerdictJson;
use App\Wording\CheckWording;
use App\Wording\CompareWording;
use App\Wording\CopyWording;
use App\Wording\LogWording;
use App\Wording\PointWording;
use App\Wording\Say;
use App\Wording\Spoken;
use Illuminate\Support\Carbon;
use Illuminate\Validation\ValidationException;
use InchLadder\Checking\Alignment;
use InchLadder\Checking\Landmark;
use InchLadder\Checking\Odd;
use InchLadder\Copying\Cell;
use InchLadder\Copying\CellAnalysis;
use InchLadder\Copying\CellRecord;
use InchLadder\Copying\ContourTrace;
use InchLadder\Copying\Crossing;
use InchLadder\Copying\EarlyDetail;
use InchLadder\Copying\GuardSheet;
use InchLadder\Copying\KnownCrossings;
use InchLadder\Copying\Loads;
use InchLadder\Copying\Naming;
use InchLadder\Copying\Noted;
use InchLadder\Copying\Pace;
use InchLadder\Copying\Pass;
use InchLadder\Copying\Place;
use InchLadder\Copying\PointInCell;
use InchLadder\Copying\Route;
use InchLadder\Copying\Standing;
use InchLadder\Copying\Start;
use InchLadder\Copying\Unguarded;
use InchLadder\Copying\Working;
use InchLadder\Layout\Hand;
use InchLadder\Layout\KeyPoint;
use InchLadder\Layout\Placed;
use InchLadder\Marks\GuideLines;
use InchLadder\Measure\Length;
use InchLadder\Measure\LengthReader;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Rounded;
use InchLadder\Measure\Unit;
use InchLadder\Plan\Comparison;
use InchLadder\Plan\Plan;
use InchLadder\Tone\Order;

/** Writes what there is to copy: the way through the cells, and one cell at a time. */
final readonly class CopyWriter
{
    /** Points asked for again at once; more are not read (ours). */
    private const MOST_CRITICAL = 6;

    public function __construct(private CellPixels $sight, private TonesWriter $tones)
    {
    }

    public function copying(Drawing $drawing, Plan $plan, Hand $hand): CopyingJson
    {
        $through = $drawing->photo === null ? null : $this->sight->through($drawing->photo, $plan);
        $record = $drawing->record($plan);
        $pass = $plan->choices->pass();
        $settled = $drawing->settled($plan, $pass);
        $busy = $through?->busy() ?? [];
        $loads = Loads::of($busy);
        $route = $this->route($plan, $record, $hand, $busy);
        $pace = Pace::of(self::times($record, $pass), $loads);
        $standing = Standing::of($record, $plan->layout->grid->cells(), $plan->layout->spared(), $plan->choices->working);
        $open = array_values(array_diff($route->order, $settled));
        $cells = $plan->layout->grid->cells();
        $toDraw = $record->toDraw($cells, $plan->layout->spared());
        $things = $plan->things();
        $missing = $pass === null ? [] : $things->missingIn($pass);
        $early = EarlyDetail::of($pass, count(array_filter($toDraw, static fn (int $cell): bool => $record->at($cell)->reached === 0)), $things->missingIn(Pass::Place), count($route->order));

        return new CopyingJson(
            $route->order,
            $plan->choices->start->goesOn(),
            array_values(array_diff($through?->blank($busy) ?? [], $drawing->settled($plan))),
            $route->after($record->last($pass), $settled) ?? $route->order[0],
            $record->last($pass),
            $pace === null ? null : CopyWording::takes($pace->minutesFor($loads->sum($open))),
            $standing->begun,
            $toDraw === [] ? 0 : (int) round(100 - 100 * $loads->sum(array_intersect($open, $toDraw)) / $loads->sum($toDraw)),
            CopyWording::ahead($standing, $plan->layout),
            $pass !== null && $open === [] ? Say::it("copying.round.{$pass->value}") : null,
            $missing === [] ? null : Say::counted('copying.missing', count($missing), ['things' => Say::listed($missing)]),
            $pass !== null && $open === [] ? self::critical($plan) : [],
            $early === null ? null : new CautionJson('early detail', CopyWording::early($early)),
            $this->carried($drawing, $plan, $record),
            $through === null ? [] : array_map(
                static fn (KnownCrossings $one): KnownJson => new KnownJson($one->cell, Say::it('copying.known', ['known' => $one->known, 'count' => $one->of])),
                KnownCrossings::ranked($cells, $settled, $open, static fn (Place $place): array => CellAnalysis::of($through->cell($place), Cell::of($plan->layout, $place)->paper, $plan->choices->notation->ruler)->crossings),
            ),
            GuardSheet::under($plan->layout->grid, $plan->layout->fitted->area, $hand, array_keys(array_filter($record->cells, static fn (Noted $noted): bool => $noted->state !== Noted::EMPTY && $noted->reached > 0)), $open),
            array_map(static fn (Working $way): StartJson => new StartJson($way->value, Say::it("copying.working.{$way->value}.name"), Say::it("copying.working.{$way->value}.why")), Working::cases()),
            array_map(static fn (Naming $naming): StartJson => new StartJson($naming->value, Say::it("copying.naming.{$naming->value}.name"), Say::it("copying.naming.{$naming->value}.why")), Naming::cases()),
            array_map(static fn (Pass $one): PassJson => PassJson::of($one, $plan->choices->order() === Order::ToneAlong, GuideLines::isGraphite($plan->choices->profile->surface) ? null : Say::it('pencils.pencil.'.GuideLines::on($plan->choices->profile->surface, $plan->choices->endUse())->pencil), Say::it('copying.line width', ['tolerance' => $plan->choices->notation->plain($plan->choices->notation->ruler->round(Length::of(Rational::near(Comparison::tolerance($plan), 4), Unit::Millimetre))->reading)])), Pass::cases()),
            $drawing->photo === null ? null : $this->tones->query($drawing->photo, $plan),
            array_map(static fn (Start $start): StartJson => new StartJson($start->value, Say::it("copying.start.{$start->value}.name"), Say::it("copying.start.{$start->value}.why")), Start::cases()),
        );
    }

    /** @return list<string> */
    private static function critical(Plan $plan): array
    {
        $judged = Comparison::byRuler($plan);
        $say = new CompareWording($plan, [], array_map(static fn (KeyPoint $point): string => $point->name, $plan->layout->keyPoints));
        $told = [];
        foreach ($plan->layout->points() as $i => $placed) {
            $placed->point->critical && $placed->isInside() && count($told) < self::MOST_CRITICAL && $told[] = $say->critical($placed, $judged[$i] ?? null);
        }

        return $told;
    }

    /** @return list<SuggestedPointJson> where key points would hold what none does */
    public function unguarded(Photo $photo, Plan $plan): array
    {
        [$crop, $says] = [$plan->layout->fitted->crop, new PointWording($plan)];

        return array_map(static function (array $place) use ($plan, $crop, $says): SuggestedPointJson {
            $point = new KeyPoint('', $crop->left->plus($crop->width->times(Rational::near($place[0]))), $crop->top->plus($crop->height->times(Rational::near($place[1]))), false);
            $placed = Placed::in($crop, $point);
            $cell = $plan->layout->grid->cellHolding(...$place);

            return new SuggestedPointJson(Rational::near($point->x->toFloat())->toScale(6), Rational::near($point->y->toFloat())->toScale(6), round($place[0], 5), round($place[1], 5), $cell === null ? null : $plan->layout->addresses->of(...$cell), $says->fromNearestLines($placed), $says->measures($placed));
        }, Unguarded::in($this->sight->contours($photo, $plan), $plan->layout));
    }

    /** What was left open, said once when a sitting begins. */
    private function carried(Drawing $drawing, Plan $plan, CellRecord $record): ?string
    {
        $last = $drawing->lastSitting();
        if ($last === null || $last->goesOn((float) Carbon::now()->getTimestamp())) {
            return null;
        }
        $open = LogWording::open(...LeftOpen::of($plan, $record));

        return $open === [] ? null : implode(' ', $open);
    }

    /** The address of the next cell to copy; null when none is left. */
    public function next(Drawing $drawing, Plan $plan, Hand $hand): ?string
    {
        $content = $drawing->photo !== null && $plan->choices->start->asksForContent() ? $this->sight->through($drawing->photo, $plan)->busy() : [];
        $record = $drawing->record($plan);
        $next = $this->route($plan, $record, $hand, $content)->after($record->last($plan->choices->pass()), $drawing->settled($plan, $plan->choices->pass()));

        return $next === null ? null : Cell::of($plan->layout, Place::at($next, $plan->layout->grid->cells()))->address();
    }

    public function cell(Drawing $drawing, Plan $plan, Place $place): CellJson
    {
        $cell = Cell::of($plan->layout, $place);
        $notation = $plan->choices->notation;
        $sight = $drawing->photo === null ? null : $this->sight->of($drawing->photo, $plan, $cell);
        $crossings = $sight->crossings ?? [];
        $named = $plan->choices->naming === Naming::Features;
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
                $named ? $point->name : '', $point->firm, round($point->x->toFloat(), 6), round($point->y->toFloat(), 6),
                Say::it($named ? 'copying.point' : 'copying.point nameless', ['name' => $point->name, 'across' => $plain($point->across), 'down' => $plain($point->down)]),
            ), array_values(array_filter($cell->points(), static fn (PointInCell $point): bool => $point->firm || ! $plan->choices->ink))),
            array_map(static fn (Crossing $crossing): CrossingJson => new CrossingJson(
                $crossing->side->value, $crossing->at, $crossing->side->point($crossing->at), CopyWording::eye($crossing->eye, $crossing->side), $notation->plain($crossing->paper->reading), CopyWording::crossing($crossing, $notation), $crossing->byHand,
            ), $crossings),
            array_map(static fn (ContourTrace $contour): CourseJson => new CourseJson(
                ucfirst(CopyWording::contour($contour, $notation)).'.',
                array_map(self::place(...), $contour->path),
                array_values(array_filter([array_search($contour->in, $crossings, true), array_search($contour->out, $crossings, true)], is_int(...))),
                self::place($contour->middle()), array_map(self::place(...), $contour->pieces->joints()), $contour->width !== null, $contour->byHand,
            ), $sight->contours ?? []),
            $this->inLine($plan, $cell),
            array_map(static fn (Odd $odd): string => CheckWording::odd($odd), Odd::crossing($plan->layout, $cell->left->toFloat(), $cell->top->toFloat(), $cell->left->plus($cell->width)->toFloat(), $cell->top->plus($cell->height)->toFloat())),
            $this->aloud($cell->address(), $sight, $notation),
            $sight === null || ! $sight->isOpen() ? null : CopyWording::unsaid($sight),
        );
    }

    /**
     * Whether a crossing came out where it belongs, from one reading of the ruler; nothing is kept of it.
     *
     * @param  int  $n  its place among those of the cell
     * @param  string  $drawn  from the side's left end or its top, as typed
     *
     * @throws ValidationException
     */
    public function crossing(Drawing $drawing, Plan $plan, Place $place, int $n, string $drawn): VerdictJson
    {
        $cell = Cell::of($plan->layout, $place);
        $crossing = ($drawing->photo === null ? [] : $this->sight->of($drawing->photo, $plan, $cell)->crossings)[$n] ?? throw ValidationException::withMessages(['drawn' => Say::it('copying.no crossing')]);
        $read = Typed::beside('drawn', static fn (): Length => (new LengthReader($plan->choices->notation->unit))->read($drawn));
        $upright = $crossing->side->isUpright();
        $off = $read->toFloat() - ($upright ? $cell->paper->height : $cell->paper->width)->toFloat() * $crossing->at;
        $passes = Comparison::passes($plan, $off);

        return new VerdictJson($passes, [Say::it($passes ? 'copying.crossing.right' : 'copying.crossing.out', ['off' => (new CompareWording($plan, []))->way($upright ? 0.0 : $off, $upright ? $off : 0.0)])]);
    }

    /** @return list<string> what the key points of a cell lie in line with; where shapes have no names, nothing is assumed of them */
    private function inLine(Plan $plan, Cell $cell): array
    {
        if ($plan->choices->naming === Naming::Shapes) {
            return [];
        }
        $here = array_map(static fn (PointInCell $point): string => $point->name, $cell->points());

        return array_values(array_map(
            static fn (Alignment $one): string => CheckWording::alignment($one, $plan->choices->notation),
            array_filter(Alignment::among(Landmark::ofPoints($plan->layout->points()), $plan->layout->fitted->area), static fn (Alignment $one): bool => in_array($one->first->key, $here, true) || in_array($one->second->key, $here, true)),
        ));
    }

    /** @return list<string> the address, what crosses each side, and how each contour runs, in words a voice can read */
    private function aloud(string $address, ?CellAnalysis $sight, Notation $notation): array
    {
        return array_map(static fn (string $said): string => Spoken::aloud($said), [
            $address,
            ...array_map(static fn (Crossing $crossing): string => CopyWording::aloud($crossing, $notation), $sight->crossings ?? []),
            ...array_map(static fn (ContourTrace $contour): string => ucfirst(CopyWording::contour($contour, $notation)).'.', $sight->contours ?? []),
        ]);
    }

    /**
     * @param  array{float, float}  $at
     * @return array{float, float}
     */
    private static function place(array $at): array
    {
        return [round($at[0], 4), round($at[1], 4)];
    }

    /** @return array<int, int> when each cell was done, or through the pass, in seconds */
    private static function times(CellRecord $record, ?Pass $pass): array
    {
        $done = array_filter($record->cells, static fn (Noted $noted): bool => $noted->state !== Noted::EMPTY && $noted->isSettled($pass));

        return array_map(static fn (Noted $noted): int => (int) $noted->settled, $done);
    }

    /** @param  list<float>  $content */
    private function route(Plan $plan, CellRecord $record, Hand $hand, array $content): Route
    {
        $cells = $plan->layout->grid->cells();
        $inside = array_values(array_filter($plan->layout->points(), static fn (Placed $point): bool => $point->isInside()));
        $focal = $inside === [] ? null : new Place(...$plan->layout->grid->cellAt($inside[0]->x->toFloat(), $inside[0]->y->toFloat()));

        return Route::of($plan->choices->start, $cells, $hand, $focal, $content, $record->settled($plan->choices->pass()));
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
