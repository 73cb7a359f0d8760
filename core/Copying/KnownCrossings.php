<?php

declare(strict_types=1);

namespace InchLadder\Copying;

use InchLadder\Grid\Cells;

/** How many of a cell's crossings are known already: those on a side it shares with a cell that is copied. */
final readonly class KnownCrossings
{
    private function __construct(public int $cell, public int $known, public int $of)
    {
    }

    /**
     * The open cells beside copied ones, those with most known first; of as many, those with least to find.
     *
     * @param  list<int>  $copied
     * @param  list<int>  $open
     * @param  \Closure(Place): list<Crossing>  $crossings  of a cell
     * @return list<self> no more than Figures::RANKED, and none of a cell that nothing is known of
     */
    public static function ranked(Cells $cells, array $copied, array $open, \Closure $crossings): array
    {
        $isCopied = array_fill_keys($copied, true);
        $beside = [];
        foreach ($open as $cell) {
            $sides = array_filter(Place::at($cell, $cells)->neighbours($cells), static fn (Place $place): bool => isset($isCopied[$place->index($cells)]));
            if ($sides !== []) {
                $beside[$cell] = count($sides);
            }
        }
        // Looking into a cell takes a moment: only into those with most sides known.
        arsort($beside);
        $ranked = [];
        foreach (array_slice(array_keys($beside), 0, 2 * Figures::RANKED) as $cell) {
            $place = Place::at($cell, $cells);
            $all = $crossings($place);
            $known = count(array_filter($all, static function (Crossing $crossing) use ($place, $cells, $isCopied): bool {
                $beyond = $place->beyond($crossing->side, $cells);

                return $beyond !== null && isset($isCopied[$beyond->index($cells)]);
            }));
            if ($known > 0) {
                $ranked[] = new self($cell, $known, count($all));
            }
        }
        usort($ranked, static fn (self $one, self $other): int => [$other->known, $one->of, $one->cell] <=> [$one->known, $other->of, $other->cell]);

        return array_slice($ranked, 0, Figures::RANKED);
    }
}
