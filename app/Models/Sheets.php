<?php

declare(strict_types=1);

namespace App\Models;

use App\Documents\BestPlan;
use App\Documents\ChoicesReader;
use App\Exceptions\OnlySheet;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use InchLadder\Paper\Purpose;
use InchLadder\Things\State;

/**
 * The sheets of one drawing: a trial, the good one, a second size. Each has its own plan, marks, cells and shots; all are of
 * one picture, and what was placed on it goes along to a new one.
 */
final readonly class Sheets
{
    public const MOST = 12;

    public function __construct(private Drawing $drawing)
    {
    }

    /** @return list<Drawing> those that are not in the bin, the first that was begun first; the one alone where it is the only one */
    public function all(): array
    {
        return $this->drawing->work === null ? [$this->drawing] : array_values(self::of($this->drawing->work)->with('photo')->orderBy('created_at')->orderBy('id')->get()->all());
    }

    /**
     * Another sheet of the same picture, its cells and marks still to make.
     *
     * @throws \InchLadder\Impossible
     * @throws \Illuminate\Validation\ValidationException
     */
    public function another(Purpose $purpose): Drawing
    {
        count($this->all()) < self::MOST || throw OnlySheet::oneTooMany(self::MOST);
        $choices = $this->afresh(['purpose' => $purpose->value]);

        return DB::transaction(function () use ($choices): Drawing {
            $work = $this->drawing->work ?? $this->drawing->id;
            if ($this->drawing->work === null) {
                self::join($this->drawing, $work);
            }
            $sheet = Drawing::begin($this->drawing->photo, $choices->json);
            self::join($sheet, $work);

            return $sheet;
        });
    }

    /**
     * The same picture and plan as a drawing of its own.
     *
     * @throws \InchLadder\Impossible
     * @throws \Illuminate\Validation\ValidationException
     */
    public function duplicate(string $title): Drawing
    {
        return Drawing::begin($this->drawing->photo, $this->afresh(['purpose' => null], ['title' => $title])->json);
    }

    /**
     * Its choices with nothing made, noted or checked yet.
     *
     * @param  array{purpose: string|null}  $paper
     * @param  array{title?: string}  $also
     */
    private function afresh(array $paper, array $also = []): ChoicesReader
    {
        $document = $this->drawing->read()->document();

        return BestPlan::read([
            ...$document,
            ...$also,
            'paper' => [...$document['paper'], ...$paper, 'setup' => []],
            'finish' => [...$document['finish'], 'done' => [], 'lesson' => ''],
            'copy' => [...$document['copy'], 'pass' => 'place', 'waved' => []],
            'things' => array_map(static fn (array $thing): array => [...$thing, 'ticked' => [], 'state' => State::Open->value], $document['things']),
            'shots' => [], 'meant' => [], 'related' => [],
        ], $this->drawing->photo?->width, $this->drawing->photo?->height);
    }

    /** Puts a drawing among the sheets of another. */
    public static function join(Drawing $sheet, string $work): void
    {
        DB::table('drawings')->where('id', $sheet->id)->update(['work' => $work]);
        $sheet->setRawAttributes([...$sheet->getAttributes(), 'work' => $work], true);
    }

    /**
     * Takes this sheet away, into the bin; the others stay.
     *
     * @throws OnlySheet
     */
    public function takeAway(): void
    {
        count($this->all()) > 1 || throw OnlySheet::of();
        $this->drawing->delete();
    }

    /** All of them into the bin. */
    public function binAll(): void
    {
        DB::transaction(fn () => array_map(static fn (Drawing $sheet): ?bool => $sheet->delete(), $this->all()));
    }

    /** All of them back out of it. */
    public function restoreAll(): void
    {
        DB::transaction(function (): void {
            $this->drawing->restore();
            $this->drawing->work === null || self::of($this->drawing->work)->onlyTrashed()->get()->each->restore();
        });
    }

    /** @return Builder<Drawing> */
    private static function of(string $work): Builder
    {
        return Drawing::query()->where('work', $work);
    }
}
