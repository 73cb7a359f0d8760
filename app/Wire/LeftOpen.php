<?php

declare(strict_types=1);

namespace App\Wire;

use App\Wording\CheckWording;
use InchLadder\Copying\CellRecord;
use InchLadder\Copying\Noted;
use InchLadder\Copying\Place;
use InchLadder\Plan\Plan;

/** What was left open on a drawing, and is carried to the next sitting. */
final class LeftOpen
{
    /** @return array{list<string>, list<string>, list<string>, list<string>} cells in doubt, cells with notes, lengths that do not pass, and things not ticked in the pass that is on */
    public static function of(Plan $plan, CellRecord $record): array
    {
        $cells = $plan->layout->grid->cells();
        $named = static fn (\Closure $which): array => array_map(static fn (int $cell): string => $plan->layout->addresses->of(Place::at($cell, $cells)->column, Place::at($cell, $cells)->row), array_keys(array_filter($record->cells, $which)));
        $pass = $plan->choices->pass();

        return [
            $named(static fn (Noted $noted): bool => $noted->doubtful), $named(static fn (Noted $noted): bool => $noted->words !== ''),
            (new CheckWording($plan))->out(), $pass === null ? [] : $plan->things()->missingIn($pass),
        ];
    }
}
