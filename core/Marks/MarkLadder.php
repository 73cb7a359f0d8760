<?php

declare(strict_types=1);

namespace InchLadder\Marks;

use InchLadder\Grid\Edge;
use InchLadder\Layout\Reading;
use InchLadder\Measure\Graduation;
use InchLadder\Measure\Length;

/**
 * All the ticks of one edge, each rounded from its own exact value and never
 * from its neighbour, so that no error is over half a graduation.
 */
final readonly class MarkLadder
{
    /** @param  list<Mark>  $marks from the first gridline to the far edge */
    private function __construct(public array $marks)
    {
    }

    /**
     * @param  Length|null  $print  the crop's side; null on a screen
     * @param  Length  $area  the drawing area's side
     * @param  Length  $offset  from the sheet's edge to the drawing area
     */
    public static function along(Edge $edge, ?Length $print, Length $area, Length $offset, Graduation $onPrint, Graduation $onPaper): self
    {
        $marks = [];
        $fractions = $edge->fractions;
        $step = $onPaper->round($area->times($fractions[1]))->reading;
        foreach ($fractions as $line => $fraction) {
            if ($fraction->isZero()) {
                continue;
            }
            $exact = $area->times($fraction);
            $regular = $line > 0 && $fraction->isEqualTo($fractions[1]->times($line));
            $marks[] = new Mark(
                $line,
                Reading::of($print?->times($fraction), $exact, $offset, $onPrint, $onPaper),
                $regular ? $step->times($line)->minus($exact) : $onPaper->round($exact)->error(),
            );
        }

        return new self($marks);
    }

    /** The mark that stepping would miss by most; null when stepping does no harm on this ruler. */
    public function worstStepped(): ?Mark
    {
        $worst = null;
        foreach ($this->marks as $mark) {
            $harm = $mark->steppedError->absolute();
            if ($harm->isLongerThan($mark->at->area->error()->absolute())
                && ($worst === null || $harm->isLongerThan($worst->steppedError->absolute()))) {
                $worst = $mark;
            }
        }

        return $worst;
    }

    /**
     * Which laying of a ruler a mark falls in, from 1, when it is laid on end to end.
     *
     * @param  Length  $ruler  how long it is, over 0
     */
    public static function layingOf(Mark $mark, Length $ruler): int
    {
        return max(1, $mark->at->sheet->reading->over($ruler)->ceiling());
    }

    public function everyMarkIsExact(): bool
    {
        return array_filter($this->marks, static fn (Mark $mark): bool => ! $mark->at->sheet->isExact()) === [];
    }

    /** The same of the print; true where there is none. */
    public function everyMarkIsExactOnPrint(): bool
    {
        return array_filter($this->marks, static fn (Mark $mark): bool => $mark->at->print?->isExact() === false) === [];
    }
}
