<?php

declare(strict_types=1);

namespace App\Models;

use App\Exceptions\StaleSave;
use App\Exchange\ChoicesReader;
use App\Exchange\Json\ChoicesJson;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use InchLadder\Copying\Place;
use InchLadder\Grid\Cells;
use InchLadder\Plan\Plan;

/**
 * One piece of work. Holds the artist's choices; everything else is computed
 * from them by plan().
 *
 * @property string $id
 * @property int $version grows with every write; a save must name the one it read
 * @property int $position the revision the drawing stands at
 * @property array<string, mixed> $choices
 * @property Photo|null $photo null when there are only sizes
 * @property Carbon $updated_at
 */
final class Drawing extends Model
{
    use HasUlids;
    use SoftDeletes;

    protected $fillable = ['choices'];

    protected $casts = ['choices' => 'array', 'version' => 'integer', 'position' => 'integer'];

    /** @param  Photo|null  $photo  null when there are only sizes */
    public static function begin(?Photo $photo, ChoicesJson $choices): self
    {
        return DB::transaction(function () use ($photo, $choices): self {
            $drawing = new self(['choices' => (array) $choices]);
            $photo === null || $drawing->photo()->associate($photo);
            $drawing->save();
            $drawing->revisions()->create(['position' => 0, 'what' => 'begun', 'choices' => (array) $choices]);

            return $drawing->refresh();
        });
    }

    /** @return BelongsTo<Photo, $this> */
    public function photo(): BelongsTo
    {
        return $this->belongsTo(Photo::class);
    }

    /** @return HasMany<Revision, $this> */
    public function revisions(): HasMany
    {
        return $this->hasMany(Revision::class);
    }

    /** @return HasMany<CellNote, $this> */
    public function cellNotes(): HasMany
    {
        return $this->hasMany(CellNote::class);
    }

    /** @return HasMany<MarkTick, $this> */
    public function markTicks(): HasMany
    {
        return $this->hasMany(MarkTick::class);
    }

    public function read(): ChoicesReader
    {
        return ChoicesReader::read($this->choices, $this->photo?->width, $this->photo?->height);
    }

    public function title(): string
    {
        return (string) ($this->choices['title'] ?? '');
    }

    public function plan(): Plan
    {
        return Plan::of($this->read()->choices);
    }

    /**
     * Saves choices over the version they were read from, as a new revision.
     *
     * @throws StaleSave when another save came first
     */
    public function decide(ChoicesJson $choices, int $version): void
    {
        $this->write($version, (array) $choices, function () use ($choices): void {
            $what = self::difference($this->choices, (array) $choices);
            if ($what === []) {
                return;
            }
            $this->revisions()->where('position', '>', $this->position)->delete();
            $this->position++;
            $this->choices = (array) $choices;
            $this->revisions()->create(['position' => $this->position, 'what' => implode(', ', $what), 'choices' => $this->choices]);
        });
    }

    /**
     * Goes back (−1) or forward (+1) one revision; does nothing at either end.
     *
     * @throws StaleSave
     */
    public function step(int $by, int $version): void
    {
        $this->write($version, $this->choices, function () use ($by): void {
            $revision = $this->revisions()->where('position', $this->position + $by)->first();
            if ($revision !== null) {
                $this->position = $revision->position;
                $this->choices = $revision->choices;
            }
        });
    }

    /**
     * Notes what has become of a cell; when nothing is left to say of it, the note goes.
     *
     * @param  Place  $place  a cell of the mesh
     * @param  array{state?: string, doubtful?: bool, words?: string}  $noted  what is left out stays
     */
    public function noteCell(Cells $cells, Place $place, array $noted): void
    {
        $note = $this->cellNotes()->firstOrNew(['mesh' => self::mesh($cells), 'column' => $place->column, 'row' => $place->row]);
        $note->fill($noted);
        $note->says() ? $note->save() : $note->delete();
        $this->touch();
    }

    /** @return Collection<int, CellNote> what is noted on a mesh */
    public function notesOn(Cells $cells): Collection
    {
        return $this->cellNotes->where('mesh', self::mesh($cells))->values()->toBase();
    }

    /** @return list<int> cells that need no copying any more: row × columns + column */
    public function settled(Plan $plan): array
    {
        $cells = $plan->grid->cells();
        $noted = $this->notesOn($cells)->filter(static fn (CellNote $note): bool => $note->isSettled())->map(static fn (CellNote $note): int => $note->place()->index($cells));

        return array_values(array_unique([...$noted, ...$plan->spared()]));
    }

    /** The cell that was settled last; null before the first. */
    public function lastSettled(Plan $plan): ?int
    {
        $cells = $plan->grid->cells();

        return $this->notesOn($cells)->filter(static fn (CellNote $note): bool => $note->isSettled())
            ->sortBy([['settled_at', 'desc'], ['id', 'desc']])->first()?->place()->index($cells);
    }

    /** The name a mesh's cell notes are kept under: `5x7`. */
    public static function mesh(Cells $cells): string
    {
        return "{$cells->columns}x{$cells->rows}";
    }

    /** What undo would take back, in words; null at the beginning. */
    public function undoable(): ?string
    {
        return $this->position === 0 ? null : $this->revisions()->where('position', $this->position)->value('what');
    }

    /** What redo would bring back, in words; null at the end. */
    public function redoable(): ?string
    {
        return $this->revisions()->where('position', $this->position + 1)->value('what');
    }

    /** @param  array<string, mixed>  $wanted */
    private function write(int $version, array $wanted, \Closure $change): void
    {
        DB::transaction(function () use ($version, $wanted, $change): void {
            // A write comes first, and changes nothing: it waits for the lock. Reading first and writing then
            // would be refused when another save came between (SQLite before PHP 8.4 begins no other way).
            self::query()->toBase()->where('id', $this->id)->update(['version' => DB::raw('version')]);
            $this->refresh();
            if ($this->version !== $version) {
                throw StaleSave::of($this, self::difference($this->choices, $wanted));
            }
            $change();
            if ($this->isDirty()) {
                $this->version++;
                $this->save();
            }
        });
    }

    /**
     * @param  array<string, mixed>  $before
     * @param  array<string, mixed>  $after
     * @return list<string> the parts that differ
     */
    private static function difference(array $before, array $after): array
    {
        $plain = static fn (mixed $part): mixed => json_decode((string) json_encode($part), true);

        return array_keys(array_filter($after, static fn (mixed $part, string $name): bool => $plain($part) !== $plain($before[$name] ?? null), ARRAY_FILTER_USE_BOTH));
    }
}
