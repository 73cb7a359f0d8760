<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Exchange\Json\AdviceJson;
use App\Exchange\Json\AreaJson;
use App\Exchange\Json\CellJson;
use App\Exchange\Json\ChoicesJson;
use App\Exchange\Json\CropJson;
use App\Exchange\Json\GridJson;
use App\Exchange\Json\LengthJson;
use App\Exchange\Json\LinesJson;
use App\Exchange\Json\MarkJson;
use App\Exchange\Json\MarksJson;
use App\Exchange\Json\MismatchJson;
use App\Exchange\Json\PlanJson;
use App\Exchange\Json\PointJson;
use App\Exchange\Json\ReadingJson;
use App\Exchange\Json\ReadingsJson;
use App\Exchange\Json\RulerJson;
use App\Exchange\Json\RungJson;
use App\Exchange\Json\RungsJson;
use App\Exchange\Json\ScaleJson;
use App\Exchange\Json\SizeJson;
use App\Exchange\Json\WorkingsJson;
use InchLadder\Fit\PrintMismatch;
use InchLadder\Fit\Ways\CropToPaper;
use InchLadder\Fit\Ways\Inset;
use InchLadder\Fit\Ways\WholeCells;
use InchLadder\Marks\Mark;
use InchLadder\Marks\MarkLadder;
use InchLadder\Marks\Reading;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Length;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Rounded;
use InchLadder\Measure\Size;
use InchLadder\Measure\Unit;
use InchLadder\Plan\Decisions;
use InchLadder\Plan\Plan;
use InchLadder\Plan\Sums;

