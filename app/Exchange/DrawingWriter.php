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
use InchLadder\Plan\Decisions;
use InchLadder\Plan\Plan;

/** Writes a drawing as JSON, for its own page and for the shelf. */
final readonly class DrawingWriter
{
    public function __construct(private PhotoStore $photos)
    {
    }

    public function drawing(Drawing $drawing): DrawingJson
    {
        $read = $drawing->read();
        $plan = Plan::of($read->choices);
        $line = LineAdvice::for($drawing, $plan);
        $notes = $this->notes($drawing, $plan);

        return new DrawingJson(
            $drawing->id,
            $drawing->version,
            $this->photo($drawing->photo),
            (new PlanWriter($plan))->workings($read->json),
            LineAdvice::json($line->colour),
            $line->reason,
            $drawing->photo === null ? [] : $this->photos->samples($drawing->photo, $plan->choices->framing)->tones(),
            array_values($notes->map(static fn (CellNote $note): CellNoteJson => new CellNoteJson($note->column, $note->row, $note->state))->all()),
            $drawing->cellNotes->count() - $notes->count(),
            $drawing->undoable(),
            $drawing->redoable(),
        );
    }

    public function shelf(Drawing $drawing): ShelfEntryJson
    {
        $plan = $drawing->plan();
        $writer = new PlanWriter($plan);
        $decisions = new Decisions($plan);
        $notes = $this->notes($drawing, $plan);
        $spared = $plan->spared();
        $count = $plan->grid->cells()->columns * $plan->grid->cells()->rows - count($spared);
        [$rung, $next] = $this->next($drawing, $plan, $notes, $count);

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
    private function next(Drawing $drawing, Plan $plan, Collection $notes, int $count): array
    {
        if ($drawing->position === 0 && $notes->isEmpty()) {
            return ['paper', 'Next: choose the paper.'];
        }
        if ($notes->isEmpty()) {
            return ['marks', 'Next: '.(new Decisions($plan))->marks().'.'];
        }
        if ($notes->count() >= $count) {
            return ['copy', 'Every cell is copied.'];
        }
        $cells = $plan->grid->cells();
        $taken = $notes->map(static fn (CellNote $note): int => $note->row * $cells->columns + $note->column)->merge($plan->spared())->flip();
        $open = 0;
        while ($taken->has($open)) {
            $open++;
        }

        return ['copy', 'Next: copy cell '.$plan->addresses->of($open % $cells->columns, intdiv($open, $cells->columns)).'.'];
    }

    /** @return Collection<int, CellNote> of the mesh in force */
    private function notes(Drawing $drawing, Plan $plan): Collection
    {
        return $drawing->cellNotes->where('mesh', Drawing::mesh($plan->grid->cells()))->toBase();
    }

    private function photo(?Photo $photo): ?PhotoJson
    {
        return $photo === null ? null : new PhotoJson($photo->id, $photo->width, $photo->height, "/api/photos/{$photo->id}/preview.jpg", "/api/photos/{$photo->id}/cut.jpg");
    }
}
