<?php

declare(strict_types=1);

namespace InchLadder\Copying;

/**
 * Once round the whole drawing: the masses in their places, then the contours, then what is inside them.
 * What is placed in one is checked by the next, so that an error is found while it can still be rubbed out.
 */
enum Pass: string
{
    case Place = 'place';
    case Refine = 'refine';
    case Detail = 'detail';

    /** 1 for the first; a cell that has been through so many has been through this one. */
    public function rank(): int
    {
        return array_search($this, self::cases(), true) + 1;
    }

    /** Null after the last. */
    public function next(): ?self
    {
        return self::cases()[$this->rank()] ?? null;
    }

    /** How many a cell that is done has been through. */
    public static function all(): int
    {
        return count(self::cases());
    }
}
