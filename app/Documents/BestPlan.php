<?php

declare(strict_types=1);

namespace App\Documents;

use App\Documents\Choices\ChoicesJson;
use InchLadder\Fit\Way;
use InchLadder\Impossible;
use InchLadder\Plan\Plan;
use InchLadder\Plan\Planning;
use InchLadder\Planner\NoPlan;
use InchLadder\Planner\Proposal;

/**
 * What a new drawing opens on: the best plan for its photo and its paper. As long as no fit and no grid was chosen, it
 * follows them: another sheet, print, unit, margin or subject, and the plan is the best for that. After that it is
 * offered where one of them has changed.
 *
 * The document remembers what was planned, and for what, in `fit.planned`. Once the fit or the grid is another, they are
 * the artist's own, and `fit.own` remembers what they were chosen for.
 */
final class BestPlan
{
    private const DECLINED = 'declined';

    /**
     * @param  array<array-key, mixed>  $document
     *
     * @throws \Illuminate\Validation\ValidationException
     * @throws Impossible
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
     * @throws Impossible
     */
    public static function read(array $document, ?int $wide, ?int $high): ChoicesReader
    {
        $read = ChoicesReader::read($document, $wide, $high);
        $planned = $read->json->fit->planned;

        return match (true) {
            $planned === null, ! str_starts_with($planned, self::chosen($read->json).' ') => self::own($read, $wide, $high),
            str_starts_with("{$planned} ", self::chosen($read->json).' '.self::made($read->json).' ') => $read,
            default => self::planned($read, $wide, $high),
        };
    }

    /**
     * Choices as they follow those a drawing stands on. Once something was drawn by its plan, the plan is the artist's own,
     * and does not follow.
     *
     * @param  ChoicesReader  $was  as the drawing stands
     * @param  ChoicesReader  $now  as it is to be
     */
    public static function follow(ChoicesReader $was, ChoicesReader $now, bool $isWorkedOn, ?int $wide, ?int $high): ChoicesReader
    {
        $own = $now->json->fit;
        if ($own->planned === null) {
            return $own->own !== null || self::chosenFor($was->json) === self::chosenFor($now->json) ? $now
                : ChoicesReader::read(self::with($now->document(), ['fit' => ['own' => self::mine($now->json).' '.self::chosenFor($was->json)]]), $wide, $high);
        }
        if (! $isWorkedOn || $was->json->fit->planned === null || self::chosen($was->json) === self::chosen($now->json)) {
            return $now;
        }
        $fit = [...(array) $was->json->fit, 'planned' => null, 'own' => self::mine($was->json).' '.self::chosenFor($was->json)];
        try {
            $kept = ChoicesReader::read(self::with($now->document(), ['paper' => ['turn' => $was->json->paper->turn], 'fit' => $fit]), $wide, $high);
            Plan::of($kept->choices);
        } catch (Impossible) {
            // It no longer lies on the paper.
            return $now;
        }

        return $kept;
    }

    /**
     * The best plan, where something has changed that the artist's own was chosen for, or where own squares crop what the
     * best would keep; null where neither is so, where it was declined, and where there is none.
     */
    public static function offered(ChoicesJson $json, Plan $plan): ?Proposal
    {
        $isSquares = $plan->layout->fitted->cells !== null;
        $own = explode(' ', (string) $json->fit->own);
        $hasChanged = ($own[1] ?? null) !== self::chosenFor($json);
        if ($json->fit->own === null || (! $hasChanged && (! $isSquares || ($own[2] ?? null) === self::DECLINED))) {
            return null;
        }
        try {
            $best = (new Planning($plan->choices))->asItLies();
        } catch (NoPlan) {
            return null;
        }
        $cells = $plan->layout->fitted->cells;
        $stands = $cells !== null && [$cells->columns, $cells->rows] === [$best->columns, $best->rows] && $plan->layout->cell()->width->equals($best->paperCell);
        $crops = $plan->layout->fitted->crop;

        return $stands || (! $hasChanged && ! $best->kept->isGreaterThan($crops->width->times($crops->height))) ? null : $best;
    }

