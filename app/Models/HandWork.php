<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Arr;
use Illuminate\Support\Carbon;
use InchLadder\Copying\CellRecord;
use InchLadder\Copying\Noted;
use InchLadder\Copying\Pass;
use InchLadder\Copying\Place;
use InchLadder\Copying\Quad;
use InchLadder\Grid\Cells;
use InchLadder\Plan\Plan;

/**
 * What the hand did on a drawing: cells copied, doubted and noted, marks made. Each change is told as it was
 * before and after, so that a revision can take it back and bring it again.
 */
final readonly class HandWork
{
    public function __construct(private Drawing $drawing)
    {
    }

    /** What has become of each cell of a plan's grid. */
    public function record(Plan $plan): CellRecord
    {
        $places = [];
        foreach ($this->drawing->cellNotes as $note) {
            $quad = $note->quad() ?? $this->cellOf($plan, $note);
            // One that is known by another mesh alone lies nowhere: beside the picture.
            $places[] = [$quad ?? Quad::nowhere(), $note->noted()];
        }

        return CellRecord::of($plan->layout->grid, $plan->layout->map()->cropToFile()->inverse(), $places);
    }

    /**
     * @param  array<array-key, CellChange>  $changes
     * @param  list<CellChange>  $overtaken  what of them is older than what is known, and was not noted
     * @return array<string, mixed> what changed
     */
    public function note(Plan $plan, array $changes, array &$overtaken = []): array
    {
        $cells = $plan->layout->grid->cells();
        $this->drawing->load('cellNotes');
        $notes = array_values($this->drawing->cellNotes->all());
        $record = $this->record($plan);
        $changed = [];
        foreach ($changes as $change) {
            $cell = $change->place->index($cells);
            $was = $record->at($cell);
            $at = Carbon::now()->getTimestamp() - $change->ago;
            $saidAt = array_reduce($record->own[$cell] ?? [], static fn (SaidAt $last, int $i): SaidAt => $last->joinedBy(SaidAt::read($notes[$i]->said_at)), SaidAt::never());
            $wanted = self::with($was, $change, $at);
            $newer = $saidAt->newerOf($change, $at);
            $now = self::with($was, $newer, $at);
            if ($wanted != $now) {
                $overtaken[] = $change;
            }
            if ($now == $was) {
                continue;
            }
            $quad = self::quad($plan, $change->place);
            foreach ($record->own[$cell] ?? [] as $i) {
                $changed[$notes[$i]->spot] = null;
            }
            // One noted open under another that covers it says so.
            $changed[$quad->name()] = $now->says() || isset($record->covered[$cell]) ? [
                'mesh' => self::mesh($cells), 'column' => $change->place->column, 'row' => $change->place->row, 'place' => $quad->write(), 'spot' => $quad->name(),
                'state' => $now->state, 'doubtful' => $now->doubtful, 'words' => $now->words, 'reached' => $now->reached, 'said_at' => $saidAt->after($newer, $at)->write(),
                'settled_at' => $now->isBegun() && $now->settled !== null ? Carbon::createFromTimestampUTC($now->settled)->format('Y-m-d H:i:s') : null,
            ] : null;
        }
        $before = array_column($notes, null, 'spot');
        $hand = [];
        foreach ($changed as $spot => $after) {
            $kept = isset($before[$spot]) ? self::kept($before[$spot]) : null;
            // Named from another mesh it is still the same.
            $told = static fn (?array $note): ?array => $note === null ? null : Arr::only($note, ['state', 'doubtful', 'words', 'reached']);
            if ($told($kept) !== $told($after)) {
                $hand[$spot] = ['before' => $kept, 'after' => $after];
            }
        }
        $this->put(['cells' => $hand], 'after');

        return $hand === [] ? [] : ['cells' => $hand];
    }

    private static function with(Noted $was, CellChange $change, int $at): Noted
    {
        return $was->with($change->state, $change->reached, $change->doubtful, $change->words, (float) $at);
    }

    /**
     * @param  array<string, string|null>  $places
     * @return array<string, mixed> what changed
     */
    public function tick(string $board, array $places): array
    {
        $made = $this->drawing->markTicks()->where('board', $board)->pluck('place', 'tick');
        $hand = [];
        foreach ($places as $tick => $place) {
            if (($made[$tick] ?? null) !== $place) {
                $hand["{$board} {$tick}"] = ['before' => $made[$tick] ?? null, 'after' => $place];
            }
        }
        $this->put(['ticks' => $hand], 'after');

        return $hand === [] ? [] : ['ticks' => $hand];
    }

    /**
     * Puts everything a revision tells of as it was before it, or after it.
     *
     * @param  array<string, mixed>  $hand
     * @param  'before'|'after'  $side
     */
    public function put(array $hand, string $side): void
    {
        foreach ($hand['cells'] ?? [] as $spot => $sides) {
            $sides[$side] === null
                ? $this->drawing->cellNotes()->where('spot', $spot)->delete()
                : $this->drawing->cellNotes()->updateOrCreate(['spot' => $spot], $sides[$side] + ['reached' => self::reachedBefore($sides[$side]['state'])]);
        }
        foreach ($hand['ticks'] ?? [] as $name => $sides) {
            [$board, $tick] = explode(' ', $name, 2);
            $sides[$side] === null
                ? $this->drawing->markTicks()->where(['board' => $board, 'tick' => $tick])->delete()
                : $this->drawing->markTicks()->updateOrCreate(['board' => $board, 'tick' => $tick], ['place' => $sides[$side]]);
        }
        $this->drawing->unsetRelation('cellNotes')->unsetRelation('markTicks');
    }

    /** Gives notes that are known by their mesh alone their place on the picture, before the choices change under them. */
    public function settlePlaces(): void
    {
        $placeless = $this->drawing->cellNotes->whereNull('place');
        if ($placeless->isEmpty()) {
            return;
        }
        $plan = $this->drawing->plan();
        foreach ($placeless as $note) {
            $quad = $this->cellOf($plan, $note);
            $quad === null || $this->drawing->cellNotes()->where('spot', $quad->name())->exists() || $note->update(['place' => $quad->write(), 'spot' => $quad->name()]);
        }
        $this->drawing->unsetRelation('cellNotes');
    }

    /** The name of a plan's cells: `5x7-1f3870be`. */
    public static function name(Plan $plan): string
    {
        return self::mesh($plan->layout->grid->cells()).'-'.$plan->layout->cellsName();
    }

    /** Whether cells named so are those of a plan; named by their mesh alone, `5x7`, as far as that tells. */
    public static function isOf(Plan $plan, string $name): bool
    {
        return $name === self::name($plan) || $name === self::mesh($plan->layout->grid->cells());
    }

    /** The name of a mesh: `5x7`. */
    public static function mesh(Cells $cells): string
    {
        return "{$cells->columns}x{$cells->rows}";
    }

    /** Null when the note is of another mesh. */
    private function cellOf(Plan $plan, CellNote $note): ?Quad
    {
        return $note->mesh === self::mesh($plan->layout->grid->cells()) ? self::quad($plan, new Place($note->column, $note->row)) : null;
    }

    private static function quad(Plan $plan, Place $place): Quad
    {
        [$across, $down] = [$plan->layout->grid->across, $plan->layout->grid->down];

        return Quad::ofCell($plan->layout->map()->cropToFile(), $across->fractions[$place->column], $down->fractions[$place->row], $across->span($place->column), $down->span($place->row));
    }

    /** What was kept before there were passes knows nothing of them. */
    private static function reachedBefore(string $state): int
    {
        return $state === Noted::DONE ? Pass::all() : 0;
    }

    /** @return array<string, mixed> */
    private static function kept(CellNote $note): array
    {
        return [...Arr::only($note->attributesToArray(), CellNote::KEPT), 'settled_at' => $note->settled_at?->format('Y-m-d H:i:s')];
    }
}
