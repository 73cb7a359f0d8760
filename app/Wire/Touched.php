<?php

declare(strict_types=1);

namespace App\Wire;

use App\Documents\ChoicesReader;
use App\Models\Drawing;
use App\Wording\Say;
use Illuminate\Validation\ValidationException;
use InchLadder\Impossible;
use InchLadder\Layout\Hand;
use InchLadder\Layout\Placed;
use InchLadder\Marks\Out\Board;
use InchLadder\Marks\Out\MarkingOut;
use InchLadder\Plan\Plan;

/** What a change of the plan touches of what was made, noted and marked by hand. Nothing of it is lost; it is said once, beside the way back. */
final class Touched
{
    /** The parts of the choices that everything made by hand hangs on. */
    private const UPSTREAM = ['unit', 'photo', 'paper', 'fit', 'grid'];

    /** @param  Plan  $to  the plan as it is to be; the drawing still has the one before */
    public static function by(ChoicesReader $after, Plan $to, Drawing $drawing): string
    {
        [$was, $now] = [$drawing->document() ?? [], $after->document()];
        if (array_filter(self::UPSTREAM, static fn (string $part): bool => ($was[$part] ?? null) != ($now[$part] ?? null)) === []) {
            return '';
        }
        if ($after->choices->points === [] && ! $drawing->isWorkedOn()) {
            return '';
        }
        try {
            $from = $drawing->plan();
        } catch (ValidationException|Impossible) {
            return '';
        }
        $boards = $drawing->markTicks()->distinct()->pluck('board')->all();
        $touched = array_filter([
            self::counted('marks', array_sum(array_map(static fn (string $board): int => self::moved($drawing, $to, $board) - self::moved($drawing, $from, $board), $boards))),
            self::counted('cells', count($drawing->record($from)->settled()) - count($drawing->record($to)->settled())),
            self::croppedAway($from, $to),
        ]);

        return $touched === [] ? '' : Say::it('touched.change', ['what' => implode('; ', $touched)]);
    }

    private static function moved(Drawing $drawing, Plan $plan, string $board): int
    {
        $on = $board === 'photo' ? Board::photo($plan->layout) : Board::paper($plan->layout);

        return $on === null ? 0 : (new MarkingWriter($plan, MarkingOut::of($on, Hand::Right, $plan->choices->reach), $drawing))->movedMarks();
    }

    private static function croppedAway(Plan $from, Plan $to): string
    {
        $inside = static fn (Plan $plan): array => array_map(static fn (Placed $placed): string => $placed->point->name, array_filter($plan->layout->points(), static fn (Placed $placed): bool => $placed->isInside()));
        $away = array_diff($inside($from), $inside($to));

        return $away === [] ? '' : Say::counted('touched.cropped away', count($away), ['points' => implode(', ', $away)]);
    }

    /** @param  'marks'|'cells'  $what */
    private static function counted(string $what, int $count): string
    {
        return $count <= 0 ? '' : Say::counted("touched.{$what}", $count);
    }
}