    /**
     * The artist's own, kept as it is where the best plan was offered.
     *
     * @return array{planned: null, own: string}
     */
    public static function declined(ChoicesJson $json): array
    {
        return ['planned' => null, 'own' => implode(' ', [self::mine($json), self::chosenFor($json), self::DECLINED])];
    }

    private static function own(ChoicesReader $read, ?int $wide, ?int $high): ChoicesReader
    {
        $mine = self::mine($read->json);
        $fit = $read->json->fit;
        // One that was never the planner's says nothing until what it was made for changes.
        if ($fit->planned === null && ($fit->own === null || str_starts_with($fit->own, "{$mine} "))) {
            return $read;
        }

        return ChoicesReader::read(self::with($read->document(), ['fit' => ['planned' => null, 'own' => "{$mine} ".self::chosenFor($read->json)]]), $wide, $high);
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
            $turned = $best->isTurned;
            $changed = ['paper' => ['turn' => $planning->turn($best)->value], 'fit' => self::fit($read, $best)];
        } catch (NoPlan) {
            $turned = false;
            $changed = ['fit' => ['way' => Way::Crop->value]];
        }
        $adopted = ChoicesReader::read(self::with($document, $changed), $wide, $high);
        $planned = self::chosen($adopted->json).' '.self::made($adopted->json).($turned ? " turned:{$adopted->json->paper->turn}" : '');

        return ChoicesReader::read(self::with($adopted->document(), ['fit' => ['planned' => $planned, 'own' => null]]), $wide, $high);
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
            'way' => Way::Cells->value, 'cell' => $exactly($best->paperCell), 'print_cell' => $best->photoCell === null ? null : $exactly($best->photoCell),
            'columns' => $best->columns, 'rows' => $best->rows, 'size' => '1', 'left' => null, 'top' => null,
        ];
    }

    /** What makes the planner's fit what it is, in one word. */
    private static function chosen(ChoicesJson $json): string
    {
        $fit = $json->fit;
        $cells = [$fit->cell, $fit->print_cell ?? '-', "{$fit->columns}x{$fit->rows}"];
        $grid = [$fit->way, $fit->lock, $json->grid->school, "{$json->grid->columns}x{$json->grid->rows}", $json->grid->cell];

        return str_replace(' ', '_', implode('|', [...$fit->way === Way::Cells->value ? $cells : $grid, $fit->size, $fit->left ?? '-', $fit->top ?? '-']));
    }

    /** What makes the artist's own fit and grid what they are. Where the crop lies is no other choice. */
    private static function mine(ChoicesJson $json): string
    {
        return hash('crc32b', (string) json_encode([
            array_diff_key((array) $json->fit, ['planned' => 0, 'own' => 0, 'left' => 0, 'top' => 0]),
            array_diff_key((array) $json->grid, ['labels' => 0, 'corner' => 0, 'colour' => 0, 'weights' => 0, 'overlays' => 0]),
        ]));
    }

    /** What an own fit was chosen for: as made(), without how the sheet is cared for. */
    private static function chosenFor(ChoicesJson $json): string
    {
        return self::made($json, ['surface' => 0, 'delicate' => 0, 'purpose' => 0, 'setup' => 0]);
    }

    /**
     * What it was made for: the photo, the paper, the rulers.
     *
     * @param  array<string, int>  $without  fields of the paper that do not count
     */
    private static function made(ChoicesJson $json, array $without = []): string
    {
        $photo = array_diff_key((array) $json->photo, ['source' => 0, 'permission' => 0, 'agreed' => 0, 'least_cell' => 0, 'light' => 0, 'border_stays' => 0]);
        $paper = array_diff_key((array) $json->paper, ['colour' => 0, 'placement' => 0, 'offset' => 0, 'margins_for' => 0, 'name' => 0, ...$without]);

        return hash('crc32b', (string) json_encode([$photo, $paper, $json->unit, $json->ruler]));
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
