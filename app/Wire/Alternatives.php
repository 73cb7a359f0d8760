<?php

declare(strict_types=1);

namespace App\Wire;

use App\Documents\ChoicesReader;
use App\Models\Preset;
use App\Wire\Json\DividerJson;
use App\Wire\Json\MeshJson;
use App\Wire\Json\OtherSheetJson;
use App\Wire\Json\PrintSizeJson;
use App\Wire\Json\SchoolJson;
use App\Wire\Json\VerdictJson;
use App\Wire\Json\WayJson;
use App\Wording\Decisions;
use App\Wording\FitWorkings;
use App\Wording\Phrases;
use App\Wording\Refusal;
use App\Wording\Say;
use App\Wording\Writing;
use Illuminate\Support\Collection;
use Illuminate\Validation\ValidationException;
use InchLadder\Fit\Dividers;
use InchLadder\Fit\Enlargement;
use InchLadder\Fit\Stretched;
use InchLadder\Fit\Way;
use InchLadder\Fit\Ways\FreeCrop;
use InchLadder\Grid\Cells;
use InchLadder\Grid\Edge;
use InchLadder\Grid\SchoolCatalogue;
use InchLadder\Grid\Schools\SquaresByCount;
use InchLadder\Grid\SetUpTime;
use InchLadder\Impossible;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Length;
use InchLadder\Measure\LengthReader;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Paper\Catalogue;
use InchLadder\Paper\Sheet;
use InchLadder\Paper\Standards\PhotoPrints;
use InchLadder\Photo\Resolution;
use InchLadder\Plan\Choices;
use InchLadder\Plan\Plan;

