<?php

declare(strict_types=1);

namespace App\Wire;

use App\Documents\BestPlan;
use App\Documents\Choices\ChoicesJson;
use App\Models\HandWork;
use App\Wire\Json\AdviceJson;
use App\Wire\Json\AreaJson;
use App\Wire\Json\AxesJson;
use App\Wire\Json\BoxJson;
use App\Wire\Json\CarryJson;
use App\Wire\Json\CautionJson;
use App\Wire\Json\CropJson;
use App\Wire\Json\DividedJson;
use App\Wire\Json\GridJson;
use App\Wire\Json\GuidesOffJson;
use App\Wire\Json\KeyPointJson;
use App\Wire\Json\LengthJson;
use App\Wire\Json\LightJson;
use App\Wire\Json\LinesJson;
use App\Wire\Json\MarkJson;
use App\Wire\Json\MarkRowJson;
use App\Wire\Json\MarksJson;
use App\Wire\Json\MismatchJson;
use App\Wire\Json\OfferJson;
use App\Wire\Json\OutlineJson;
use App\Wire\Json\OverlayJson;
use App\Wire\Json\PictureJson;
use App\Wire\Json\PlanJson;
use App\Wire\Json\PlanPictureJson;
use App\Wire\Json\PointJson;
use App\Wire\Json\ReachJson;
use App\Wire\Json\ReadingJson;
use App\Wire\Json\ReadingsJson;
use App\Wire\Json\RulerJson;
use App\Wire\Json\RungJson;
use App\Wire\Json\RungsJson;
use App\Wire\Json\ScaleJson;
use App\Wire\Json\SidesJson;
use App\Wire\Json\SizeJson;
use App\Wire\Json\StartJson;
use App\Wire\Json\StretchJson;
use App\Wire\Json\TakenPlanJson;
use App\Wire\Json\TypedJson;
use App\Wire\Json\WorkingsJson;
use App\Wording\Decisions;
use App\Wording\FinishWording;
use App\Wording\FitWorkings;
use App\Wording\GridWorkings;
use App\Wording\MarkWorkings;
use App\Wording\PaperWorkings;
use App\Wording\PhotoWorkings;
use App\Wording\Phrases;
use App\Wording\Say;
use App\Wording\Workings;
use App\Wording\Writing;
use InchLadder\Finish\Caution;
use InchLadder\Finish\GuidesOff;
use InchLadder\Finish\Transfer;
use InchLadder\Fit\Crop;
use InchLadder\Grid\Division;
use InchLadder\Grid\Overlay;
use InchLadder\Layout\Placed;
use InchLadder\Layout\Reading;
use InchLadder\Marks\Mark;
use InchLadder\Marks\MarkLadder;
use InchLadder\Marks\MarkRow;
use InchLadder\Marks\Reach;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Graduation;
use InchLadder\Measure\Length;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Rounded;
use InchLadder\Measure\Size;
use InchLadder\Measure\Unit;
use InchLadder\Paper\Colour;
use InchLadder\Photo\PrintMismatch;
use InchLadder\Plan\MarkRows;
use InchLadder\Plan\Meets;
use InchLadder\Plan\Plan;
use InchLadder\Plan\Planning;
use InchLadder\Tone\KeptWhites;

