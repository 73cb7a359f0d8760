<?php

declare(strict_types=1);

namespace InchLadder\Copying;

use InchLadder\Grid\Cells;

/** How far the cells are that are to be copied: in the pass in force, or each until it is finished. */
final readonly class Standing
{
    private function __construct(
        /** @var list<int> cells something was drawn in, and more is to come */
        public array $begun,
        /** @var list<list<int>> groups of cells side by side that are more than a pass before the one that is furthest behind */
        public array $ahead,
    ) {
    }

    /** @param  list<int>  $spared  cells that are not to be drawn */
    public static function of(CellRecord $record, Cells $cells, array $spared, Working $working): self
    {
        $ranks = [];
        foreach ($record->toDraw($cells, $spared) as $cell) {
            $ranks[$cell] = $record->at($cell)->reached;
        }
        $begun = array_keys(array_filter($ranks, static fn (int $rank): bool => $rank > 0 && $rank < Pass::all()));
        $least = $ranks === [] ? 0 : min($ranks);
        $ahead = $working === Working::Cells ? [] : array_keys(array_filter($ranks, static fn (int $rank): bool => $rank > $least + 1));

        return new self($begun, self::together($ahead, $cells));
    }

    /**
     * @param  list<int>  $chosen
     * @return list<list<int>> those that share sides with one another, together
     */
    private static function together(array $chosen, Cells $cells): array
    {
        $left = array_fill_keys($chosen, true);
        $groups = [];
        foreach ($chosen as $first) {
            $group = [];
            for ($waiting = [$first]; $waiting !== [];) {
                $cell = array_pop($waiting);
                if (! isset($left[$cell])) {
                    continue;
                }
                unset($left[$cell]);
                $group[] = $cell;
                foreach (Place::at($cell, $cells)->neighbours($cells) as $beside) {
                    $waiting[] = $beside->index($cells);
                }
            }
            if ($group !== []) {
                sort($group);
                $groups[] = $group;
            }
        }

        return $groups;
    }
}
