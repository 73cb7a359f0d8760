<?php

declare(strict_types=1);

namespace InchLadder\Marks;

/** Which pencil to draw guide lines with, and how: common practice in drawing classes, no published source. */
final readonly class GuideLines
{
    private function __construct(public string $pencil, public string $pressure, public string $after, public bool $edgesOnly)
    {
    }

    public static function on(Surface $surface, EndUse $use): self
    {
        return new self(self::pencil($surface, $use), self::pressure($surface, $use), self::after($surface, $use), $surface === Surface::Print || ($surface === Surface::Watercolour && $use === EndUse::Wash));
    }

    private static function pencil(Surface $surface, EndUse $use): string
    {
        return match (true) {
            $surface === Surface::Print => 'None on the print itself: a soft grease or film marker on a clear sheet over it, or a copy of the print.',
            $surface === Surface::Toned => 'A white or pale pastel pencil; graphite would shine and not show.',
            $surface === Surface::Canvas => $use === EndUse::Opaque ? 'Vine charcoal, or thinned paint in a middle tone.' : 'A hard pastel pencil near the ground’s own colour; graphite can work up through thin oil paint.',
            $surface === Surface::Board => 'Chalk, or a snapped chalk line for the long ones.',
            $use === EndUse::Wash => 'HB; harder grooves the sheet and takes the wash, softer smears into it.',
            $use === EndUse::Ink => '2H, sharp.',
            $surface === Surface::Smooth => '2H, sharp: softer smears on a smooth sheet.',
            $use === EndUse::Stays => 'HB.',
            default => 'H; on paper with tooth, HB with no weight at all.',
        };
    }

    private static function pressure(Surface $surface, EndUse $use): string
    {
        return match (true) {
            $surface === Surface::Print => 'Press on nothing that lies on a print: the dent stays.',
            $surface === Surface::Board, $surface === Surface::Canvas => 'Just to be seen from where you stand.',
            $use === EndUse::Stays => 'Light and even.',
            default => 'The weight of the pencil only: you see it at the easel, not from the door.',
        };
    }

    private static function after(Surface $surface, EndUse $use): string
    {
        return match (true) {
            $surface === Surface::Print => 'Nothing to take off; the original is as it was.',
            $surface === Surface::Watercolour && $use === EndUse::Wash => 'Once a wash has dried over it, pencil does not come off: ticks at the edges alone, or lines only where paint will be dark.',
            $surface === Surface::Watercolour => 'Lift with a kneaded eraser before the first wash; rubbing roughens the size.',
            $surface === Surface::Toned, $surface === Surface::Canvas, $surface === Surface::Board => 'Brush off, or lift with a kneaded eraser or a damp cloth; try it in a corner.',
            $use === EndUse::Ink => 'Lift the guides before ink goes on: ink does not hide what it does not cover. What pencil is left comes off when the ink is dry through.',
            $use === EndUse::Stays => 'Nothing.',
            default => 'Take each cell’s lines off with a kneaded eraser before it is shaded.',
        };
    }
}
