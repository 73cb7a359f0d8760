<?php

declare(strict_types=1);

namespace InchLadder\Grid;

use InchLadder\Grid\Schools\AxesWithTicks;
use InchLadder\Grid\Schools\CentreCross;
use InchLadder\Grid\Schools\Folding;
use InchLadder\Grid\Schools\MainLines;
use InchLadder\Grid\Schools\OwnLines;
use InchLadder\Grid\Schools\ProportionalCells;
use InchLadder\Grid\Schools\QuartersAndDiagonals;
use InchLadder\Grid\Schools\SquaresByCount;
use InchLadder\Grid\Schools\SquaresByMeasure;
use InchLadder\Grid\Schools\Thirds;

/** The schools of grid, in the order they are shown. A new one is a class in Schools and a line here; its words are in lang/en/schools. */
final class SchoolCatalogue
{
    /** @var list<class-string<School>> */
    private const SCHOOLS = [
        SquaresByCount::class,
        SquaresByMeasure::class,
        ProportionalCells::class,
        Thirds::class,
        QuartersAndDiagonals::class,
        Folding::class,
        AxesWithTicks::class,
        CentreCross::class,
        MainLines::class,
        OwnLines::class,
    ];

    /** @return non-empty-list<string> */
    public static function keys(): array
    {
        return array_map(static fn (string $school): string => $school::key(), self::SCHOOLS);
    }

    /**
     * @param  string  $key  one of keys()
     *
     * @throws \InchLadder\Impossible
     */
    public static function school(string $key, SchoolMeasures $measures): School
    {
        foreach (self::SCHOOLS as $school) {
            if ($school::key() === $key) {
                return $school::from($measures);
            }
        }

        throw new \OutOfBoundsException("No school of grid is called {$key}.");
    }
}
