<?php

declare(strict_types=1);

namespace InchLadder\Masses;

/** A line cut where it crosses the lines of a grid: straightened part by part it still crosses them where it did, as the hand takes it over. */
final class CutAtLines
{
    /**
     * @param  non-empty-list<array{int|float, int|float}>  $places
     * @param  list<float>  $columns  where upright lines lie, in the unit of the places
     * @param  list<float>  $rows  where level ones lie
     * @return non-empty-list<non-empty-list<array{int|float, int|float}>> its parts in order, each from where the one before ended
     */
    public static function of(array $places, array $columns, array $rows): array
    {
        $parts = [];
        $part = [$places[0]];
        for ($i = 1, $count = count($places); $i < $count; $i++) {
            [$from, $to] = [$places[$i - 1], $places[$i]];
            foreach (self::crossed($from, $to, $columns, $rows) as $place) {
                $parts[] = [...$part, $place];
                $part = [$place];
            }
            $part[] = $to;
        }

        return [...$parts, $part];
    }

    /**
     * @param  array{int|float, int|float}  $from
     * @param  array{int|float, int|float}  $to
     * @param  list<float>  $columns
     * @param  list<float>  $rows
     * @return list<array{float, float}> in the order they are come to, neither end
     */
    private static function crossed(array $from, array $to, array $columns, array $rows): array
    {
        $found = [];
        foreach ([$columns, $rows] as $axis => $lines) {
            foreach ($lines as $line) {
                if (($from[$axis] - $line) * ($to[$axis] - $line) < 0) {
                    $share = ($line - $from[$axis]) / ($to[$axis] - $from[$axis]);
                    $found[] = [$share, [$from[0] + $share * ($to[0] - $from[0]), $from[1] + $share * ($to[1] - $from[1])]];
                }
            }
        }
        usort($found, static fn (array $one, array $other): int => $one[0] <=> $other[0]);

        return array_column($found, 1);
    }
}
