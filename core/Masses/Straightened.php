<?php

declare(strict_types=1);

namespace InchLadder\Masses;

/**
 * A line in few straight pieces, none of its places further off than allowed (D. Douglas and T. Peucker, "Algorithms for
 * the Reduction of the Number of Points Required to Represent a Digitized Line or its Caricature", Cartographica 10 (1973)).
 */
final class Straightened
{
    /**
     * @param  non-empty-list<array{int|float, int|float}>  $places
     * @param  float  $off  how far at most, in the same unit
     * @return non-empty-list<array{int|float, int|float}> some of them, the first and last always; of a closed one also the two that lie furthest apart
     */
    public static function of(array $places, float $off): array
    {
        $last = count($places) - 1;
        $kept = [0 => true, $last => true];
        $spans = [[0, $last]];
        if ($last > 1 && $places[0] === $places[$last]) {
            // It begins anywhere: where it is pulled out furthest it would have a corner all the same.
            $start = self::farthest($places, 0, $last)[0];
            $places = [...array_slice($places, $start), ...array_slice($places, 1, $start)];
            assert($places !== []);
            $far = self::farthest($places, 0, $last)[0];
            $kept[$far] = true;
            $spans = [[0, $far], [$far, $last]];
        }
        while ($spans !== []) {
            [$from, $to] = array_pop($spans);
            [$at, $away] = self::farthest($places, $from, $to);
            if ($away > $off) {
                $kept[$at] = true;
                array_push($spans, [$from, $at], [$at, $to]);
            }
        }
        $few = array_values(array_intersect_key($places, $kept));
        assert($few !== []);

        return $few;
    }

    /**
     * @param  non-empty-list<array{int|float, int|float}>  $places
     * @return array{int, float} which place between two lies furthest off the segment between them, and how far
     */
    private static function farthest(array $places, int $from, int $to): array
    {
        [[$x, $y], [$u, $v]] = [$places[$from], $places[$to]];
        [$dx, $dy] = [$u - $x, $v - $y];
        $long = $dx ** 2 + $dy ** 2;
        $most = [$from, 0.0];
        for ($i = $from + 1; $i < $to; $i++) {
            [$px, $py] = [$places[$i][0] - $x, $places[$i][1] - $y];
            $share = $long > 0 ? max(0, min(1, ($px * $dx + $py * $dy) / $long)) : 0;
            $away = sqrt(($px - $share * $dx) ** 2 + ($py - $share * $dy) ** 2);
            if ($away > $most[1]) {
                $most = [$i, $away];
            }
        }

        return $most;
    }
}
