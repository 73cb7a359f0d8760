<?php

declare(strict_types=1);

namespace InchLadder\Finish;

/** What goes over the pencil, or does not; it governs when the guides come off and how the sheet is kept. */
enum Medium: string
{
    case Graphite = 'graphite';
    case Ink = 'ink';
    case Wash = 'watercolour';
    case Pastel = 'pastel';
    case Crayon = 'coloured pencil';
    case Paint = 'paint';

    /** Whether anything is laid over the pencil once the guides are off; graphite stays as it is drawn. */
    public function goesOver(): bool
    {
        return $this !== self::Graphite;
    }
}
