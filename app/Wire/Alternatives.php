<?php

declare(strict_types=1);

namespace App\Wire;

use App\Adjusting\Adjustments;
use App\Documents\ChoicesReader;
use App\Models\OwnPace;
use App\Models\Preset;
use App\Wire\Json\DividerJson;
use App\Wire\Json\MeshJson;
use App\Wire\Json\OtherSheetJson;
use App\Wire\Json\PrintSizeJson;
use App\Wire\Json\SchoolJson;
use App\Wire\Json\TakenPlanJson;
use App\Wire\Json\VerdictJson;
use App\Wire\Json\WayJson;
use App\Wording\CopyWording;
use App\Wording\Decisions;
use App\Wording\FitWorkings;
use App\Wording\Phrases;
use App\Wording\Refusal;
use App\Wording\Say;
use App\Wording\Writing;
use Illuminate\Support\Collection;
use Illuminate\Validation\ValidationException;
use InchLadder\Fit\Dividers;
use InchLadder\Fit\DividerSetting;
use InchLadder\Fit\Enlargement;
use InchLadder\Fit\Stretched;
use InchLadder\Fit\Way;
use InchLadder\Fit\Ways\FreeCrop;
use InchLadder\Grid\Cells;
use InchLadder\Grid\Density;
use InchLadder\Grid\Edge;
use InchLadder\Grid\Figures;
use InchLadder\Grid\RuledAlready;
use InchLadder\Grid\SchoolCatalogue;
use InchLadder\Grid\Schools\SquaresByCount;
use InchLadder\Grid\SetUpTime;
use InchLadder\Impossible;
use InchLadder\Layout\PrintOnPaper;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Length;
use InchLadder\Measure\LengthReader;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Paper\Catalogue;
use InchLadder\Paper\Sheet;
use InchLadder\Paper\Standards\PhotoPrints;
use InchLadder\Plan\Choices;
use InchLadder\Plan\Plan;
use InchLadder\Plan\Planning;
use InchLadder\Planner\NoPlan;
use InchLadder\Planner\Proposal;

