<?php

declare(strict_types=1);

namespace App\Models;

use App\Documents\BestPlan;
use App\Documents\Choices\ChoicesJson;
use App\Documents\ChoicesReader;
use App\Documents\Followed;
use App\Documents\FreshSheet;
use App\Documents\PlacedThings;
use App\Documents\Renamed;
use App\Exceptions\CellUnknown;
use App\Exceptions\ChoicesUnreadable;
use App\Exceptions\StaleSave;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use InchLadder\Copying\CellRecord;
use InchLadder\Copying\Pass;
use InchLadder\Impossible;
use InchLadder\Plan\Plan;
use InchLadder\Sittings\Sitting;

/**
 * One piece of work. Holds the artist's choices; everything else is computed
 * from them by plan().
 *
 * @property string $id
 * @property int $version grows with every write; a save must name the one it read
 * @property int $edits grows with every change, of the choices or by hand
 * @property int $position the revision the drawing stands at
 * @property string|null $work the first of the sheets it is one of; null where it is the only one
 * @property array<string, mixed>|null $choices  null when the row is damaged
 * @property Photo|null $photo null when there are only sizes
 * @property Carbon $updated_at
 */
final class Drawing extends Model
{
    use HasUlids;
    use SoftDeletes;

    /** As many changes can be taken back at least; older ones are dropped, some at a time. */
    private const MOST_REVISIONS = 1000;

    private const REVISIONS_TRIMMED = 100;

    /** What a list of revisions tells of each. */
    private const TOLD = ['position', 'what', 'created_at'];

    /** As many changes of the choices as are made while a device is away (ours). */
    private const PLANS_LOOKED_BACK = 40;

    /** What is sent again later than this was not lost on the way. */
    private const DAYS_HEARD = 30;

    /** Asked once a request. */
    private ?bool $workedOn = null;

    protected $fillable = ['choices'];

    protected $casts = ['choices' => 'array', 'version' => 'integer', 'position' => 'integer', 'edits' => 'integer'];

    protected static function booted(): void
    {
        self::registerModelEvent('forceDeleting', Stock::useUp(...));
        // Only what is read whole is told: one that is just begun knows its version once it was read again.
        foreach (['deleted', 'restored'] as $event) {
            self::registerModelEvent($event, static fn (self $drawing) => $drawing->tell());
        }
    }

    /** @param  Photo|null  $photo  null when there are only sizes */
    public static function begin(?Photo $photo, ChoicesJson $choices): self
    {
        return DB::transaction(function () use ($photo, $choices): self {
            $drawing = new self(['choices' => (array) $choices]);
            $photo === null || $drawing->photo()->associate($photo);
            $drawing->save();
            $drawing->revisions()->create(['position' => 0, 'what' => 'begun', 'choices' => (array) $choices]);
            $drawing->refresh()->tell();

            return $drawing;
        });
    }

