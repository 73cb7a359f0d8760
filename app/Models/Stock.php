<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Facades\DB;
use InchLadder\Paper\Figures;
use InchLadder\Paper\SetUp;

/** How many sheets are left of the papers that are owned: as many as were counted, less those that drawings have taken. */
final class Stock
{
    public const MOST = 9999;

    /**
     * @param  iterable<Preset>  $papers
     * @return array<string, int|null> by their ids; null for those nobody counted
     */
    public static function left(iterable $papers): array
    {
        $taken = self::taken();
        $left = [];
        foreach ($papers as $paper) {
            $count = $paper->content['count'] ?? null;
            $left[$paper->id] = is_int($count) ? max(0, $count - ($taken[$paper->name] ?? 0)) : null;
        }

        return $left;
    }

    public static function isLow(?int $left): bool
    {
        return $left !== null && $left <= Figures::LOW_STOCK;
    }

    /** A drawing that goes for good takes its sheet along: there is one less to count. */
    public static function useUp(Drawing $drawing): void
    {
        $name = self::takenBy((array) $drawing->document());
        $paper = $name === null ? null : Preset::query()->where('kind', 'paper')->where('name', $name)->first();
        $count = $paper->content['count'] ?? null;
        is_int($count) && $paper?->update(['content' => [...$paper->content, 'count' => max(0, $count - 1)]]);
    }

    /** @return array<string, int> sheets taken, by the paper's name; those of drawings in the bin too */
    private static function taken(): array
    {
        $taken = [];
        foreach (DB::table('drawings')->whereRaw('cast(choices as text) like ?', ['%"'.SetUp::Taken->value.'"%'])->pluck('choices') as $choices) {
            $name = self::takenBy((array) json_decode((string) $choices, true));
            $name === null || $taken[$name] = ($taken[$name] ?? 0) + 1;
        }

        return $taken;
    }

    /** @param  array<array-key, mixed>  $document */
    private static function takenBy(array $document): ?string
    {
        $paper = $document['paper'] ?? null;

        return is_array($paper) && is_string($paper['name'] ?? null) && in_array(SetUp::Taken->value, (array) ($paper['setup'] ?? []), true) ? $paper['name'] : null;
    }
}
