<?php

declare(strict_types=1);

namespace App\Documents;

use InchLadder\Plan\Planning;
use InchLadder\Planner\NoPlan;
use InchLadder\Planner\Proposal;

/**
 * What a new drawing opens on: the best plan for its photo and its paper. As long as nothing else was chosen for
 * the fit, it follows them: another sheet, another print, another subject, and the plan is the best for that.
 *
 * The document remembers what was planned, and for what, in `fit.planned`; once the fit is another, it is the artist's own.
 */
final class BestPlan
{
    /**
     * @param  array<array-key, mixed>  $document
     *
     * @throws \Illuminate\Validation\ValidationException
     * @throws \InchLadder\Impossible
     */
    public static function begin(array $document, ?int $wide, ?int $high): ChoicesReader
    {
        return self::planned(ChoicesReader::read($document, $wide, $high), $wide, $high);
    }

    /**
     * Choices as they are sent, their plan anew where it is still the planner's and what it was made for has changed.
     *
     * @param  array<array-key, mixed>  $document
     *
     * @throws \Illuminate\Validation\ValidationException
     * @throws \InchLadder\Impossible
     */
    public static function read(array $document, ?int $wide, ?int $high): ChoicesReader
    {
        $read = ChoicesReader::read($document, $wide, $high);
        $planned = $read->json->fit->planned;
        if ($planned === null) {
            return $read;
        }
        $own = $read->json->fit->way !== 'cells' || ! str_starts_with($planned, self::chosen($read).' ');

        return match (true) {
            $own => ChoicesReader::read(self::with($document, ['fit' => ['planned' => null]]), $wide, $high),
            str_starts_with("{$planned} ", self::chosen($read).' '.self::made($read).' ') => $read,
            default => self::planned($read, $wide, $high),
        };
    }

    private static function planned(ChoicesReader $read, ?int $wide, ?int $high): ChoicesReader
    {
        $document = $read->document();
        // Turned for the plan before, it is free to be turned for this one.
        if (str_contains((string) $read->json->fit->planned, " turned:{$read->json->paper->turn}")) {
            $document['paper']['turn'] = 'advised';
        }
        $planning = new Planning(ChoicesReader::read($document, $wide, $high)->choices);
        try {
            $best = $planning->best();
        } catch (NoPlan) {
            return ChoicesReader::read(self::with($document, ['fit' => ['way' => 'crop', 'planned' => null]]), $wide, $high);
        }
        $adopted = ChoicesReader::read(self::with($document, ['paper' => ['turn' => $planning->turn($best)->value], 'fit' => self::fit($read, $best)]), $wide, $high);

        return ChoicesReader::read(self::with($adopted->document(), ['fit' => ['planned' => self::chosen($adopted).' '.self::made($adopted).($best->isTurned ? " turned:{$adopted->json->paper->turn}" : '')]]), $wide, $high);
    }

    /**
     * A plan as the fit that makes it.
     *
     * @return array<string, mixed>
     */
    public static function fit(ChoicesReader $read, Proposal $best): array
    {
        $exactly = $read->choices->notation->exactly(...);

        return [
            'way' => 'cells', 'cell' => $exactly($best->paperCell), 'print_cell' => $best->photoCell === null ? null : $exactly($best->photoCell),
            'columns' => $best->columns, 'rows' => $best->rows, 'size' => '1', 'left' => null, 'top' => null,
        ];
    }

    /** What makes the fit what it is, in one word. */
    private static function chosen(ChoicesReader $read): string
    {
        $fit = $read->json->fit;

        return str_replace(' ', '_', implode('|', [$fit->cell, $fit->print_cell ?? '-', "{$fit->columns}x{$fit->rows}", $fit->size, $fit->left ?? '-', $fit->top ?? '-']));
    }

    /** What it was made for: the photo, the paper, the rulers. */
    private static function made(ChoicesReader $read): string
    {
        $photo = array_diff_key((array) $read->json->photo, ['source' => 0, 'permission' => 0, 'agreed' => 0, 'least_cell' => 0, 'light' => 0]);
        $paper = array_diff_key((array) $read->json->paper, ['colour' => 0, 'placement' => 0, 'offset' => 0, 'margins_for' => 0, 'name' => 0]);

        return hash('crc32b', (string) json_encode([$photo, $paper, $read->json->unit, $read->json->ruler]));
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @param  array<string, array<string, mixed>>  $changed
     * @return array<array-key, mixed>
     */
    private static function with(array $document, array $changed): array
    {
        foreach ($changed as $part => $fields) {
            $document[$part] = [...is_array($document[$part] ?? null) ? $document[$part] : [], ...$fields];
        }

        return $document;
    }
}
