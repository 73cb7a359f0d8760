<?php

declare(strict_types=1);

namespace InchLadder\Finish;

/** What goes over the pencil, or does not; it governs when the guides come off and how the sheet is kept. All common practice. */
enum Medium: string
{
    case Graphite = 'graphite';
    case Ink = 'ink';
    case Wash = 'watercolour';
    case Pastel = 'pastel';
    case Crayon = 'coloured pencil';
    case Paint = 'paint';

    /** What is done once the guides are off; null when the drawing is as it stays. */
    public function over(): ?string
    {
        return match ($this) {
            self::Graphite => null,
            self::Ink => 'Ink it, the lines that are settled first. What pencil is left comes off when the ink is dry through, a day later if it is thick.',
            self::Wash => 'Lay the first wash. What is under it once it has dried does not come off any more.',
            self::Pastel => 'Lay the background first, then the subject: its edges and its colours are judged against it.',
            self::Crayon => 'Lay the colours from light to dark; where they are burnished, little takes any more.',
            self::Paint => 'Paint. The full-size overlay, laid back on its marks, shows where a feature has drifted.',
        };
    }

    /** Why the guides come off when they do. */
    public function whyGuides(): string
    {
        return match ($this) {
            self::Graphite => 'Before the last shading: graphite laid over a guide holds it down, and it shows in every light place.',
            self::Ink => 'Before ink: it does not hide what it does not cover.',
            self::Wash => 'Before the first wash: water fixes graphite for good.',
            self::Pastel => 'Before pastel: it does not take where graphite has made the sheet slippery.',
            self::Crayon => 'Before colour: wax seals the graphite in, and it greys the light colours.',
            self::Paint => 'Before paint, where it will be thin; under thick paint they may stay.',
        };
    }

    public function protect(): string
    {
        return match ($this) {
            self::Graphite, self::Crayon => 'Lay a clean sheet over it and keep it flat. A fixative is a matter of taste; try it on a scrap first.',
            self::Ink => 'Let it dry for a day; then a clean sheet over it is enough.',
            self::Wash => 'Let it dry under weights, between clean sheets.',
            self::Pastel => 'Tap the loose dust off outdoors, and lay glassine over it. Spray no fixative where pastel must still take.',
            self::Paint => 'Let it dry as long as the maker says before anything touches it.',
        };
    }

    /** What here can hurt; null when nothing usually does. */
    public function caution(): ?string
    {
        return match ($this) {
            self::Graphite, self::Crayon => 'Fixative: spray outdoors or at an open window, never towards a face; read the can, and follow it and your local rules.',
            self::Pastel => 'Do not blow pastel dust: wipe it up damp, and wash your hands. Fixative only outdoors or at an open window; read the can, and follow it.',
            self::Paint => 'Solvents and varnish: air the room, keep them from flames and children, and follow the label and your local rules.',
            self::Ink, self::Wash => null,
        };
    }
}