/** What a drawing could be instead: other ways, sheets, schools, sizes; each by the same plan as the one in force. */
final readonly class Alternatives
{
    /** Sheets shown beside one's own. */
    private const SHEETS = 12;

    /** Columns of the meshes shown. */
    private const MESHES = [3, 4, 5, 6, 8, 10, 12, 16, 20];

    /** An eye places an edge in a cell to a tenth of its side (common practice). */
    private const EYE = 10;

    private Choices $choices;

    private Writing $write;

    public function __construct(private ChoicesReader $read)
    {
        $this->choices = $read->choices;
        $this->write = new Writing($read->choices->notation);
    }

    /** @return list<WayJson> all four, side by side */
    public function ways(): array
    {
        return array_map(function (Way $way): WayJson {
            try {
                $plan = Plan::of($this->read->fitted($way));
            } catch (Impossible $e) {
                return new WayJson($way->value, Phrases::way($way), Refusal::of($e), '', '', '', '', '', Stretched::Not->value);
            }
            $sums = new FitWorkings($plan);

            return new WayJson(
                $way->value, Phrases::way($way), null,
                $this->write->readSize($plan->layout->fitted->area),
                $this->scale($plan),
                $sums->trimming(),
                $sums->leftover(),
                $plan->layout->scale->keepsProportion() ? Say::it('alternatives.proportion.kept') : Say::it('alternatives.proportion.stretched', ['percent' => Fractions::places($plan->layout->scale->stretch->times(100), 2), 'verdict' => Say::it("alternatives.stretch.{$plan->layout->scale->verdict()->value}")]),
                $plan->layout->scale->verdict()->value,
            );
        }, Way::cases());
    }

    /** @return list<OtherSheetJson> the artist's own first, then the catalogue's of about this size, each kind by how little it wastes */
    public function sheets(): array
    {
        // This crop, as large as each sheet takes it.
        $whole = $this->choices->fitted(new FreeCrop(Plan::of($this->choices)->layout->fitted->crop));
        $area = $this->choices->sheet->width->mm->times($this->choices->sheet->height->mm)->toFloat();
        $near = static fn (Sheet $sheet): bool => abs(log($sheet->size->width->toFloat() * $sheet->size->height->toFloat() / $area, 2)) <= 1.5;
        $owned = Preset::query()->where('kind', 'paper')->get()->toBase()->map(function (Preset $paper) use ($whole): ?OtherSheetJson {
            $side = static fn (string $side): string => (string) data_get($paper->content, "paper.{$side}");
            try {
                $size = new Size((new LengthReader($this->choices->notation->unit))->read($side('width')), (new LengthReader($this->choices->notation->unit))->read($side('height')));

                return $this->sheet($whole, null, $paper->name, $size, $side('width'), $side('height'));
            } catch (Impossible) {
                return null;
            }
        });
        $listed = collect(Catalogue::sheets())->filter($near)->map(fn (Sheet $sheet): ?OtherSheetJson => $this->sheet($whole, $sheet->key, $sheet->name, $sheet->size, ...$this->asCatalogued($sheet)));
        $best = static fn (Collection $sheets): Collection => $sheets->filter()->sortBy('wasted_percent')->values();

        return [...$best($owned)->all(), ...$best($listed)->take(self::SHEETS)->all()];
    }

    /** @return list<SchoolJson> */
    public function schools(): array
    {
        return array_map(function (string $name): SchoolJson {
            try {
                $choices = $this->read->schooled($name);
                // Whole cells bring their own grid; a school is judged on the crop instead.
                if ($choices?->fit->way() === Way::Cells) {
                    $choices = $choices->fitted($this->read->fitted(Way::Crop)->fit);
                }
                $plan = $choices === null ? null : Plan::of($choices);
            } catch (Impossible $e) {
                return new SchoolJson($name, Say::name("schools.{$name}", $name), Refusal::of($e), 0, 0, '', '', '', '');
            }
            if ($plan === null) {
                return new SchoolJson($name, Say::name("schools.{$name}", $name), Say::it('alternatives.unreadable'), 0, 0, '', '', '', '');
            }
            $cells = $plan->layout->grid->cells();
            $lines = $plan->layout->grid->innerLines();

            return new SchoolJson(
                $name, Say::name("schools.{$name}", $name), null, $lines, $cells->columns * $cells->rows,
                $this->write->readSize(new Size(self::widest($plan->layout->grid->across, $plan->layout->fitted->area->width), self::widest($plan->layout->grid->down, $plan->layout->fitted->area->height))),
                Phrases::setUp(SetUpTime::forLines($lines)), Say::ifAny("schools.{$name}.for") ?? '', Say::ifAny("schools.{$name}.against") ?? '',
            );
        }, SchoolCatalogue::keys());
    }

    /** @return list<MeshJson> squares by count, from coarse to fine */
    public function meshes(): array
    {
        $crop = $this->choices->fit->way() === Way::Cells ? $this->choices->fitted($this->read->fitted(Way::Crop)->fit) : $this->choices;
        $meshes = [];
        foreach (self::MESHES as $columns) {
            try {
                $plan = Plan::of($crop->schooled(SquaresByCount::across($columns)));
            } catch (Impossible) {
                continue;
            }
            $cells = $plan->layout->grid->cells();
            $lines = $plan->layout->grid->innerLines();
            $meshes[] = new MeshJson(
                $cells->columns, $cells->rows, $lines, $cells->columns * $cells->rows, $this->write->readSize($plan->layout->cell()),
                Phrases::setUp(SetUpTime::forLines($lines)), $this->write->reading($plan->layout->cell()->width->dividedBy(self::EYE)),
            );
        }

        return $meshes;
    }

    /** @return list<PrintSizeJson> usual prints and printer's papers, and the cell each would have */
    public function prints(): array
    {
        $plan = Plan::of($this->choices);
        $least = $this->read->json->photo->least_cell === null ? null : (new LengthReader($this->choices->notation->unit))->read($this->read->json->photo->least_cell);
        $papers = [...(new PhotoPrints)->sheets(), ...array_map(Catalogue::find(...), ['a5', 'a4', 'a3', 'letter', 'tabloid'])];

        return array_map(function (Sheet $sheet) use ($plan, $least): PrintSizeJson {
            // The whole photo is printed; the crop is what is gridded of it.
            $picture = $plan->layout->reference->ratio();
            $paper = $sheet->size->isUpright() === $picture->isLessThan(1) ? $sheet->size : $sheet->size->turned();
            $print = $paper->largestInside($picture);
            $crop = $plan->layout->fitted->crop;
            $cell = new Size(
                $print->width->times($crop->width)->times($plan->layout->grid->across->span($plan->layout->grid->across->firstWhole())),
                $print->height->times($crop->height)->times($plan->layout->grid->down->span($plan->layout->grid->down->firstWhole())),
            );
            $resolution = $plan->layout->reference->pixelsWide === null || $plan->layout->reference->pixelsHigh === null ? null
                : Resolution::of(Rational::of($plan->layout->reference->pixelsWide), Rational::of($plan->layout->reference->pixelsHigh), $print);

            return new PrintSizeJson($sheet->name, $this->write->readSize($print), $this->write->readSize($cell), $resolution === null ? null : (int) round($resolution->perInch), $resolution?->isEnough() ?? true, $least !== null && $least->isLongerThan(Length::smaller($cell->width, $cell->height)));
        }, $papers);
    }

    /**
     * @return list<DividerJson> those that fit first, the fullest first
     *
     * @throws ValidationException on a screen
     */
    public function dividers(): array
    {
        $plan = Plan::of($this->choices);
        $print = $plan->layout->print ?? throw ValidationException::withMessages(['dividers' => Say::it('alternatives.dividers.screen')]);
        $settings = array_map(function (Rational $setting) use ($print, $plan): DividerJson {
            $drawing = Dividers::drawing($print, $setting);
            $fits = Dividers::fits($drawing, $plan->layout->usable);

            return new DividerJson('×'.Fractions::mixed($setting), $this->write->readSize($drawing), $fits ? round(100 - $drawing->shareOf($plan->layout->usable)->toFloat() * 100, 1) : 0, $fits, match ($setting->compareTo(1)) {
                1 => Say::it('alternatives.dividers.larger'),
                -1 => Say::it('alternatives.dividers.smaller'),
                default => Say::it('alternatives.dividers.same'),
            });
        }, Dividers::settings());
        usort($settings, static fn (DividerJson $a, DividerJson $b): int => [! $a->fits, $a->empty_percent] <=> [! $b->fits, $b->empty_percent]);

        return $settings;
    }

    /** A size thought of for the picture: `25x20 cm`. */
    public function enlargement(string $typed): VerdictJson
    {
        $plan = Plan::of($this->choices);
        $picture = $plan->layout->print ?? throw ValidationException::withMessages(['enlargement' => Say::it('alternatives.enlargement.screen')]);
        $wanted = (new LengthReader($this->choices->notation->unit))->readSize($typed);
        if (! $wanted->width->isPositive() || ! $wanted->height->isPositive()) {
            throw ValidationException::withMessages(['enlargement' => Say::it('alternatives.enlargement.size')]);
        }
        $found = Enlargement::of($picture, $wanted);
        $ratio = static fn (Size $size): string => Fractions::places($size->ratio(), 3);
        if ($found->isTrue()) {
            return new VerdictJson(true, [Say::it('alternatives.enlargement.true', ['picture' => $this->write->size($picture), 'wanted' => $this->write->size($wanted), 'factor' => Fractions::mixed($found->scale->x ?? Rational::one())])]);
        }
        $added = $wanted->width->minus($picture->width);

        return new VerdictJson(false, array_values(array_filter([
            $found->addsTheSame ? Say::it('alternatives.enlargement.'.($added->isPositive() ? 'added' : 'taken off'), ['by' => $this->write->plain($added->absolute())]) : null,
            Say::it('alternatives.enlargement.stretched', ['picture' => $this->write->size($picture), 'shape' => $ratio($picture), 'wanted' => $this->write->size($wanted), 'other' => $ratio($wanted), 'percent' => Fractions::places($found->scale->stretch->times(100), 2), 'verdict' => Phrases::stretched($found->scale->verdict())]),
            Say::it('alternatives.enlargement.in proportion', ['width' => $this->write->amount($wanted->width), 'true_height' => $this->write->plain($found->trueHeight), 'true_width' => $this->write->amount($found->trueWidth), 'height' => $this->write->plain($wanted->height)]),
        ])));
    }

    /** A grid already on the paper, with other counts: line by line, never blended into this one. */
    public function ruled(int $columns, int $rows): VerdictJson
    {
        $plan = Plan::of($this->choices);
        $ruled = Cells::of($columns, $rows);
        $sentences = [...$this->against('across', $plan->layout->grid->across, $ruled->columns, $plan->layout->fitted->area->width), ...$this->against('down', $plan->layout->grid->down, $ruled->rows, $plan->layout->fitted->area->height)];

        return new VerdictJson($sentences === [], $sentences === [] ? [Say::it('alternatives.ruled.same')] : $sentences);
    }

    /** @return list<string> */
    private function against(string $way, Edge $edge, int $parts, Length $side): array
    {
        $cut = array_filter(range(0, $edge->parts() - 1), $edge->isPartial(...));
        // Ruled in cells of the same size, the last one is cut short there as well, counted or not.
        if ($cut !== [] && in_array($parts, [$edge->parts(), $edge->parts() - count($cut)], true)) {
            return [];
        }
        $ruled = Edge::even($parts);
        $sentences = $parts === $edge->parts() ? [] : [Say::it("alternatives.ruled.parts {$way}", ['ruled' => $parts, 'parts' => $edge->parts()])];
        foreach (array_slice($ruled->fractions, 1, -1) as $i => $fraction) {
            $off = array_map(static fn (Rational $own): Rational => $fraction->minus($own)->abs(), $edge->fractions);
            $nearest = array_reduce($off, Rational::smaller(...), Rational::one());
            if (! $nearest->isZero()) {
                $sentences[] = Say::it("alternatives.ruled.line {$way}", ['line' => $i + 1, 'off' => $this->write->reading($side->times($nearest))]);
            }
        }

        return $sentences;
    }

    private function scale(Plan $plan): string
    {
        return (new Decisions($plan))->scales() ?? '–';
    }

    private function sheet(Choices $whole, ?string $key, string $name, Size $size, string $width, string $height): ?OtherSheetJson
    {
        try {
            $plan = Plan::of($whole->on($size));
        } catch (Impossible) {
            return null;
        }

        return new OtherSheetJson($key, $name, $width, $height, $key === null, $this->write->readSize($plan->layout->fitted->area), $this->scale($plan), round(100 - $plan->layout->fitted->area->shareOf($plan->layout->sheet)->toFloat() * 100, 1));
    }

    /** @return array{string, string} */
    private function asCatalogued(Sheet $sheet): array
    {
        $notation = new \InchLadder\Measure\Notation($sheet->unit, $sheet->unit->commonRuler());

        return [$notation->plain($sheet->size->width), $notation->plain($sheet->size->height)];
    }

    private static function widest(Edge $edge, Length $side): Length
    {
        return $side->times(array_reduce(range(0, $edge->parts() - 1), static fn (Rational $most, int $part): Rational => Rational::larger($most, $edge->span($part)), Rational::zero()));
    }
}
