<?php

declare(strict_types=1);

namespace App\Wire;

use App\Documents\ChoicesReader;
use App\Exceptions\ChoicesUnreadable;
use App\Exceptions\DrawingUnworkable;
use App\Exceptions\StorageFailed;
use App\Imaging\LineAdvice;
use App\Imaging\OriginalLost;
use App\Imaging\PhotoStore;
use App\Models\Drawing;
use App\Models\Photo;
use App\Models\Sheets;
use App\Wire\Json\BoxJson;
use App\Wire\Json\CellNoteJson;
use App\Wire\Json\CropJson;
use App\Wire\Json\DrawingJson;
use App\Wire\Json\LineColourJson;
use App\Wire\Json\LinesJson;
use App\Wire\Json\OfSeveralJson;
use App\Wire\Json\PhotoJson;
use App\Wire\Json\ShelfEntryJson;
use App\Wording\Decisions;
use App\Wording\Phrases;
use App\Wording\Refusal;
use App\Wording\Say;
use Illuminate\Validation\ValidationException;
use InchLadder\Copying\Noted;
use InchLadder\Copying\Place;
use InchLadder\Copying\Tally;
use InchLadder\Grid\LineColour;
use InchLadder\Impossible;
use InchLadder\Layout\Hand;
use InchLadder\Measure\Rational;
use InchLadder\Paper\Purpose;
use InchLadder\Plan\NextStep;
use InchLadder\Plan\Plan;

/** Writes a drawing as JSON, for its own page and for the shelf. */
final readonly class DrawingWriter
{
    public function __construct(private PhotoStore $photos, private NextWriter $next)
    {
    }

    /**
     * @param  ChoicesReader|null  $read  its choices, where they were read already
     * @param  Plan|null  $plan  of them
     * @param  string  $said  of what could not follow the change
     */
    public function drawing(Drawing $drawing, ?ChoicesReader $read = null, ?Plan $plan = null, string $said = ''): DrawingJson
    {
        $read ??= $drawing->read();
        $plan ??= Plan::of($read->choices);
        $line = LineAdvice::for($drawing, $plan);
        $record = $drawing->record($plan);
        $cells = $plan->layout->grid->cells();
        [$undo, $redo] = array_map(Phrases::step(...), $drawing->steps());

        return new DrawingJson(
            $drawing->id,
            $drawing->version,
            $this->photo($drawing->photo, looked: true),
            (new PlanWriter($plan))->workings($read->json),
            LineColourJson::of($line->colour),
            Phrases::lineColour($line->colour, $line->reason),
            $drawing->photo === null ? [] : $this->photos->samples($drawing->photo, $plan->choices->framing)->tones(),
            array_map(static function (int $cell, Noted $noted) use ($cells): CellNoteJson {
                $place = Place::at($cell, $cells);

                return new CellNoteJson($place->column, $place->row, $noted->state, $noted->reached, $noted->doubtful, $noted->words);
            }, array_keys($record->cells), array_values($record->cells)),
            $record->elsewhere,
            $drawing->edits,
            $undo,
            $redo,
            $this->sheets($drawing),
            $said,
        );
    }

    /**
     * The same for a page that opens it.
     *
     * @throws DrawingUnworkable where it cannot be worked out, whatever the reason
     */
    public function opened(Drawing $drawing): DrawingJson
    {
        try {
            return $this->drawing($drawing);
        } catch (\Throwable $e) {
            throw new DrawingUnworkable($this->why($e), $drawing->version, Phrases::step($drawing->steps()[0]), $e);
        }
    }

    private function why(\Throwable $e): string
    {
        if ($e instanceof ValidationException) {
            return (string) collect($e->errors())->flatten()->first();
        }
        if ($e instanceof Impossible || $e instanceof StorageFailed) {
            return Refusal::of($e);
        }
        report($e);

        return Refusal::of(ChoicesUnreadable::document());
    }

    /** One row that cannot be read is one board that says so, never the end of the shelf. */
    public function shelf(Drawing $drawing, Hand $hand): ShelfEntryJson
    {
        try {
            return $this->board($drawing, $hand);
        } catch (\Throwable $e) {
            return $this->unreadable($drawing, $this->why($e));
        }
    }

    private function board(Drawing $drawing, Hand $hand): ShelfEntryJson
    {
        $plan = $drawing->plan();
        $writer = new PlanWriter($plan);
        $decisions = new Decisions($plan);
        $record = $drawing->record($plan);
        $tally = Tally::of($record, $plan->layout->grid->cells(), $plan->layout->spared());
        $next = $this->next->next($drawing, $plan, $hand);

        return new ShelfEntryJson(
            $drawing->id,
            $drawing->title(),
            $this->photo($drawing->photo),
            FramingQuery::write($plan->choices->framing),
            round($plan->layout->reference->ratio()->toFloat(), 6),
            $writer->crop(),
            $writer->lines(),
            LineColourJson::of(LineAdvice::for($drawing, $plan)->colour),
            "{$decisions->paper()} · {$decisions->fit()}",
            $tally->of,
            $tally->done,
            NextStep::from($next->does)->step(),
            $next->says,
            $next->button,
            $next->does === NextStep::Rest->value,
            $drawing->updated_at->toIso8601String(),
            $drawing->version,
            $drawing->work,
            $plan->choices->purpose?->value,
        );
    }

    /** @return list<OfSeveralJson> */
    private function sheets(Drawing $drawing): array
    {
        $sheets = $drawing->work === null ? [] : (new Sheets($drawing))->all();

        return count($sheets) < 2 ? [] : array_map(static function (Drawing $sheet): OfSeveralJson {
            $paper = (array) ($sheet->document()['paper'] ?? []);
            $text = static fn (string $field): string => is_string($paper[$field] ?? null) ? $paper[$field] : '';

            return new OfSeveralJson($sheet->id, Purpose::tryFrom($text('purpose'))?->value, Say::it('shelf.sheet', ['width' => $text('width'), 'height' => $text('height')]));
        }, $sheets);
    }

    private function unreadable(Drawing $drawing, string $trouble): ShelfEntryJson
    {
        return new ShelfEntryJson(
            $drawing->id, $drawing->title(), null, '', 1, new CropJson(null, null, 0, 0, 1, 1, 0), new LinesJson([], [], [], [], [], [], [], [], false, null, []),
            LineColourJson::of(LineColour::Graphite), '', 0, 0, 'photo', '', '', false, $drawing->updated_at->toIso8601String(), $drawing->version, $drawing->work, null, $trouble,
            Phrases::step($drawing->steps()[0]),
        );
    }

    /** @param  bool  $looked  whether the page asks what lies round the picture; the shelf does not */
    private function photo(?Photo $photo, bool $looked = false): ?PhotoJson
    {
        return $photo === null ? null : new PhotoJson(
            $photo->id,
            $photo->width,
            $photo->height,
            "/api/photos/{$photo->id}/preview.jpg",
            "/api/photos/{$photo->id}/cut.jpg",
            $photo->remark,
            $looked ? $this->insideWhite($photo) : null,
        );
    }

    private function insideWhite(Photo $photo): ?BoxJson
    {
        try {
            $border = $this->photos->whiteBorder($photo);
        } catch (StorageFailed|OriginalLost) {
            // It is said where the photo itself is asked for.
            return null;
        }

        return $border === null ? null : new BoxJson(...array_map(
            static fn (Rational $share): float => round($share->toFloat(), 6),
            [$border->left, $border->top, $border->width(), $border->height()],
        ));
    }
}
