<?php

declare(strict_types=1);

namespace InchLadder\Copying;

use InchLadder\Grid\Cells;

/** How many cells are done, over all passes: one count for the ladder, the shelf and the printed plan. */
final readonly class Tally
{
    private function __construct(
        public int $done,
        /** Cells there is something to draw in. */
        public int $of,
    ) {
    }

    /** @param  list<int>  $spared  cells that are not to be drawn */
    public static function of(CellRecord $record, Cells $cells, array $spared): self
    {
        $drawn = $record->toDraw($cells, $spared);

        return new self(count(array_filter($drawn, static fn (int $cell): bool => $record->at($cell)->isSettled())), count($drawn));
    }
}