/** What a drawing could be instead: other ways, sheets, schools, sizes; each by the same plan as the one in force. */
final readonly class Alternatives
{
    /** Sheets shown beside one's own. */
    private const SHEETS = 12;

    private Choices $choices;

    private Writing $write;

    public function __construct(private ChoicesReader $read)
    {
        $this->choices = $read->choices;
        $this->write = new Writing($read->choices->notation);
    }

    /**
     * @param  int|null  $wide  pixels of the photo
     * @return list<WayJson> all four, side by side
     */
    public function ways(?int $wide, ?int $high): array
    {
        return array_map(function (Way $way) use ($wide, $high): WayJson {
            try {
                // Just what pressing it makes of the drawing.
                $plan = Plan::of(Adjustments::tried('way', $this->read, ['way' => $way->value], $wide, $high)->choices);
            } catch (Impossible $e) {
                return new WayJson($way->value, Phrases::way($way), Refusal::of($e), '', '', '', '', '', Stretched::Not->value, '', null);
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
                self::cost($plan),
                (new PlanWriter($plan))->planPicture(),
            );
        }, Way::cases());
    }

    /** What a fit costs, in a few words: of the photo, of its shapes, or nothing. */
    private static function cost(Plan $plan): string
    {
        $scale = $plan->layout->scale;
        $trimmed = Writing::trimmed($plan);

        return match (true) {
            ! $scale->keepsProportion() => Say::it('alternatives.cost.stretched', ['percent' => Fractions::places($scale->stretch->times(100), 1)]),
            $trimmed !== null => Say::it('alternatives.cost.cropped', ['percent' => $trimmed]),
            default => Say::it('alternatives.cost.none'),
        };
    }

    /** @return list<OtherSheetJson> the artist's own first, then the catalogue's of about this size, each kind by how little it wastes */
    public function sheets(): array
    {
        // This crop, as large as each sheet takes it.
        $whole = $this->choices->fitted(new FreeCrop(Plan::of($this->choices)->layout->fitted->crop));
        $owned = Preset::query()->where('kind', 'paper')->get()->toBase()->map(function (Preset $paper) use ($whole): ?OtherSheetJson {
            $side = static fn (string $side): string => (string) data_get($paper->content, "paper.{$side}");
            try {
                $size = new Size((new LengthReader($this->choices->notation->unit))->read($side('width')), (new LengthReader($this->choices->notation->unit))->read($side('height')));

                return $this->sheet($whole, null, $paper->name, $size, $side('width'), $side('height'));
            } catch (Impossible) {
                return null;
            }
        });
        $listed = collect(Catalogue::about($this->choices->sheet))->map(fn (Sheet $sheet): ?OtherSheetJson => $this->sheet($whole, $sheet->key, $sheet->name, $sheet->size, ...$this->asCatalogued($sheet)));
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
                $this->write->readSize(new Size($plan->layout->fitted->area->width->times($plan->layout->grid->across->widest()), $plan->layout->fitted->area->height->times($plan->layout->grid->down->widest()))),
                Phrases::setUp(SetUpTime::forLines($lines)), Say::ifAny("schools.{$name}.for") ?? '', Say::ifAny("schools.{$name}.against") ?? '',
            );
        }, SchoolCatalogue::keys());
    }

    /** @return list<MeshJson> from coarse to fine: whole squares where the fit is that, else squares by count */
    public function meshes(): array
    {
        return $this->choices->fit->way() === Way::Cells ? $this->squares() : $this->counts();
    }

    /** @return list<MeshJson> */
    private function squares(): array
    {
        $planning = new Planning($this->choices);
        try {
            $densities = $planning->densities();
        } catch (NoPlan) {
            return $this->counts();
        }
        $notation = $this->choices->notation;
        $pace = OwnPace::ofACell();

        return array_map(function (Proposal $proposal, string $density) use ($planning, $notation, $pace): MeshJson {
            $taken = TakenPlanJson::of($proposal, $planning->turn($proposal), $notation);
            $fit = $this->read->json->fit;

            return $this->mesh(
                Plan::of($this->choices->fitted(Planning::squares($proposal))),
                $pace,
                $density,
                [$fit->cell, $fit->columns, $fit->rows] === [$taken->paper_cell, $taken->columns, $taken->rows],
                $taken,
            );
        }, $densities, array_keys($densities));
    }

    /** @return list<MeshJson> */
    private function counts(): array
    {
        $crop = $this->choices->fit->way() === Way::Cells ? $this->choices->fitted($this->read->fitted(Way::Crop)->fit) : $this->choices;
        $plans = [];
        foreach (Figures::MESHES as $columns) {
            try {
                $plans[] = Plan::of($crop->schooled(SquaresByCount::across($columns)));
            } catch (Impossible) {
                continue;
            }
        }
        $count = static fn (Plan $plan): int => $plan->layout->grid->cells()->columns * $plan->layout->grid->cells()->rows;
        $slivers = array_map(static fn (Plan $plan): bool => $plan->layout->grid->hasSliver(), $plans);
        $densities = array_flip(Density::among(array_map($count, $plans), $slivers));
        $grid = $this->read->json->grid;
        $pace = OwnPace::ofACell();
        $isCounted = $this->choices->fit->way() !== Way::Cells && $grid->school === 'count';

        return array_map(fn (Plan $plan, int $i): MeshJson => $this->mesh(
            $plan, $pace, $densities[$i] ?? null, $isCounted && $plan->layout->grid->cells()->columns === $grid->columns, null,
        ), $plans, array_keys($plans));
    }

    private function mesh(Plan $plan, ?float $pace, ?string $density, bool $chosen, ?TakenPlanJson $taken): MeshJson
    {
        $cells = $plan->layout->grid->cells();
        $lines = $plan->layout->grid->innerLines();

        return new MeshJson(
            $cells->columns, $cells->rows, $lines, $cells->columns * $cells->rows, $this->write->readSize($plan->layout->cell()),
            Phrases::setUp(SetUpTime::forLines($lines)),
            $pace === null ? null : CopyWording::takes($pace * $cells->columns * $cells->rows / 60),
            $this->write->reading($plan->layout->cell()->width->dividedBy(Figures::EYE_PARTS)),
            $density,
            (new PlanWriter($plan))->planPicture(),
            $chosen,
            $taken,
        );
    }

    /** @return list<PrintSizeJson> usual prints and printer's papers, and the cell each would have */
    public function prints(): array
    {
        $plan = Plan::of($this->choices);
        $least = $this->read->json->photo->least_cell === null ? null : (new LengthReader($this->choices->notation->unit))->read($this->read->json->photo->least_cell);
        $papers = [...(new PhotoPrints)->sheets(), ...array_map(Catalogue::find(...), ['a5', 'a4', 'a3', 'letter', 'tabloid'])];

        return array_map(function (Sheet $sheet) use ($plan, $least): PrintSizeJson {
            $print = PrintOnPaper::of($plan->layout, $sheet->size);

            return new PrintSizeJson($sheet->name, $this->write->readSize($print->print), $this->write->readSize($print->cell), $print->resolution === null ? null : (int) round($print->resolution->perInch), $print->resolution?->isEnough() ?? true, $least !== null && $print->isUnder($least));
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

        return array_map(fn (DividerSetting $one): DividerJson => new DividerJson('×'.$this->write->notation->factor($one->setting), $this->write->readSize($one->drawing), round($one->empty->toFloat() * 100, 1), $one->fits, Say::it("alternatives.dividers.{$one->makes}")), Dividers::onto($print, $plan->layout->usable));
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
            return new VerdictJson(true, [Say::it('alternatives.enlargement.true', ['picture' => $this->write->size($picture), 'wanted' => $this->write->size($wanted), 'factor' => $this->write->notation->factor($found->scale->x ?? Rational::one())])]);
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
        $ruled = RuledAlready::in($parts, $edge);
        $sentences = $ruled->isSameCount() ? [] : [Say::it("alternatives.ruled.parts {$way}", ['ruled' => $ruled->parts, 'parts' => $ruled->own]), ...$edge->hasPartial() ? [Say::it('alternatives.ruled.cut short')] : []];
        foreach ($ruled->off as $line => $off) {
            $sentences[] = Say::it("alternatives.ruled.line {$way}", ['line' => $line, 'off' => $this->write->reading($side->times($off))]);
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
}