/** Writes a plan as JSON: the short form of the command line, and the full workings of the pages. */
final readonly class PlanWriter
{
    private Notation $notation;

    private Writing $write;

    /** @var \WeakMap<Rounded, ReadingJson> the same stand in the ladder and in the list */
    private \WeakMap $readings;

    public function __construct(private Plan $plan)
    {
        $this->notation = $plan->choices->notation;
        $this->write = new Writing($this->notation);
        $this->readings = new \WeakMap;
    }

    public function plan(): PlanJson
    {
        $plan = $this->plan;

        return new PlanJson(
            fit: $plan->choices->fit->way()->value,
            orientation: $plan->layout->sheet->width->equals($plan->layout->sheet->height) ? 'square' : ($plan->layout->sheet->isUpright() ? 'upright' : 'sideways'),
            crop: $this->crop(),
            drawing: $this->area($plan->layout->fitted->area, $plan->layout->left, $plan->layout->top),
            leftover: $this->size($plan->layout->leftover),
            scale: $this->scale(),
            grid: $this->grid(),
            marks: new MarksJson($this->marks($plan->across()), $this->marks($plan->down())),
        );
    }

    /**
     * @param  array{float, float}|null  $point  shares of the crop
     * @param  string|null  $rung  the one rung whose sums are worked out, while something is dragged on it; null for all
     */
    public function workings(ChoicesJson $choices, ?array $point = null, ?string $rung = null): WorkingsJson
    {
        $plan = $this->plan;
        $mismatch = $plan->choices->whole->mismatch();
        $margins = $plan->choices->margins;
        $sums = new Workings($plan);
        $decisions = new Decisions($plan);
        $outline = $plan->layout->outline();
        // What shows on some rungs alone is not worked out while something is dragged on another.
        [$paper, $fit, $marks] = array_map(static fn (string $one): bool => in_array($rung, [null, $one], true), ['paper', 'fit', 'marks']);

        return new WorkingsJson(
            choices: $choices,
            picture: $this->picture(),
            crop: $this->crop(),
            trimmed: new SidesJson(...$fit ? $sums->fit->edges() : ['', '', '', '']),
            crop_size: round($plan->layout->fitted->crop->sizeOn($plan->layout->reference)->toFloat(), 6),
            inset_size: round(min(1, $plan->layout->fitted->area->width->over($plan->layout->usable->largestInside($plan->layout->fitted->area->ratio())->width)->toFloat()), 6),
            typed: $this->typed($fit),
            trimming: $fit ? $sums->fit->trimming() : '',
            left_over: $fit ? $sums->fit->leftover() : '',
            trimmed_share: Writing::trimmed($plan),
            shape: Fractions::places($plan->layout->fitted->area->ratio(), 3),
            drawing: $this->area($plan->layout->fitted->area, $plan->layout->left, $plan->layout->top),
            outline: $outline === null ? null : new OutlineJson(round($outline->across->toFloat(), 6), round($outline->down->toFloat(), 6)),
            to_edges: new SidesJson(...array_map(fn (Length $length): string => $this->notation->plain($this->notation->ruler->round($length)->reading), [$plan->layout->left, $plan->layout->right(), $plan->layout->top, $plan->layout->bottom()])),
            leftover: $this->size($plan->layout->leftover),
            scale: $this->scale(),
            stretch: new StretchJson($plan->layout->scale->verdict()->value, Phrases::stretched($plan->layout->scale->verdict()), round($plan->layout->scale->circle()->toFloat(), 6)),
            factor: $decisions->scales(),
            grid: $this->grid(),
            sheet: $this->size($plan->layout->sheet),
            usable: $this->area($plan->layout->usable, $margins->left, $margins->top),
            paper_colour: $plan->choices->colour === Colour::White ? null : $plan->choices->colour->hex(),
            print: $this->sizeOrNull($plan->layout->reference->print),
            advice: new AdviceJson(match ($plan->advice->upright) {
                true => 'upright', false => 'sideways', null => null
            }, $paper ? Phrases::orientation($plan->advice) : ''),
            guides_off: $this->guidesOff(in_array($rung, [null, 'finish'], true)),
            sheet_care: SheetCare::write($plan, $paper || $marks),
            carry: $this->carry($paper || $rung === 'finish'),
            swapped: $plan->choices->medium->swapsSides() ? Say::it($plan->choices->framing->turning->mirrored ? 'photo.swapped.mirrored' : 'photo.swapped.not yet') : null,
            cautions: $this->cautions(),
            light: $plan->choices->light === null ? null : new LightJson(round($plan->choices->light->degrees, 1), Say::it('photo.light', ['from' => Say::it("photo.light from.{$plan->choices->light->from()}")])),
            mismatch: $mismatch === null ? null : $this->mismatch($mismatch),
            sliver: $sums->grid->sliver(),
            unit_offer: UnitOffer::of($choices),
            offer: $rung === null ? $this->offer($choices) : null,
            lines: $this->lines($choices->grid->overlays),
            across: $marks ? $this->ladder($plan->across()) : [],
            down: $marks ? $this->ladder($plan->down()) : [],
            rows_across: $marks ? array_map($this->row(...), MarkRows::across($plan)) : [],
            rows_down: $marks ? array_map($this->row(...), MarkRows::down($plan)) : [],
            divided: $this->divided(),
            points: array_map(fn (Placed $placed): KeyPointJson => $this->keyPoint($placed, $sums), $plan->layout->points()),
            reaches: $marks ? array_map(static fn (Reach $one): ReachJson => new ReachJson($one->point->point->name, $sums->points->fromNearestLines($one->point), $sums->points->arcs($one)), Reach::all($plan->layout)) : [],
            things: (new ThingsWriter($plan))->things(),
            whites: array_map(static fn (array $box): BoxJson => new BoxJson(...array_map(static fn (float $share): float => round($share, 6), $box)), KeptWhites::in($plan->layout)->places),
            shapes: (new ThingsWriter($plan))->shapes(),
            check: (new CheckWriter($plan))->check(in_array($rung, [null, 'check', 'grid'], true)),
            ruler: $this->ruler(),
            rungs: new RungsJson(
                $this->rung($decisions->photo(), $sums->photo, $rung === null || $rung === 'photo'),
                $this->rung($decisions->paper(), $sums->paper, $rung === null || $rung === 'paper', $decisions->sheet()),
                $this->rung($decisions->drawn(), $sums->fit, $rung === null || $rung === 'fit', $decisions->fit()),
                $this->rung($decisions->grid(), $sums->grid, $rung === null || $rung === 'grid'),
                $this->rung($decisions->marks(), $sums->marks, $rung === null || $rung === 'marks'),
            ),
            point: $point === null ? null : $this->point(...$point),
        );
    }

    private function offer(ChoicesJson $json): ?OfferJson
    {
        $best = BestPlan::offered($json, $this->plan);

        if ($best === null) {
            return null;
        }
        $cropped = Writing::cropped(Rational::one()->minus($best->kept));

        return new OfferJson(
            Say::it($cropped === null ? 'planner.offer.whole' : 'planner.offer.cropped', [
                'squares' => $best->cells(),
                'side' => $this->notation->plain($best->paperCell),
                'share' => $cropped ?? '',
            ]),
            TakenPlanJson::of($best, (new Planning($this->plan->choices))->turn($best), $this->notation),
        );
    }

    private function rung(
        string $decision,
        PhotoWorkings|PaperWorkings|FitWorkings|GridWorkings|MarkWorkings $sums,
        bool $wanted,
        ?string $brief = null,
    ): RungJson {
        if (! $wanted) {
            return new RungJson($decision, [], brief: $brief);
        }
        $warnings = $sums instanceof GridWorkings || $sums instanceof MarkWorkings ? [] : $sums->warnings();

        return new RungJson($decision, $sums->lines(), $warnings, $brief);
    }

    private function picture(): PictureJson
    {
        return new PictureJson($this->plan->layout->reference->pixelsWide, $this->plan->layout->reference->pixelsHigh, FramingQuery::write($this->plan->choices->framing));
    }

    /** @return list<DividedJson> */
    private function divided(): array
    {
        $grid = $this->plan->layout->grid;
        $there = array_filter($this->plan->choices->divisions, static fn (Division $division): bool => $division->isIn($grid));

        return array_values(array_map(fn (Division $division): DividedJson => new DividedJson(
            ...array_map(static fn (Rational $share): float => $share->toFloat(), $division->reach($grid)),
            column: $division->column,
            row: $division->row,
            parts: $division->parts,
            hairlines: $division->hairlines->value,
            address: $this->plan->layout->addresses->of($division->column, $division->row),
            across: self::floats($division->across($grid)),
            down: self::floats($division->down($grid)),
            readings_across: array_map(fn (Rational $share): ReadingsJson => $this->readings(0, $this->plan->layout->readAcross($share), Length::zero()), $division->across($grid)),
            readings_down: array_map(fn (Rational $share): ReadingsJson => $this->readings(0, $this->plan->layout->readDown($share), Length::zero()), $division->down($grid)),
        ), $there));
    }

    private function keyPoint(Placed $placed, Workings $sums): KeyPointJson
    {
        $inside = $placed->isInside();
        $cell = $inside ? $this->plan->layout->grid->cellHolding($placed->x->toFloat(), $placed->y->toFloat()) : null;

        return new KeyPointJson(
            $placed->point->name, $placed->x->toFloat(), $placed->y->toFloat(), $inside, $placed->point->cross, $placed->point->firm, $inside ? $sums->points->measures($placed) : 2,
            $cell === null ? null : $this->plan->layout->addresses->of(...$cell),
            $this->readings(0, $this->plan->layout->readAcross($placed->x), Length::zero()),
            $this->readings(0, $this->plan->layout->readDown($placed->y), Length::zero()),
            $inside ? $sums->points->fromNearestLines($placed) : Say::it('photo.cropped away'),
            $inside ? $sums->points->fromThirds($placed) : Say::it('photo.cropped away'),
            $sums->points->plotted($placed),
            $sums->points->pinned($placed),
        );
    }

    private function grid(): GridJson
    {
        $cells = $this->plan->layout->grid->cells();

        return new GridJson($cells->columns, $cells->rows, HandWork::name($this->plan), $this->size($this->plan->layout->cell()), $this->sizeOrNull($this->plan->layout->printCell()));
    }

    /** The plan as it is shown small, to be chosen among others. */
    public function planPicture(): PlanPictureJson
    {
        $layout = $this->plan->layout;
        [$crop, $sheet, $area] = [$layout->fitted->crop, $layout->sheet, $layout->fitted->area];
        $share = static fn (Length $part, Length $whole): float => round($part->over($whole)->toFloat(), 5);

        return new PlanPictureJson(
            new BoxJson($crop->left->toFloat(), $crop->top->toFloat(), $crop->width->toFloat(), $crop->height->toFloat()),
            new BoxJson(
                $share($layout->left, $sheet->width),
                $share($layout->top, $sheet->height),
                $share($area->width, $sheet->width),
                $share($area->height, $sheet->height),
            ),
            round($sheet->ratio()->toFloat(), 5),
            self::floats($layout->grid->columns),
            self::floats($layout->grid->rows),
        );
    }

    public function crop(): CropJson
    {
        $crop = $this->plan->layout->fitted->crop;
        $percent = $crop->trimmed()->times(100);

        return new CropJson(
            $this->lengthOrNull($this->plan->layout->print?->width),
            $this->lengthOrNull($this->plan->layout->print?->height),
            $crop->left->toFloat(), $crop->top->toFloat(), $crop->width->toFloat(), $crop->height->toFloat(),
            round($percent->toFloat(), 4),
        );
    }

    /** @return array<string, list<CautionJson>> */
    private function cautions(): array
    {
        $plan = $this->plan;
        $rungs = ['paper', 'marks', 'dividers', 'copy', 'tone'];

        return array_combine($rungs, array_map(static fn (string $rung): array => Cautions::write(Caution::on($rung, $plan->choices->medium, $plan->layout->sheet), $plan->choices->waved), $rungs));
    }

    /** @param  bool  $offered  whether the ways there are, are */
    private function carry(bool $offered): CarryJson
    {
        $choices = $this->plan->choices;
        $ways = ! $offered ? [] : [null, ...Transfer::ways($choices->medium, $choices->profile->letsLightThrough())];
        $against = $choices->transfer?->against($choices->medium, $choices->profile->letsLightThrough());

        return new CarryJson(
            $choices->transfer->value ?? 'none',
            array_map(static fn (?Transfer $way): StartJson => new StartJson($way->value ?? 'none', Say::it('finish.way.'.($way->value ?? 'none').'.name'), Say::it('finish.way.'.($way->value ?? 'none').'.why')), $ways),
            $choices->transfer?->turnsRound() ?? false,
            $against === null ? null : Say::it("finish.against.{$against}"),
        );
    }

    /** @param  bool  $offered  whether the times there are, are */
    private function guidesOff(bool $offered): GuidesOffJson
    {
        [$off, $medium] = [$this->plan->choices->guidesOff(), $this->plan->choices->medium];
        $ways = $offered ? GuidesOff::ways($medium) : [];

        return new GuidesOffJson($off->value, FinishWording::guidesOff($off, $medium, $this->plan->choices->transfer), $this->plan->choices->endUse()->value, array_map(static fn (GuidesOff $way): StartJson => new StartJson($way->value, FinishWording::guidesOffName($way, $medium), FinishWording::guidesOff($way, $medium)), $ways));
    }

    /** @param  list<string>  $overlays */
    public function lines(array $overlays = []): LinesJson
    {
        $grid = $this->plan->layout->grid;
        $addresses = $this->plan->layout->addresses;

        return new LinesJson(
            self::floats($grid->columns),
            self::floats($grid->rows),
            array_map($addresses->column(...), range(0, $grid->across->parts() - 1)),
            array_map($addresses->row(...), range(0, $grid->down->parts() - 1)),
            $addresses->all(),
            $grid->across->partial,
            $grid->down->partial,
            $this->plan->layout->spared(),
            $grid->diagonals,
            $grid->axes === null ? null : new AxesJson($grid->axes->x->toFloat(), $grid->axes->y->toFloat(), self::floats($grid->axes->across), self::floats($grid->axes->down)),
            array_map(fn (string $name): OverlayJson => new OverlayJson($name, array_map(self::floats(...), Overlay::from($name)->strokes(Rational::one())), array_map(self::floats(...), Overlay::from($name)->strokes($this->plan->layout->reach()))), $overlays),
        );
    }

    /**
     * @param  list<Rational>  $fractions
     * @return list<float>
     */
    private static function floats(array $fractions): array
    {
        return array_map(static fn (Rational $fraction): float => $fraction->toFloat(), $fractions);
    }

    private function length(Length $length): LengthJson
    {
        return LengthJson::of($this->notation->ruler->round($length), $this->notation);
    }

    private function lengthOrNull(?Length $length): ?LengthJson
    {
        return $length === null ? null : $this->length($length);
    }

    private function size(Size $size): SizeJson
    {
        return new SizeJson($this->length($size->width), $this->length($size->height));
    }

    private function sizeOrNull(?Size $size): ?SizeJson
    {
        return $size === null ? null : $this->size($size);
    }

    private function area(Size $size, Length $left, Length $top): AreaJson
    {
        return new AreaJson($this->length($size->width), $this->length($size->height), $this->length($left), $this->length($top));
    }

    private function scale(): ScaleJson
    {
        $scale = $this->plan->layout->scale;
        $text = static fn (?Rational $number): ?string => $number === null ? null : (string) $number;

        return new ScaleJson(
            $text($scale->x),
            $text($scale->y),
            $scale->x === null ? null : round($scale->x->toFloat() * 100, 4),
            $text($scale->area()),
            round($scale->stretch->toFloat() * 100, 4),
        );
    }

    /** @return list<MarkJson> */
    private function marks(MarkLadder $ladder): array
    {
        return array_map(fn (Mark $mark): MarkJson => new MarkJson(
            $mark->line,
            $mark->at->print === null ? null : LengthJson::of($mark->at->print, $this->notation),
            LengthJson::of($mark->at->area, $this->notation),
            LengthJson::of($mark->at->sheet, $this->notation),
            LengthJson::onRuler($mark->at->area->reading, $this->notation),
            $this->millimetres($mark->at->area->error()),
            $this->millimetres($mark->at->sheet->error()),
            $this->millimetres($mark->steppedError),
        ), $ladder->marks);
    }

    /** @return list<ReadingsJson> */
    private function ladder(MarkLadder $ladder): array
    {
        return array_map(fn (Mark $mark): ReadingsJson => $this->readings($mark->line, $mark->at, $mark->steppedError), $ladder->marks);
    }

    private function row(MarkRow $row): MarkRowJson
    {
        $harm = $row->steppedError->absolute()->isLongerThan($row->at->area->error()->absolute());

        return new MarkRowJson(
            $row->name, $row->line, $row->at->print === null ? null : $this->reading($row->at->print), $this->reading($row->at->area), $this->reading($row->at->sheet),
            $harm ? $this->write->off($row->steppedError) : null,
        );
    }

    private function readings(int $line, Reading $at, Length $steppedError): ReadingsJson
    {
        return new ReadingsJson($line, $at->print === null ? null : $this->reading($at->print), $this->reading($at->area), $this->reading($at->sheet), $this->millimetres($steppedError));
    }

    private function reading(Rounded $rounded): ReadingJson
    {
        if (! isset($this->readings[$rounded])) {
            $reading = LengthJson::onRuler($rounded->reading, $this->notation);
            $this->readings[$rounded] = new ReadingJson($rounded->isExact() ? $reading->text : $this->notation->plain($rounded->exact), $reading, $this->millimetres($rounded->error()), $this->write->error($rounded));
        }

        return $this->readings[$rounded];
    }

    private function millimetres(Length $length): float
    {
        return round($length->toFloat(), 6);
    }

    /** What the rulers say at a place, in shares of the crop. */
    public function point(float $x, float $y): PointJson
    {
        $decimal = static fn (float $share): Rational => Rational::near(max(0, min(1, $share)));
        [$column, $row] = $this->plan->layout->grid->cellAt($x, $y);
        $meets = Meets::at($this->plan, $x, $y);

        return new PointJson(
            $this->plan->layout->addresses->of($column, $row),
            $this->readings(0, $this->plan->layout->readAcross($decimal($x)), Length::zero()),
            $this->readings(0, $this->plan->layout->readDown($decimal($y)), Length::zero()),
            $meets->plumb === [] ? null : Say::it('checking.meets.plumb', ['names' => Say::listed($meets->plumb)]),
            $meets->level === [] ? null : Say::it('checking.meets.level', ['names' => Say::listed($meets->level)]),
        );
    }

    private function ruler(): RulerJson
    {
        $unit = Length::of(1, $this->notation->unit->isMetric() ? Unit::Centimetre : $this->notation->unit);

        return new RulerJson($unit->toFloat(), $this->notation->unit->isMetric() ? 10 : 8, Graduation::commonIn($this->notation->unit));
    }

    private function mismatch(PrintMismatch $mismatch): MismatchJson
    {
        $height = $this->length($mismatch->heightForWidth());
        $width = $this->length($mismatch->widthForHeight());
        $percent = Fractions::places(Rational::near($mismatch->percent, 4), 1);

        return new MismatchJson(
            round($mismatch->percent, 2),
            $mismatch->isSwapped() ? Say::it('photo.sides swapped') : Say::it('photo.mismatch', ['percent' => $percent]),
            $mismatch->isSwapped(),
            $height,
            $width,
            $this->reads($mismatch->heightForWidth()),
            $this->reads($mismatch->widthForHeight()),
        );
    }

    /** @param  bool  $shown  whether there are fields to type in */
    private function typed(bool $shown): TypedJson
    {
        if (! $shown) {
            return new TypedJson('', '', '', '', '', '');
        }
        [$crop, $print, $area, $reference] = [$this->plan->layout->fitted->crop, $this->plan->layout->print, $this->plan->layout->fitted->area, $this->plan->layout->reference];
        $on = fn (?Length $length, Rational $share): string => $length === null ? Writing::percent($share) : $this->reads($length);

        return new TypedJson(
            $on($reference->across($crop->left), $crop->left), $on($reference->down($crop->top), $crop->top), $on($print?->width, $crop->width), $on($print?->height, $crop->height),
            $this->reads($area->width), $this->reads($area->height),
        );
    }

    /** As the ruler reads it, and nothing beside it. */
    private function reads(Length $length): string
    {
        return $this->notation->plain($this->notation->ruler->round($length)->reading);
    }
}
