<?php

declare(strict_types=1);

namespace InchLadder\Copying;

/**
 * Detail that is begun before what holds it stands: an eye is soon finished, and hard to give up when the
 * head around it turns out a finger's breadth too small.
 */
final readonly class EarlyDetail
{
    private function __construct(
        /** How many cells are not placed yet. */
        public int $unplaced,
        /** @var list<string> things whose boxes do not stand yet */
        public array $boxes,
        /** A grid holds what boxes do not: then it is milder. */
        public bool $isMild,
    ) {
    }

    /**
     * @param  list<string>  $boxes  names of things that are not ticked as placed
     * @return self|null null when all of it stands, or detail is not on
     */
    public static function of(?Pass $pass, int $unplaced, array $boxes, int $cells): ?self
    {
        return $pass !== Pass::Detail || ($unplaced === 0 && $boxes === []) ? null : new self($unplaced, $boxes, $cells >= Figures::GRID_HOLDS);
    }
}
