<?php

declare(strict_types=1);

namespace InchLadder\Copying;

use InchLadder\Measure\Size;

/**
 * A path told as a hand draws it: cut at its corners, and between them as few straight pieces and bows as come near
 * enough. A bow is the arc of a circle through both ends; an S is two.
 */
final readonly class Pieces
{
    /** Shares of how far a path strays that its bow may bulge. */
    private const BULGES = [1.0, 0.97, 0.94, 0.91, 0.88];

    private function __construct(
        /** @var non-empty-list<Piece> */
        public array $all,
        /** @var list<array{float, float}> the places where two pieces meet at a corner, as shares of the cell */
        public array $corners,
    ) {
    }

    /**
     * @param  non-empty-list<array{float, float}>  $path  shares of the cell
     * @param  Size  $cell  on the paper
     */
    public static function of(array $path, Size $cell): self
    {
        [$wide, $high] = [$cell->width->toFloat(), $cell->height->toFloat()];
        $side = max($wide, $high);
        $on = EvenSteps::along(array_map(static fn (array $at): array => [$at[0] * $wide, $at[1] * $high], $path), Figures::EVEN * $side);
        $corners = self::corners($on);
        $pieces = [];
        $from = 0;
        foreach ([...$corners, count($on) - 1] as $to) {
            array_push($pieces, ...self::fewest(array_slice($on, $from, $to - $from + 1), Figures::TRUE_TO * $side, Figures::SHORTEST_PIECE * $side));
            $from = $to;
        }
        $share = static fn (array $at): array => [$at[0] / $wide, $at[1] / $high];

        /** @var non-empty-list<Piece> $all */
        $all = array_map(static fn (array $piece): Piece => self::piece($piece, $share, $side), $pieces);

        return new self($all, array_map(static fn (int $i): array => $share($on[$i]), $corners));
    }

    /** @return non-empty-list<array{float, float}> where the pieces begin and end, as shares of the cell */
    public function joints(): array
    {
        return [$this->all[0]->from, ...array_map(static fn (Piece $piece): array => $piece->to, $this->all)];
    }

    /**
     * @param  non-empty-list<array{float, float}>  $path  in even steps
     * @return list<int> numbers of the points where it turns sharply, neither of them an end
     */
    private static function corners(array $path): array
    {
        $reach = Figures::CORNER_REACH;
        $turns = [];
        for ($i = $reach; $i < count($path) - $reach; $i++) {
            // The point itself is rounded by the smoothing: the ways on either side of it tell.
            [$inX, $inY] = [$path[$i - 1][0] - $path[$i - $reach][0], $path[$i - 1][1] - $path[$i - $reach][1]];
            [$outX, $outY] = [$path[$i + $reach][0] - $path[$i + 1][0], $path[$i + $reach][1] - $path[$i + 1][1]];
            $turn = abs(atan2($inX * $outY - $inY * $outX, $inX * $outX + $inY * $outY));
            if ($turn >= deg2rad(Figures::CORNER)) {
                $turns[$i] = $turn;
            }
        }
        arsort($turns);
        $corners = [];
        foreach (array_keys($turns) as $i) {
            if (array_filter($corners, static fn (int $other): bool => abs($other - $i) < 2 * $reach) === []) {
                $corners[] = $i;
            }
        }
        sort($corners);

        return $corners;
    }

    /**
     * The fewer of two ways to part a path: where it strays farthest, or each time as late as it can be.
     *
     * @param  list<array{float, float}>  $path  in even steps
     * @return list<list<array{float, float}>> parts that are one piece each
     */
    private static function fewest(array $path, float $true, float $shortest): array
    {
        $halved = self::halved($path, $true, $shortest);
        $last = count($path) - 1;
        [$late, $from] = [[], 0];
        while ($from < $last && count($late) < count($halved)) {
            [$to, $high] = [min($last, $from + 2), $last + 1];
            while ($high - $to > 1) {
                $middle = intdiv($to + $high, 2);
                self::isOne(array_slice($path, $from, $middle - $from + 1), $true, $shortest) ? $to = $middle : $high = $middle;
            }
            $late[] = array_slice($path, $from, $to - $from + 1);
            $from = $to;
        }

        return $from === $last && count($late) < count($halved) ? $late : $halved;
    }

    /**
     * @param  list<array{float, float}>  $path  in even steps
     * @return list<list<array{float, float}>> parts that are one piece each
     */
    private static function halved(array $path, float $true, float $shortest): array
    {
        $last = count($path) - 1;
        if (self::isOne($path, $true, $shortest)) {
            return [$path];
        }
        $away = self::away($path);
        $cut = self::cut($away, self::farthest($away), $true, $last, (int) max(2, round($shortest / self::step($path))));

        return [...self::halved(array_slice($path, 0, $cut + 1), $true, $shortest), ...self::halved(array_slice($path, $cut), $true, $shortest)];
    }

    /**
     * Whether a path is straight, one bow, or too short to be parted.
     *
     * @param  list<array{float, float}>  $path  in even steps
     */
    private static function isOne(array $path, float $true, float $shortest): bool
    {
        $last = count($path) - 1;
        if ($last < 2 || $last * self::step($path) < 2 * $shortest) {
            return true;
        }
        $away = self::away($path);
        $farthest = $away[self::farthest($away)];
        $way = hypot($path[$last][0] - $path[0][0], $path[$last][1] - $path[0][1]);
        if (abs($farthest) <= $true) {
            return true;
        }
        [$bulge, $misses] = $way < $true ? [INF, INF] : self::bow($path, $farthest, $way);

        // No bow of more than half a circle: a hand turns the paper there.
        return $misses <= $true && abs($bulge) <= $way / 2;
    }

    /**
     * Where a path that is more than one piece is cut: an S between its two bows, anything else where it strays farthest.
     *
     * @param  non-empty-list<float>  $away
     */
    private static function cut(array $away, int $farthest, float $true, int $last, int $clear): int
    {
        $sign = $away[$farthest] <=> 0;
        $other = self::farthest(array_map(static fn (float $one): float => max(0.0, -$sign * $one), $away));
        $cut = $farthest;
        if (-$sign * $away[$other] > $true) {
            // From one bow towards the other, the last place before the straight way is crossed.
            $step = $other > $farthest ? 1 : -1;
            while ($cut !== $other && $sign * $away[$cut] > 0) {
                $cut += $step;
            }
        }

        return max(min($clear, intdiv($last, 2)), min($last - min($clear, intdiv($last, 2)), $cut));
    }

    /**
     * How far each place lies to the right of the straight way from the first to the last; y grows downwards.
     *
     * @param  list<array{float, float}>  $path
     * @return non-empty-list<float>
     */
    private static function away(array $path): array
    {
        [$x, $y] = $path[0];
        [$runX, $runY] = [$path[count($path) - 1][0] - $x, $path[count($path) - 1][1] - $y];
        $way = hypot($runX, $runY);

        /** @var non-empty-list<float> */
        return $way < 1e-9
            ? array_map(static fn (array $at): float => hypot($at[0] - $x, $at[1] - $y), $path)
            : array_map(static fn (array $at): float => ($runX * ($at[1] - $y) - $runY * ($at[0] - $x)) / $way, $path);
    }

    /** @param  non-empty-list<float>  $values */
    private static function farthest(array $values): int
    {
        $sizes = array_map(abs(...), $values);

        return (int) array_search(max($sizes), $sizes, true);
    }

    /**
     * The arc between both ends that comes nearest to a path.
     *
     * @param  list<array{float, float}>  $path
     * @param  float  $farthest  how far the path strays to the right of the straight way
     * @return array{float, float} its bulge, and how far the path is from it at most
     */
    private static function bow(array $path, float $farthest, float $way): array
    {
        [$best, $least] = [$farthest, INF];
        foreach (self::BULGES as $share) {
            $bulge = $share * $farthest;
            // The circle through both ends, and so far off their middle.
            $radius = ($way * $way / 4 + $bulge * $bulge) / (2 * abs($bulge));
            [$x, $y] = self::off($path, ($bulge <=> 0) * (abs($bulge) - $radius), $way);
            $misses = max([0.0, ...array_map(static fn (array $at): float => abs(hypot($at[0] - $x, $at[1] - $y) - $radius), $path)]);
            if ($misses < $least) {
                [$best, $least] = [$bulge, $misses];
            }
        }

        return [$best, $least];
    }

    /**
     * The place so far to the right of the middle of the straight way.
     *
     * @param  list<array{float, float}>  $path
     * @return array{float, float}
     */
    private static function off(array $path, float $off, float $way): array
    {
        [[$x1, $y1], [$x2, $y2]] = [$path[0], $path[count($path) - 1]];

        return [($x1 + $x2) / 2 - $off * ($y2 - $y1) / $way, ($y1 + $y2) / 2 + $off * ($x2 - $x1) / $way];
    }

    /** @param  list<array{float, float}>  $path */
    private static function step(array $path): float
    {
        return hypot($path[1][0] - $path[0][0], $path[1][1] - $path[0][1]);
    }

    /**
     * @param  list<array{float, float}>  $path
     * @param  \Closure(array{float, float}): array{float, float}  $share
     */
    private static function piece(array $path, \Closure $share, float $side): Piece
    {
        [$from, $to] = [$path[0], $path[count($path) - 1]];
        $away = self::away($path);
        $farthest = self::farthest($away);
        [$runX, $runY] = [$to[0] - $from[0], $to[1] - $from[1]];
        $way = hypot($runX, $runY);
        if ($way < 1e-9 || abs($away[$farthest]) <= Figures::TRUE_TO * $side) {
            return new Piece($share($from), $share($to), $share([($from[0] + $to[0]) / 2, ($from[1] + $to[1]) / 2]), 0.0, '');
        }
        [$bulge] = self::bow($path, $away[$farthest], $way);
        // The normal on the side it strays to.
        [$normalX, $normalY] = [-$runY * ($bulge <=> 0), $runX * ($bulge <=> 0)];
        $towards = abs($normalY) >= abs($normalX) ? ($normalY < 0 ? 'up' : 'down') : ($normalX < 0 ? 'left' : 'right');

        return new Piece($share($from), $share($to), $share(self::off($path, $bulge, $way)), $bulge, $towards);
    }
}
