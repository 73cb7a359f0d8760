<?php

declare(strict_types=1);

namespace InchLadder\Finish;

/** What there can be to do before a drawing is done, in its order. The values stay: ticks are kept under them. */
enum Task: string
{
    case Open = 'open';
    case Doubtful = 'doubtful';
    case Lengths = 'lengths';
    case Notes = 'notes';
    /** Things that are only sketched in. */
    case Areas = 'areas';
    /** Whites that were to be kept. */
    case Whites = 'whites';
    /** A photograph of the sheet, while the guides are on it. */
    case Shot = 'shot';
    /** The study, carried over to the good sheet; its guides stay behind on it. */
    case Carry = 'carry';
    /** What must not show once what goes over it cannot be undone, and what may go straight in. */
    case Before = 'before';
    /** The guides over cells in which nothing is drawn, where they show most. */
    case LightCells = 'light';
    case Guides = 'guides';
    case Edges = 'edges';
    case Restate = 'restate';
    /** What goes over the pencil. */
    case Over = 'over';
    case Tidy = 'tidy';
    /** A photograph of the drawing as it is done, before it is cut or carried over. */
    case LastShot = 'last shot';
    case Trim = 'trim';
    case Protect = 'protect';
    case Lesson = 'lesson';

    /** Whether the sheet is photographed at it. */
    public function isShot(): bool
    {
        return $this === self::Shot || $this === self::LastShot;
    }
}
