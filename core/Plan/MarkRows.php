<?php

declare(strict_types=1);

namespace InchLadder\Plan;

use InchLadder\Grid\Division;
use InchLadder\Grid\Edge;
use InchLadder\Layout\Reading;
use InchLadder\Marks\Mark;
use InchLadder\Marks\MarkLadder;
use InchLadder\Marks\MarkRow;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;

/** All that is ticked along an edge, in its order: the frame's edge, every gridline, and the finer lines of cells that are cut. */
final class MarkRows
{
    /** @return list<MarkRow> from the left */
    public static function across(Plan $plan): array
    {
        return self::along($plan, $plan->layout->grid->across, $plan->across(), $plan->layout->readAcross(...), static fn (Division $division): int => $division->column);
    }

    /** @return list<MarkRow> from the top */
    public static function down(Plan $plan): array
    {
        return self::along($plan, $plan->layout->grid->down, $plan->down(), $plan->layout->readDown(...), static fn (Division $division): int => $division->row);
    }

    /**
     * @param  \Closure(Rational): Reading  $read
     * @param  \Closure(Division): int  $part  the column or row a division cuts
     * @return list<MarkRow>
     */
    private static function along(Plan $plan, Edge $edge, MarkLadder $ladder, \Closure $read, \Closure $part): array
    {
        $rows = $edge->fractions[0]->isZero() ? ['0' => new MarkRow('0', 0, $read(Rational::zero()), Length::zero())] : [];
        foreach ($ladder->marks as $mark) {
            $rows[(string) $edge->fractions[$mark->line]] = self::row($mark);
        }
        foreach ($plan->choices->divisions as $division) {
            for ($cut = 1; $division->isIn($plan->layout->grid) && $cut < $division->parts; $cut++) {
                $share = $edge->fractions[$part($division)]->plus($edge->span($part($division))->times(Rational::nd($cut, $division->parts)));
                $rows[(string) $share] ??= new MarkRow(trim(($part($division) === 0 ? '' : $part($division)).' '.Rational::nd($cut, $division->parts)), null, $read($share), Length::zero());
            }
        }
        usort($rows, static fn (MarkRow $a, MarkRow $b): int => $a->at->area->exact->mm->compareTo($b->at->area->exact->mm));

        return $rows;
    }

    private static function row(Mark $mark): MarkRow
    {
        return new MarkRow((string) $mark->line, $mark->line, $mark->at, $mark->steppedError);
    }
}