/** Writes a plan as JSON: the short form of the command line, and the full workings of the pages. */
final readonly class PlanWriter
{
    private Notation $notation;

    public function __construct(private Plan $plan)
    {
        $this->notation = $plan->choices->notation;
    }

    public function plan(): PlanJson
    {
        $plan = $this->plan;
        $fit = $plan->choices->fit;

        return new PlanJson(
            fit: match (true) {
                $fit instanceof CropToPaper => 'crop',
                $fit instanceof Inset => 'inset',
                $fit instanceof WholeCells => 'cells',
                default => 'stretch',
            },
            orientation: $plan->sheet->width->equals($plan->sheet->height) ? 'square' : ($plan->sheet->isUpright() ? 'upright' : 'sideways'),
            crop: $this->crop(),
            drawing: $this->area($plan->fitted->area, $plan->left, $plan->top),
            leftover: $this->size($plan->leftover),
            scale: $this->scale(),
            grid: $this->grid(),
            marks: new MarksJson($this->marks($plan->across), $this->marks($plan->down)),
        );
    }

    /** @param  array{float, float}|null  $point shares of the crop */
    public function workings(ChoicesJson $choices, ?array $point = null): WorkingsJson
    {
        $plan = $this->plan;
        $mismatch = $plan->choices->reference->mismatch();
        $margins = $plan->choices->margins;
        $sums = new Sums($plan);
        $decisions = new Decisions($plan);

        return new WorkingsJson(
            choices: $choices,
            crop: $this->crop(),
            drawing: $this->area($plan->fitted->area, $plan->left, $plan->top),
            leftover: $this->size($plan->leftover),
            scale: $this->scale(),
            factor: $decisions->factor(),
            grid: $this->grid(),
            sheet: $this->size($plan->sheet),
            usable: $this->area($plan->usable, $margins->left, $margins->top),
            print: $this->sizeOrNull($plan->choices->reference->print),
            advice: new AdviceJson(match ($plan->advice->upright) {
                true => 'upright', false => 'sideways', null => null
            }, $plan->advice->sentence()),
            mismatch: $mismatch === null ? null : $this->mismatch($mismatch),
            lines: $this->lines(),
            across: $this->ladder($plan->across),
            down: $this->ladder($plan->down),
            cell: $this->cell(),
            ruler: $this->ruler(),
            rungs: new RungsJson(
                new RungJson($decisions->photo(), $sums->photo()),
                new RungJson($decisions->paper(), $sums->paper()),
                new RungJson($decisions->fit(), $sums->fit()),
                new RungJson($decisions->grid(), $sums->grid()),
                new RungJson($decisions->marks(), $sums->marks()),
            ),
            point: $point === null ? null : $this->point(...$point),
        );
    }

    private function grid(): GridJson
    {
        $cells = $this->plan->grid->cells();

        return new GridJson($cells->columns, $cells->rows, $this->size($this->plan->cell()), $this->sizeOrNull($this->plan->printCell()));
    }

    public function crop(): CropJson
    {
        $crop = $this->plan->fitted->crop;
        $percent = $crop->trimmed()->times(100);

        return new CropJson(
            $this->lengthOrNull($this->plan->print?->width),
            $this->lengthOrNull($this->plan->print?->height),
            $crop->left->toFloat(), $crop->top->toFloat(), $crop->width->toFloat(), $crop->height->toFloat(),
            round($percent->toFloat(), 4),
        );
    }

    public function lines(): LinesJson
    {
        $grid = $this->plan->grid;
        $labels = $this->plan->choices->labels;

        return new LinesJson(
            self::floats($grid->columns),
            self::floats($grid->rows),
            array_map($labels->column(...), range(0, $grid->cells()->columns - 1)),
            array_map($labels->row(...), range(0, $grid->cells()->rows - 1)),
            $grid->isPartialColumn($grid->cells()->columns - 1),
            $grid->isPartialRow($grid->cells()->rows - 1),
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
        return $this->rounded($this->notation->ruler->round($length));
    }

    /** The true length, with its reading for a text. */
    private function rounded(Rounded $rounded): LengthJson
    {
        return new LengthJson(round($rounded->exact->toFloat(), 6), $rounded->exact->exact(), $this->notation->writeRounded($rounded));
    }

    /** A length that lies on the ruler. */
    private function onRuler(Length $reading): LengthJson
    {
        return new LengthJson(round($reading->toFloat(), 6), $reading->exact(), $this->notation->plain($reading));
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
        $scale = $this->plan->scale;
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
            $mark->at->print === null ? null : $this->rounded($mark->at->print),
            $this->rounded($mark->at->area),
            $this->rounded($mark->at->sheet),
            $this->onRuler($mark->at->area->reading),
            $this->millimetres($mark->at->area->error()),
            $this->millimetres($mark->steppedError),
        ), $ladder->marks);
    }

    /** @return list<ReadingsJson> */
    private function ladder(MarkLadder $ladder): array
    {
        return array_map(fn (Mark $mark): ReadingsJson => $this->readings($mark->line, $mark->at, $mark->steppedError), $ladder->marks);
    }

    private function readings(int $line, Reading $at, Length $steppedError): ReadingsJson
    {
        return new ReadingsJson($line, $at->print === null ? null : $this->reading($at->print), $this->reading($at->area), $this->reading($at->sheet), $this->millimetres($steppedError));
    }

    private function reading(Rounded $rounded): ReadingJson
    {
        $reading = $this->onRuler($rounded->reading);
        if ($rounded->isExact()) {
            return new ReadingJson($reading->text, $reading, 0, 'exact');
        }

        return new ReadingJson($this->notation->plain($rounded->exact), $reading, $this->millimetres($rounded->error()), $this->notation->error($rounded));
    }

    private function millimetres(Length $length): float
    {
        return round($length->toFloat(), 6);
    }

    private function point(float $x, float $y): PointJson
    {
        $decimal = static fn (float $share): string => number_format(max(0, min(1, $share)), 6, '.', '');
        [$column, $row] = $this->plan->grid->cellAt($x, $y);

        return new PointJson(
            $this->plan->choices->labels->address($column, $row),
            $this->readings(0, $this->plan->readAcross($decimal($x)), Length::zero()),
            $this->readings(0, $this->plan->readDown($decimal($y)), Length::zero()),
        );
    }

    private function cell(): CellJson
    {
        $cell = $this->plan->cell();
        $ruler = $this->notation->ruler;
        $quarters = fn (Length $side): array => array_map(fn (int $n): LengthJson => $this->length($ruler->round($side->times(Rational::nd($n, 4)))->reading), range(1, 4));
        $width = $this->notation->plain($ruler->round($cell->width)->reading);

        return new CellJson($quarters($cell->width), $quarters($cell->height), $cell->width->equals($cell->height)
            ? "{$width} square"
            : $this->notation->amount($ruler->round($cell->width)->reading).' × '.$this->notation->plain($ruler->round($cell->height)->reading));
    }

    private function ruler(): RulerJson
    {
        $unit = Length::of(1, $this->notation->unit->isMetric() ? Unit::Centimetre : $this->notation->unit);

        return new RulerJson($unit->toFloat(), $this->notation->unit->isMetric() ? 10 : 8);
    }

    private function mismatch(PrintMismatch $mismatch): MismatchJson
    {
        $height = $this->length($mismatch->heightForWidth());
        $width = $this->length($mismatch->widthForHeight());
        $percent = Fractions::places(Rational::of(number_format($mismatch->percent, 4, '.', '')), 1);

        return new MismatchJson(
            round($mismatch->percent, 2),
            "The print’s shape and the photo’s differ by {$percent} %. Measure again, or keep your size if the print was trimmed.",
            $height,
            $width,
        );
    }
}
