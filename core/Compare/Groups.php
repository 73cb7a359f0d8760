<?php

declare(strict_types=1);

namespace InchLadder\Compare;

/** Finds what moved together, once the whole is taken off: told of only where it says more than its places do one by one (the BIC, as in Explanation). */
final class Groups
{
    /**
     * @param  list<Measured>  $points  that count
     * @return list<Group> that which explains most first
     */
    public static function among(array $points, Motion $whole): array
    {
        $number = log(2 * max(1, count($points)));
        $found = [];
        while (true) {
            [$best, $most] = [null, 0.0];
            foreach (self::candidates($points, $whole) as [$thing, $members]) {
                [$group, $gain] = self::tried($thing, $members, $whole, $number);
                if ($group !== null && $gain > $most) {
                    [$best, $most] = [$group, $gain];
                }
            }
            if ($best === null) {
                return $found;
            }
            $found[] = $best;
            $points = array_values(array_filter($points, static fn (Measured $one): bool => ! in_array($one->name, $best->points, true)));
        }
    }

    /**
     * @param  list<Measured>  $points
     * @return list<array{string|null, list<Measured>}>
     */
    private static function candidates(array $points, Motion $whole): array
    {
        $named = [];
        foreach ($points as $one) {
            foreach ($one->things as $thing) {
                $named[$thing][] = $one;
            }
        }
        $all = [];
        foreach ($named as $thing => $members) {
            $all[] = [(string) $thing, $members];
        }
        foreach ($points as $seed) {
            if (! $seed->passes($seed->off($whole))) {
                $all[] = [null, self::neighbours($seed, $points, $whole)];
            }
        }

        return $all;
    }

    /**
     * From a place outwards, as far as all moved alike.
     *
     * @param  list<Measured>  $points
     * @return list<Measured>
     */
    private static function neighbours(Measured $seed, array $points, Motion $whole): array
    {
        usort($points, static fn (Measured $a, Measured $b): int => hypot($a->x - $seed->x, $a->y - $seed->y) <=> hypot($b->x - $seed->x, $b->y - $seed->y));
        [$right, $down] = $seed->after($whole);
        $together = [];
        foreach ($points as $one) {
            [$r, $d] = $one->after($whole);
            if ($one->passes(hypot($r, $d)) || hypot($r - $right, $d - $down) > max($one->tolerance, Figures::ALIKE * hypot($right, $down))) {
                break;
            }
            $together[] = $one;
        }

        // What most places did is the whole's, not a group's.
        return 2 * count($together) > count($points) ? [] : $together;
    }

    /**
     * @param  list<Measured>  $members
     * @param  float  $number  what one number costs
     * @return array{Group|null, float} and by how much it is better
     */
    private static function tried(?string $thing, array $members, Motion $whole, float $number): array
    {
        $out = array_filter($members, static fn (Measured $one): bool => ! $one->passes($one->off($whole)));
        if (count($members) < 2 || 2 * count($out) <= count($members)) {
            return [null, 0.0];
        }
        $from = array_map(static fn (Measured $one): array => $whole->apply($one->x, $one->y), $members);
        $to = array_map(static fn (Measured $one): array => [$one->outX, $one->outY], $members);
        /** @var non-empty-list<array{float, float}> $from */
        /** @var non-empty-list<array{float, float}> $to */
        $alone = array_sum(array_map(static fn (Measured $one): float => $one->passes($one->off($whole)) ? $one->cost($one->off($whole)) : 2 * $number, $members));
        [$best, $most] = [null, 0.0];
        foreach ([[2, Motion::shift($from, $to)], [4, count($members) < 3 ? null : Motion::similarity($from, $to)]] as [$numbers, $motion]) {
            if ($motion === null) {
                continue;
            }
            $left = 0.0;
            foreach ($members as $i => $one) {
                [$x, $y] = $motion->apply(...$from[$i]);
                $off = hypot($to[$i][0] - $x, $to[$i][1] - $y);
                $left += $one->passes($off) ? $one->cost($off) : 2 * $number;
            }
            // A name is worth something: what has one is told of rather than neighbours without.
            $gain = $alone - $left - $numbers * $number + ($thing === null ? 0.0 : 0.5);
            if ($gain > $most) {
                $most = $gain;
                $best = new Group($thing, array_map(static fn (Measured $one): string => $one->name, $members), $motion, [
                    array_sum(array_column($from, 0)) / count($from), array_sum(array_column($from, 1)) / count($from),
                ], $numbers, $left);
            }
        }

        return [$best, $most];
    }
}
