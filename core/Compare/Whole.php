<?php

declare(strict_types=1);

namespace InchLadder\Compare;

/**
 * How the drawing came out as a whole: as it should, moved, turned and of another size (which is not wrong), or stretched
 * and leaning as well. Places that no motion reaches spoil none (the bounded cost of P. H. S. Torr and A. Zisserman,
 * "MLESAC", CVIU 78 (2000), §4: MSAC). Which of them it was, Explanation says.
 */
final readonly class Whole
{
    /** Starts that are tried: more pairs of places than that tell nothing new. */
    private const STARTS = 400;

    /** @param  int  $numbers  that its motion takes */
    private function __construct(public Model $model, public Motion $motion, public int $numbers)
    {
    }

    /**
     * What it may have been, the simplest first; one with more numbers only where it shows.
     *
     * @param  list<Measured>  $points  that count
     * @param  float  $diagonal  of the drawing, in mm
     * @return non-empty-list<self>
     */
    public static function candidates(array $points, float $diagonal): array
    {
        $all = [new self(Model::Same, Motion::none(), 0)];
        if (count($points) < 3 || self::spread($points) < Figures::SPREAD * $diagonal) {
            return $all;
        }
        $similar = self::refined(self::start($points), $points, static fn (array $from, array $to): Motion => Motion::similarity($from, $to));
        $shifted = self::refined(self::moved($points), $points, static fn (array $from, array $to): Motion => Motion::shift($from, $to));
        foreach ([
            // Moved alone it takes two numbers; turned or of another size as well, two more.
            new self(Model::Similarity, $shifted, 2), new self(Model::Similarity, $similar, 4),
            count($points) < 4 ? null : new self(Model::Affine, self::stretched($similar, $points), 6),
        ] as $whole) {
            if ($whole !== null && $whole->shows($points, $all[count($all) - 1]->motion)) {
                $all[] = $whole;
            }
        }

        return $all;
    }

    public function isSame(): bool
    {
        return $this->model === Model::Same;
    }

    /**
     * Whether it moves any place by more than passes, against a simpler motion.
     *
     * @param  list<Measured>  $points
     */
    private function shows(array $points, Motion $simpler): bool
    {
        foreach ($points as $one) {
            [$x, $y] = $this->motion->apply($one->x, $one->y);
            [$u, $v] = $simpler->apply($one->x, $one->y);
            if (! $one->passes(hypot($x - $u, $y - $v)) || hypot($x - $u, $y - $v) > $one->tolerance) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<Measured>  $points */
    private static function stretched(Motion $similar, array $points): Motion
    {
        [$best, $least] = [$similar, self::cost($similar, $points)];
        foreach (self::threes($points) as $three) {
            $motion = Motion::affine(array_map(static fn (Measured $one): array => [$one->x, $one->y], $three), array_map(static fn (Measured $one): array => [$one->outX, $one->outY], $three));
            $cost = $motion === null ? INF : self::cost($motion, $points);
            if ($motion !== null && $cost < $least) {
                [$best, $least] = [$motion, $cost];
            }
        }

        return self::refined($best, $points, static fn (array $from, array $to): ?Motion => Motion::affine($from, $to));
    }

    /**
     * Threes of places that are tried, spread evenly over all there are.
     *
     * @param  list<Measured>  $points
     * @return iterable<array{Measured, Measured, Measured}>
     */
    private static function threes(array $points): iterable
    {
        $count = count($points);
        $every = max(1, intdiv($count * ($count - 1) * ($count - 2), 6 * self::STARTS));
        for ([$i, $n] = [0, 0]; $i < $count; $i++) {
            for ($j = $i + 1; $j < $count; $j++) {
                for ($k = $j + 1; $k < $count; $k++) {
                    if ($n++ % $every === 0) {
                        yield [$points[$i], $points[$j], $points[$k]];
                    }
                }
            }
        }
    }

    /** @param  list<Measured>  $points */
    private static function cost(Motion $motion, array $points): float
    {
        return array_sum(array_map(static fn (Measured $one): float => $one->cost($one->off($motion)), $points));
    }

    /**
     * The motion of two places that most others agree with.
     *
     * @param  list<Measured>  $points
     */
    private static function start(array $points): Motion
    {
        $count = count($points);
        $every = max(1, (int) ceil($count * ($count - 1) / 2 / self::STARTS));
        [$best, $least, $n] = [Motion::none(), self::cost(Motion::none(), $points), 0];
        foreach ($points as $i => $one) {
            foreach (array_slice($points, $i + 1) as $other) {
                if ($n++ % $every !== 0 || hypot($one->x - $other->x, $one->y - $other->y) < 1) {
                    continue;
                }
                $motion = Motion::similarity([[$one->x, $one->y], [$other->x, $other->y]], [[$one->outX, $one->outY], [$other->outX, $other->outY]]);
                $cost = self::cost($motion, $points);
                if ($cost < $least) {
                    [$best, $least] = [$motion, $cost];
                }
            }
        }

        return $best;
    }

    /**
     * The misfit of one place that most others agree with: it moves all of them alike, and turns nothing.
     *
     * @param  list<Measured>  $points
     */
    private static function moved(array $points): Motion
    {
        [$best, $least] = [Motion::none(), self::cost(Motion::none(), $points)];
        foreach (array_slice($points, 0, self::STARTS) as $one) {
            $motion = Motion::shift([[$one->x, $one->y]], [[$one->outX, $one->outY]]);
            $cost = self::cost($motion, $points);
            if ($cost < $least) {
                [$best, $least] = [$motion, $cost];
            }
        }

        return $best;
    }

    /**
     * Least squares over the places that agree with it, again and again.
     *
     * @param  list<Measured>  $points
     * @param  \Closure(non-empty-list<array{float, float}>, non-empty-list<array{float, float}>): ?Motion  $fit
     */
    private static function refined(Motion $motion, array $points, \Closure $fit): Motion
    {
        for ($round = 0; $round < 10; $round++) {
            $agree = array_values(array_filter($points, static fn (Measured $one): bool => $one->cost($one->off($motion)) < Figures::AT_MOST ** 2));
            if (count($agree) < 3) {
                break;
            }
            $next = $fit(array_map(static fn (Measured $one): array => [$one->x, $one->y], $agree), array_map(static fn (Measured $one): array => [$one->outX, $one->outY], $agree));
            if ($next === null || self::cost($next, $points) > self::cost($motion, $points) + 1e-9) {
                break;
            }
            $motion = $next;
        }

        return $motion;
    }

    /** @param  list<Measured>  $points */
    private static function spread(array $points): float
    {
        [$left, $right, $top, $bottom] = [INF, -INF, INF, -INF];
        foreach ($points as $one) {
            [$left, $right, $top, $bottom] = [min($left, $one->x), max($right, $one->x), min($top, $one->y), max($bottom, $one->y)];
        }

        return hypot($right - $left, $bottom - $top);
    }
}
