<?php

declare(strict_types=1);

namespace InchLadder\Marks;

use InchLadder\Paper\Surface;

/** Which pencil to draw guide lines with, and how, each by its name in lang/en/pencils: common practice in drawing classes, no published source. */
final readonly class GuideLines
{
    private function __construct(
        /** Which pencil, or what instead of one. */
        public string $pencil,
        /** How hard it is pressed. */
        public string $pressure,
        /** How the lines come off. */
        public string $after,
        /** Lines would harm this surface: ticks at the edges alone. */
        public bool $edgesOnly,
    ) {
    }

    public static function on(Surface $surface, EndUse $use): self
    {
        return new self(self::pencil($surface, $use), self::pressure($surface, $use), self::after($surface, $use), $surface === Surface::Print || ($surface === Surface::Watercolour && $use === EndUse::Wash));
    }

    /** Whether graphite would shine, not show, or harm: then the whole drawing is begun with something else. */
    public static function isGraphite(Surface $surface): bool
    {
        return in_array($surface, [Surface::Smooth, Surface::Toothed, Surface::Watercolour], true);
    }

    private static function pencil(Surface $surface, EndUse $use): string
    {
        return match (true) {
            $surface === Surface::Print => 'print',
            $surface === Surface::Toned => 'toned',
            $surface === Surface::Canvas => $use === EndUse::Opaque ? 'vine' : 'pastel',
            $surface === Surface::Board => 'chalk',
            $use === EndUse::Wash => 'wash',
            $use === EndUse::Ink => 'sharp',
            $surface === Surface::Smooth => 'smooth',
            $use === EndUse::Stays => 'stays',
            default => 'tooth',
        };
    }

    private static function pressure(Surface $surface, EndUse $use): string
    {
        return match (true) {
            $surface === Surface::Print => 'print',
            $surface === Surface::Board, $surface === Surface::Canvas => 'standing',
            $use === EndUse::Stays => 'even',
            default => 'weightless',
        };
    }

    private static function after(Surface $surface, EndUse $use): string
    {
        return match (true) {
            $surface === Surface::Print => 'print',
            $surface === Surface::Watercolour && $use === EndUse::Wash => 'washed',
            $surface === Surface::Watercolour => 'lifted',
            $surface === Surface::Toned, $surface === Surface::Canvas, $surface === Surface::Board => 'brushed',
            $use === EndUse::Ink => 'ink',
            $use === EndUse::Stays => 'nothing',
            default => 'cell',
        };
    }
}
