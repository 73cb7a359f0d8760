<?php

declare(strict_types=1);

namespace InchLadder;

/**
 * Something the artist asked for that cannot be.
 *
 * Every way of being impossible has a class of its own, made by a named
 * constructor; its message is one plain sentence that says what was wrong, the
 * limit, and what would work.
 */
abstract class Impossible extends \DomainException
{
    /** The choice the sentence should be shown beside, in the words of `Choices`: `paper.margins`, `grid.columns` … */
    abstract public function choice(): string;
}
