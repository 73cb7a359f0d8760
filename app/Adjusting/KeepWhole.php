<?php

declare(strict_types=1);

namespace App\Adjusting;

use App\Documents\ChoicesReader;
use App\Wording\ClearanceWording;
use App\Wording\Phrases;
use InchLadder\Plan\Plan;

/** A boxed thing that a line runs through: the crop moves until it lies in one cell, or what else was chosen of the ways to deal with it. */
final readonly class KeepWhole implements Adjustment
{
    /** @param  array<array-key, mixed>  $how  the box: left, top, width, height; by: the way that was chosen */
    public function apply(ChoicesReader $read, array $how): Adjusted
    {
        $plan = Plan::of($read->choices);
        if ($plan->pinned !== null) {
            return new Adjusted([], Phrases::pinned($plan->pinned));
        }
        $clearances = self::clearances($plan, $how);
        $way = $clearances->ways[Input::typed($how, 'by') ?: 'clear'] ?? null;
        if ($way === null) {
            return new Adjusted([], $clearances->cannot());
        }
        $moved = ['left' => (string) $way->crop->left, 'top' => (string) $way->crop->top];
        $changes = match (true) {
            $way->columns !== null => ['fit' => [...$moved, ...$read->json->fit->way === 'cells' ? ['way' => 'crop', 'lock' => 'paper', 'size' => '1'] : []], 'grid' => ['school' => 'count', 'columns' => $way->columns]],
            $way->moves() => ['fit' => $moved],
            default => [],
        };

        return new Adjusted($changes, $clearances->done($way));
    }

    /** @param  array<array-key, mixed>  $how */
    public static function clearances(Plan $plan, array $how): ClearanceWording
    {
        return new ClearanceWording($plan, Input::share($how, 'left'), Input::share($how, 'top'), Input::share($how, 'width'), Input::share($how, 'height'));
    }
}