    /**
     * As My drawings lists them.
     *
     * @param  string  $search  part of a name, in any case; empty for all
     * @param  bool  $byName  the last touched first, if not
     * @return Builder<self>
     */
    public static function listed(string $search = '', bool $byName = false): Builder
    {
        // A damaged row has no name, and is no fault of the question.
        [$title, $like] = DB::getDriverName() === 'sqlite'
            ? ["case when json_valid(choices) then json_extract(choices, '$.title') end", 'like']
            : ["choices->>'title'", 'ilike'];
        $part = '%'.preg_replace('/[!%_]/', '!$0', trim($search)).'%';

        return self::query()
            ->when(trim($search) !== '', static fn (Builder $query) => $query->whereRaw("{$title} {$like} ? escape '!'", [$part]))
            ->when($byName, static fn (Builder $query) => $query->orderByRaw("lower({$title})"))
            ->latest('updated_at')->latest('id');
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

    /** @return HasMany<SittingRow, $this> */
    public function sittings(): HasMany
    {
        return $this->hasMany(SittingRow::class);
    }

    /** The one something was done in last; null before the first. */
    public function lastSitting(): ?Sitting
    {
        return $this->lastRow()?->sitting();
    }

    private function lastRow(): ?SittingRow
    {
        return $this->sittings()->orderByDesc('ended_at')->orderByDesc('id')->first();
    }

    /** Keeps so many seconds of work at something: in the sitting that is open, or in a new one. */
    public function sit(string $what, int $seconds, float $now): void
    {
        DB::transaction(function () use ($what, $seconds, $now): void {
            $last = $this->lastRow();
            $goesOn = $last !== null && $last->sitting()->goesOn($now);
            ($goesOn ? $last : $this->sittings()->make())->hold($goesOn ? $last->sitting()->with($what, $seconds, $now) : Sitting::opened($what, $seconds, $now))->save();
        });
    }

    /**
     * @throws ChoicesUnreadable
     * @throws \Illuminate\Validation\ValidationException
     * @throws \InchLadder\Impossible
     */
    public function read(): ChoicesReader
    {
        return ChoicesReader::read($this->document() ?? throw ChoicesUnreadable::document(), $this->photo?->width, $this->photo?->height);
    }

    /**
     * Choices that are to be, with everything placed on the picture where it belongs by them, and under its name.
     *
     * @param  array<array-key, mixed>  $choices
     *
     * @throws \Illuminate\Validation\ValidationException
     * @throws \InchLadder\Impossible
     */
    public function followed(array $choices): Followed
    {
        [$wide, $high] = [$this->photo?->width, $this->photo?->height];
        $after = $this->planned(BestPlan::read($choices, $wide, $high));
        $was = $this->document() ?? [];
        $follows = FreshSheet::follow($was, Renamed::follow($was, $after->document()));
        $after = $follows === $after->document() ? $after : ChoicesReader::read($follows, $wide, $high);
        if (PlacedThings::standStill($this->document() ?? [], $after->document())) {
            return new Followed($after);
        }
        try {
            $before = $this->read();
        } catch (ValidationException|Impossible) {
            // What stands cannot be read: nothing is known to be placed.
            return new Followed($after);
        }

        return PlacedThings::follow($before, $after, $wide, $high);
    }

    /** Choices that are to be, their plan as it follows the one the drawing stands on. */
    private function planned(ChoicesReader $after): ChoicesReader
    {
        $made = ['unit' => 0, 'ruler' => 0, 'photo' => 0, 'paper' => 0];
        if (self::difference(array_intersect_key($this->document() ?? [], $made), array_intersect_key($after->document(), $made)) === []) {
            return $after;
        }
        try {
            return BestPlan::follow($this->read(), $after, $this->isWorkedOn(), $this->photo?->width, $this->photo?->height);
        } catch (ValidationException|Impossible) {
            // What stands cannot be read: nothing is known to follow.
            return $after;
        }
    }

    /** Whether anything was made or noted by hand: marks, and cells. */
    public function isWorkedOn(): bool
    {
        return $this->workedOn ??= (bool) DB::scalar('select exists(select 1 from mark_ticks where drawing_id = ?) or exists(select 1 from cell_notes where drawing_id = ?)', [$this->id, $this->id]);
    }

    /** @return array<array-key, mixed>|null the document as it is kept, readable or not; null when the row holds none */
    public function document(): ?array
    {
        return is_array($this->choices) ? $this->choices : null;
    }

    public function title(): string
    {
        $title = $this->document()['title'] ?? null;

        return is_string($title) && $title !== '' ? $title : 'Untitled';
    }

    public function plan(): Plan
    {
        return Plan::of($this->read()->choices);
    }

    /**
     * The plan by which cells were named: the one in force, or one before it, if the drawing was changed meanwhile. What is
     * noted of them lies on the picture all the same, and follows.
     *
     * @param  string|null  $cells  their name, as HandWork gives it; null for those in force
     *
     * @throws CellUnknown where none of the last plans has such cells
     */
    public function planOf(?string $cells): Plan
    {
        $plan = $this->plan();
        if ($cells === null || HandWork::isOf($plan, $cells)) {
            return $plan;
        }
        foreach ($this->revisions()->whereNotNull('choices')->orderByDesc('position')->limit(self::PLANS_LOOKED_BACK)->get() as $revision) {
            try {
                $before = Plan::of(ChoicesReader::read((array) $revision->choices, $this->photo?->width, $this->photo?->height)->choices);
            } catch (ValidationException|Impossible) {
                continue;
            }
            if (HandWork::isOf($before, $cells)) {
                return $before;
            }
        }
        throw CellUnknown::ofAnotherMesh($cells);
    }

    /**
     * Saves choices over the version they were read from, as a new revision.
     *
     * @throws StaleSave when another save came first
     */
    public function decide(ChoicesJson $choices, int $version): void
    {
        $this->write($version, (array) $choices, function () use ($choices): void {
            $what = self::difference($this->document() ?? [], (array) $choices);
            if ($what === []) {
                return;
            }
            $this->isWorkedOn() && $this->handWork()->settlePlaces();
            $this->choices = (array) $choices;
            $this->revise(implode(', ', $what), $this->choices, null);
        });
    }

    /**
     * Goes back (−1) or forward (+1) one revision; does nothing at either end.
     *
     * @param  int|null  $edits  as many as were known; null does not ask
     *
     * @throws StaleSave
     */
    public function step(int $by, int $version, ?int $edits = null): void
    {
        $this->write($version, $this->document() ?? [], function () use ($by, $edits): void {
            $this->mustStandAt($edits);
            $this->takeStep($by);
        });
    }

    /**
     * Goes back or forward to a position of its history, one revision after another and all of them at once; as far as there are any.
     *
     * @param  int|null  $edits  as many as were known; null does not ask
     *
     * @throws StaleSave
     */
    public function stepTo(int $position, int $version, ?int $edits = null): void
    {
        $this->write($version, $this->document() ?? [], function () use ($position, $edits): void {
            $this->mustStandAt($edits);
            while ($this->position !== $position && $this->takeStep($position <=> $this->position));
        });
    }

    private function mustStandAt(?int $edits): void
    {
        if ($edits !== null && $edits !== $this->edits) {
            throw StaleSave::of($this->version, []);
        }
    }

    /** One revision back or forward; false at either end. */
    private function takeStep(int $by): bool
    {
        $revision = $this->revisions()->where('position', $by < 0 ? $this->position : $this->position + 1)->first();
        if ($revision === null || ($by < 0 && $this->position === 0)) {
            return false;
        }
        $this->handWork()->put($revision->hand ?? [], $by < 0 ? 'before' : 'after');
        // A document that is damaged is put right by any step.
        if ($revision->choices !== null || $this->document() === null) {
            $stood = $by > 0 && $revision->choices !== null ? $revision : $this->revisions()->where('position', $by > 0 ? '<=' : '<', $revision->position)->whereNotNull('choices')->orderByDesc('position')->first();
            $this->choices = $stood->choices ?? $this->choices;
        }
        $this->position += $by;

        return true;
    }

    /** @return list<Revision> those about where it stands, the latest first: so many that were made, and as many that were taken back */
    public function history(int $most): array
    {
        $made = $this->revisions()->where('position', '<=', $this->position)->orderByDesc('position')->limit($most)->get(self::TOLD);
        $ahead = $this->revisions()->where('position', '>', $this->position)->orderBy('position')->limit($most)->get(self::TOLD);

        return array_values($ahead->reverse()->concat($made)->all());
    }

    /**
     * Notes what has become of cells, all of them as one change.
     *
     * @param  string|null  $key  of the note: one that was heard before is not heard again, though it is sent anew because the answer was lost
     * @return list<CellChange> what of it is older than what is known, and was not noted
     *
     * @throws NoteKeyReused
     */
    public function noteCell(Plan $plan, string $what, ?string $key, CellChange ...$cells): array
    {
        $overtaken = [];
        $this->byHand($what, function (HandWork $hand) use ($plan, $key, $cells, &$overtaken): array {
            return $this->hears($key, $cells) ? $hand->note($plan, $cells, $overtaken) : [];
        });

        return $overtaken;
    }

    /**
     * What is done in it is all kept, or none of it.
     *
     * @template T
     *
     * @param  \Closure(): T  $work
     * @return T
     */
    public function allOrNone(\Closure $work): mixed
    {
        return DB::transaction(static fn (): mixed => $work());
    }

    /** @param  array<array-key, CellChange>  $cells */
    private function hears(?string $key, array $cells): bool
    {
        if ($key === null) {
            return true;
        }
        DB::delete('delete from heard_notes where heard_at < ?', [now()->subDays(self::DAYS_HEARD)]);
        // Sent again it is longer ago, and says the same.
        $content = sha1(serialize(array_map(static fn (CellChange $one): array => [$one->place, $one->state, $one->doubtful, $one->words, $one->reached], array_values($cells))));
        if (DB::table('heard_notes')->insertOrIgnore(['drawing_id' => $this->id, 'key' => $key, 'heard_at' => now(), 'content' => $content]) > 0) {
            return true;
        }
        $heard = DB::table('heard_notes')->where(['drawing_id' => $this->id, 'key' => $key])->value('content');
        $heard === null || $heard === $content || throw NoteKeyReused::under($key);

        return false;
    }

    /**
     * Ticks off, or takes back, a mark that was made.
     *
     * @param  array<string, string|null>  $places  by the tick's name; null where it is not made
     */
    public function tick(string $board, array $places, string $what): void
    {
        $this->byHand($what, static fn (HandWork $hand): array => $hand->tick($board, $places));
    }

    /** What has become of each cell of a plan's grid. */
    public function record(Plan $plan): CellRecord
    {
        return $this->handWork()->record($plan);
    }

    /** @return list<int> cells that need no copying any more, in a pass or at all: row × columns + column */
    public function settled(Plan $plan, ?Pass $pass = null): array
    {
        return array_values(array_unique([...$this->record($plan)->settled($pass), ...$plan->layout->spared()]));
    }

    /**
     * What undo would take back and redo bring back: the parts of the document that changed, or as it was said when a hand
     * made it; null at the beginning and at the end.
     *
     * @return array{string|null, string|null}
     */
    public function steps(): array
    {
        $what = $this->revisions()->toBase()->whereIn('position', [$this->position, $this->position + 1])->pluck('what', 'position');
        $undo = $this->position === 0 ? null : $what[$this->position] ?? null;

        return [$undo === 'begun' ? null : $undo, $what[$this->position + 1] ?? null];
    }

    private function handWork(): HandWork
    {
        return new HandWork($this);
    }

    /** @param  \Closure(HandWork): array<string, mixed>  $work  gives what changed, as a revision keeps it; empty when nothing did */
    private function byHand(string $what, \Closure $work): void
    {
        $this->write(null, [], function () use ($what, $work): void {
            $hand = $work($this->handWork());
            if ($hand !== []) {
                $this->revise($what, null, $hand);
            }
        });
    }

    /**
     * @param  array<string, mixed>|null  $choices
     * @param  array<string, mixed>|null  $hand
     */
    private function revise(string $what, ?array $choices, ?array $hand): void
    {
        // Past models and query builder: this is in every save, and they took as long as all the sums (`PUT` in bin/bench).
        DB::delete('delete from revisions where drawing_id = ? and position > ?', [$this->id, $this->position]);
        $this->position++;
        $json = static fn (?array $part): ?string => $part === null ? null : json_encode($part, JSON_THROW_ON_ERROR);
        DB::insert(
            'insert into revisions (drawing_id, position, what, choices, hand, created_at, updated_at) values (?, ?, ?, ?, ?, ?, ?)',
            [$this->id, $this->position, mb_strimwidth($what, 0, 200), $json($choices), $json($hand), $now = now(), $now],
        );
        if ($this->position % self::REVISIONS_TRIMMED === 0) {
            $this->trimRevisions();
        }
    }

    /** The oldest revisions go; the oldest that stays must tell how the choices stood. */
    private function trimRevisions(): void
    {
        $oldest = $this->revisions()->where('position', '<=', $this->position - self::MOST_REVISIONS)->orderByDesc('position')->first();
        if ($oldest === null) {
            return;
        }
        $stood = $this->revisions()->where('position', '<=', $oldest->position)->whereNotNull('choices')->orderByDesc('position')->first();
        $oldest->update(['choices' => $stood->choices ?? $this->choices, 'hand' => null, 'what' => 'begun']);
        $this->revisions()->where('position', '<', $oldest->position)->delete();
    }

    /**
     * @param  int|null  $version  null for what cannot be in another's way
     * @param  array<string, mixed>  $wanted
     */
    private function write(?int $version, array $wanted, \Closure $change): void
    {
        DB::transaction(function () use ($version, $wanted, $change): void {
            // As it stands now that nobody else can change it.
            $this->setRawAttributes((array) DB::table('drawings')->where('id', $this->id)->lockForUpdate()->first(), true);
            // A photo never changes; whatever else was read may have.
            $this->setRelations(array_intersect_key($this->getRelations(), ['photo' => true]));
            if ($version !== null && $this->version !== $version) {
                throw StaleSave::of($this->version, self::difference($this->document() ?? [], $wanted));
            }
            $change();
            if ($this->isDirty()) {
                $this->edits++;
                $this->version += $this->isDirty('choices') ? 1 : 0;
                $this->updateTimestamps();
                // Past the model, as in revise().
                $row = array_intersect_key($this->getAttributes(), ['choices' => 0, 'version' => 0, 'edits' => 0, 'position' => 0, 'updated_at' => 0]);
                DB::update('update drawings set '.implode(', ', array_map(static fn (string $column): string => "{$column} = ?", array_keys($row))).' where id = ?', [...array_values($row), $this->id]);
                $this->syncOriginal();
                $this->tell();
            }
        });
    }

    private function tell(): void
    {
        event(new DrawingChanged($this->id, $this->version, $this->edits));
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
