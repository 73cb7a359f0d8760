<?php

declare(strict_types=1);

namespace InchLadder\Marks;

use InchLadder\Layout\Layout;
use InchLadder\Layout\Placed;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;

/** A distance from a point that stands to one that is carried over: what dividers take on the print, and strike on the paper. */
final readonly class Arc
{
    /** @param  Length|null  $print  null on a screen */
    private function __construct(public string $from, public Length $paper, public ?Length $print)
    {
    }

    public static function from(Layout $layout, Placed $one, Placed $to): self
    {
        [$x, $y] = [$to->x->minus($one->x), $to->y->minus($one->y)];
        $on = static fn (Size $board): Length => Length::mm(Rational::near(hypot($board->width->times($x)->toFloat(), $board->height->times($y)->toFloat()), 4));

        return new self($one->point->name, $on($layout->fitted->area), $layout->print === null ? null : $on($layout->print));
    }
}
