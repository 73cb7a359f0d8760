<?php

declare(strict_types=1);

namespace App\Documents;

use App\Documents\Choices\ChoicesJson;
use App\Documents\Reading\FitPart;
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
        [$before, $fit] = [$was->json->fit, $now->json->fit];
        if ($fit->planned === null) {
            // What was never the planner's says from now on what it was chosen for.
            $isSaid = $fit->own !== null || self::chosenFor($was->json) === self::chosenFor($now->json);

            return $isSaid ? $now : self::changed($now, ['fit' => ['own' => self::ownOf($now->json, $was->json)]], $wide, $high);
        }
        if (! $isWorkedOn || $before->planned === null || self::chosen($was->json) === self::chosen($now->json)) {
            return $now;
        }
        try {
            $kept = self::changed($now, [
                'paper' => ['turn' => $was->json->paper->turn],
                'fit' => [...(array) $before, 'planned' => null, 'own' => self::ownOf($was->json, $was->json)],
            ], $wide, $high);
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
        $cells = $plan->layout->fitted->cells;
        [, $for, $answer] = [...explode(' ', (string) $json->fit->own), '', ''];
        $hasChanged = $for !== self::chosenFor($json);
        if ($json->fit->own === null || (! $hasChanged && ($cells === null || $answer === self::DECLINED))) {
            return null;
        }
        try {
            $best = (new Planning($plan->choices))->asItLies();
        } catch (NoPlan) {
            return null;
        }
        $stands = $cells !== null && [$cells->columns, $cells->rows] === [$best->columns, $best->rows]
            && $plan->layout->cell()->width->equals($best->paperCell);
        $crop = $plan->layout->fitted->crop;
        $keepsMore = $best->kept->isGreaterThan($crop->width->times($crop->height));

        return ! $stands && ($hasChanged || $keepsMore) ? $best : null;
    }

    /**
     * The artist's own, kept as it is where the best plan was offered.
     *
     * @return array{planned: null, own: string}
     */
    public static function declined(ChoicesJson $json): array
    {
        return ['planned' => null, 'own' => self::ownOf($json, $json).' '.self::DECLINED];
    }

    private static function own(ChoicesReader $read, ?int $wide, ?int $high): ChoicesReader
    {
        $fit = $read->json->fit;
        // One that was never the planner's says nothing until what it was made for changes.
        if ($fit->planned === null && ($fit->own === null || str_starts_with($fit->own, self::mine($read->json).' '))) {
            return $read;
        }

        return self::changed($read, ['fit' => ['planned' => null, 'own' => self::ownOf($read->json, $read->json)]], $wide, $high);
    }

    private static function planned(ChoicesReader $read, ?int $wide, ?int $high): ChoicesReader
    {
        $document = $read->document();
        // Turned for the plan before, it is free to be turned for this one.
        if (str_contains((string) $read->json->fit->planned, " turned:{$read->json->paper->turn}")) {
            $document['paper']['turn'] = 'advised';
        }
        $free = ChoicesReader::read($document, $wide, $high);
        $planning = new Planning($free->choices);
        try {
            $best = $planning->best();
            $turned = $best->isTurned;
            $changed = ['paper' => ['turn' => $planning->turn($best)->value], 'fit' => self::fit($read, $best)];
        } catch (NoPlan) {
            $turned = false;
            $changed = ['fit' => ['way' => Way::Crop->value]];
        }
        $adopted = self::changed($free, $changed, $wide, $high);
        $planned = self::chosen($adopted->json).' '.self::made($adopted->json).($turned ? " turned:{$adopted->json->paper->turn}" : '');

        return self::changed($adopted, ['fit' => ['planned' => $planned, 'own' => null]], $wide, $high);
    }

    /**
     * A plan as the fit that makes it.
     *
     * @return array<string, mixed>
     */
    public static function fit(ChoicesReader $read, Proposal $best): array
    {
        return FitPart::squares(Planning::squares($best), $read->choices->notation);
    }

    /** What makes the planner's fit what it is, in one word. */
    private static function chosen(ChoicesJson $json): string
    {
        $fit = $json->fit;
        $what = $fit->way === Way::Cells->value
            ? [$fit->cell, $fit->print_cell ?? '-', "{$fit->columns}x{$fit->rows}"]
            : [$fit->way, $fit->lock, $json->grid->school, "{$json->grid->columns}x{$json->grid->rows}", $json->grid->cell];

        return str_replace(' ', '_', implode('|', [...$what, $fit->size, $fit->left ?? '-', $fit->top ?? '-']));
    }

    /** What makes the artist's own fit and grid what they are. Where the crop lies is no other choice. */
    private static function mine(ChoicesJson $json): string
    {
        return hash('crc32b', (string) json_encode([
            array_diff_key((array) $json->fit, array_flip(['planned', 'own', 'left', 'top'])),
            array_diff_key((array) $json->grid, array_flip(['labels', 'corner', 'colour', 'weights', 'overlays'])),
        ]));
    }

    /** What `fit.own` says of the artist's own fit: which it is, and what it was chosen for. */
    private static function ownOf(ChoicesJson $fit, ChoicesJson $for): string
    {
        return self::mine($fit).' '.self::chosenFor($for);
    }

    /** What an own fit was chosen for: as made(), without how the sheet is cared for. */
    private static function chosenFor(ChoicesJson $json): string
    {
        return self::made($json, ['surface', 'delicate', 'purpose', 'setup']);
    }

    /**
     * What it was made for: the photo, the paper, the rulers.
     *
     * @param  list<string>  $without  fields of the paper that do not count
     */
    private static function made(ChoicesJson $json, array $without = []): string
    {
        $photo = array_diff_key((array) $json->photo, array_flip(['source', 'permission', 'agreed', 'least_cell', 'light', 'border_stays']));
        $paper = array_diff_key((array) $json->paper, array_flip(['colour', 'placement', 'offset', 'margins_for', 'name', ...$without]));

        return hash('crc32b', (string) json_encode([$photo, $paper, $json->unit, $json->ruler]));
    }

    /** @param  array<string, array<string, mixed>>  $changes  by the part of the document */
    private static function changed(ChoicesReader $read, array $changes, ?int $wide, ?int $high): ChoicesReader
    {
        return ChoicesReader::read(array_replace_recursive($read->document(), $changes), $wide, $high);
    }
}
