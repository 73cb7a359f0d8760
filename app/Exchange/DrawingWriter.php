<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Exchange\Json\CellNoteJson;
use App\Exchange\Json\DrawingJson;
use App\Exchange\Json\PhotoJson;
use App\Exchange\Json\ShelfEntryJson;
use App\Imaging\LineAdvice;
use App\Imaging\PhotoStore;
use App\Models\CellNote;
use App\Models\Drawing;
use App\Models\Photo;
use Illuminate\Support\Collection;
use InchLadder\Marks\Out\Hand;
use InchLadder\Plan\Decisions;
use InchLadder\Plan\Plan;

/** Writes a drawing as JSON, for its own page and for the shelf. */
final readonly class DrawingWriter
{
    public function __construct(private PhotoStore $photos, private CopyWriter $copying)
    {
    }

    public function drawing(Drawing $drawing): DrawingJson
    {
        $read = $drawing->read();
        $plan = Plan::of($read->choices);
        $line = LineAdvice::for($drawing, $plan);
        $notes = $drawing->notesOn($plan->grid->cells());

        return new DrawingJson(
            $drawing->id,
            $drawing->version,
            $this->photo($drawing->photo),
            (new PlanWriter($plan))->workings($read->json),
            LineAdvice::json($line->colour),
            $line->reason,
            $drawing->photo === null ? [] : $this->photos->samples($drawing->photo, $plan->choices->framing)->tones(),
            array_values($notes->map(static fn (CellNote $note): CellNoteJson => new CellNoteJson($note->column, $note->row, $note->state, $note->doubtful, $note->words))->all()),
            $drawing->cellNotes->count() - $notes->count(),
            $drawing->undoable(),
            $drawing->redoable(),
        );
    }

    public function shelf(Drawing $drawing, Hand $hand): ShelfEntryJson
    {
        $plan = $drawing->plan();
        $writer = new PlanWriter($plan);
        $decisions = new Decisions($plan);
        $notes = $drawing->notesOn($plan->grid->cells());
        $spared = $plan->spared();
        $count = $plan->grid->cells()->columns * $plan->grid->cells()->rows - count($spared);
        [$rung, $next] = $this->next($drawing, $plan, $notes, $hand);

        return new ShelfEntryJson(
            $drawing->id,
            $drawing->title(),
            $this->photo($drawing->photo),
            FramingQuery::write($plan->choices->framing),
            round($plan->reference->ratio()->toFloat(), 6),
            $writer->crop(),
            $writer->lines(),
            LineAdvice::json(LineAdvice::for($drawing, $plan)->colour),
            "{$decisions->paper()} · {$decisions->fit()}",
            $count,
            $notes->where('state', 'done')->count(),
            $notes->where('state', 'empty')->count(),
            $rung,
            $next,
            $drawing->updated_at->toIso8601String(),
        );
    }

    /**
     * @param  Collection<int, CellNote>  $notes
     * @return array{string, string} the rung to go on at, and what to do there
     */
    private function next(Drawing $drawing, Plan $plan, Collection $notes, Hand $hand): array
    {
        if ($drawing->position === 0 && $notes->isEmpty()) {
            return ['paper', 'Next: choose the paper.'];
        }
        if ($notes->isEmpty()) {
            return ['marks', 'Next: '.(new Decisions($plan))->marks().'.'];
        }
        $next = $this->copying->next($drawing, $plan, $hand);

        return ['copy', $next === null ? 'Every cell is copied.' : "Next: copy cell {$next}."];
    }

    private function photo(?Photo $photo): ?PhotoJson
    {
        return $photo === null ? null : new PhotoJson($photo->id, $photo->width, $photo->height, "/api/photos/{$photo->id}/preview.jpg", "/api/photos/{$photo->id}/cut.jpg");
    }
}
