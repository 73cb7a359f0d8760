<?php

declare(strict_types=1);

namespace InchLadder\Marks;

use InchLadder\Measure\Rational;

/** A strip or a sheet that is folded in half, and in half again: which crease makes which line. */
final class Folding
{
    /**
     * All creases of so many halvings, in the order of their places.
     *
     * A crease of order 1 is the first; 2 halves what that left, and so on. It is made by bringing the two lines it
     * lies between together.
     *
     * @param  int<1, 4>  $times  2 to 16 parts
     * @return list<array{at: Rational, order: int, from: Rational, to: Rational}> at, and the lines brought together, as shares of the edge
     */
    public static function creases(int $times): array
    {
        $parts = 2 ** $times;

        return array_map(static function (int $i) use ($parts, $times): array {
            $order = $times;
            for ($rest = $i; $rest % 2 === 0; $rest = intdiv($rest, 2)) {
                $order--;
            }
            $reach = 2 ** ($times - $order);

            return ['at' => Rational::nd($i, $parts), 'order' => $order, 'from' => Rational::nd($i - $reach, $parts), 'to' => Rational::nd($i + $reach, $parts)];
        }, range(1, $parts - 1));
    }

    /**
     * How many halvings make so many parts; null when folding in half never does.
     *
     * @return int<1, 4>|null
     */
    public static function timesFor(int $parts): ?int
    {
        return match ($parts) {
            2 => 1,
            4 => 2,
            8 => 3,
            16 => 4,
            default => null,
        };
    }
}
