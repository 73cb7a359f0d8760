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
    /** The drawing is cut into a block and printed in ink, left for right. */
    case Relief = 'relief print';

    /** Whether what lies under it cannot be lifted any more, once it is on: water, wax and ink fix graphite (common practice). */
    public function isFinal(): bool
    {
        return in_array($this, [self::Ink, self::Wash, self::Crayon, self::Paint], true);
    }

    /** Whether what is made from the drawing comes out the other way round. */
    public function swapsSides(): bool
    {
        return $this === self::Relief;
    }

    /** Whether anything is laid over the pencil once the guides are off; graphite stays as it is drawn. */
    public function goesOver(): bool
    {
        return $this !== self::Graphite;
    }
}
