<?php

declare(strict_types=1);

namespace InchLadder\Compare;

/**
 * Finds a named object on the drawing as one thing: its lines are moved, turned and sized together until as many as can be
 * lie on lines that were drawn (chamfer matching: H. G. Barrow et al., "Parametric correspondence and chamfer matching",
 * IJCAI 1977). A line that is not drawn counts for nothing; one drawn elsewhere is no nearer for being near.
 */
final readonly class ObjectMatcher
{
    /** Mm by which an object may be out. */
    private const REACH = 15.0;

    private const STEP = 1.5;

    private const SIZES = [0.76, 0.87, 1.15, 1.3];

    private const TURNS = [-14.0, -7.0, 7.0, 14.0];

    /** Fewer samples of its lines tell nothing; more tell nothing new. */
    private const LEAST = 24;

    private const ROUGHLY = 50;

    private const MOST = 140;

    /** Mm from a drawn line at which a sample counts for nothing. */
    private const NEAR = 1.6;

    /** Two ways to lie are two where corners of its box come out farther apart than so many mm. */
    private const APART = 2.5;

    /** Candidates that are looked at closely. */
    private const CANDIDATES = 6;

    /** What a mm, a degree and a tenth of size cost: of ways as good the likeliest. */
    private const COSTS = [0.003, 0.002, 0.02];

    /** @param  list<array{float, float}>  $lines  places along the photo's lines, in mm of the sheet as it is looked at */
    public function __construct(private LineMap $map, private array $lines)
    {
    }

    /**
     * @param  list<array{float, float}>  $outline  of the object, in mm of the sheet as it is looked at
     * @param  Motion  $near  how the whole came out
     * @return FoundObject|null null where its lines are too few to go by
     */
    public function find(array $outline, Motion $near): ?FoundObject
    {
        $box = [min(array_column($outline, 0)), min(array_column($outline, 1)), max(array_column($outline, 0)), max(array_column($outline, 1))];
        $inside = array_values(array_filter($this->lines, static fn (array $at): bool => self::holds($outline, $box, $at)));
        if (count($inside) < self::LEAST) {
            return null;
        }
        $middle = $near->apply(($box[0] + $box[2]) / 2, ($box[1] + $box[3]) / 2);
        $about = static fn (int $most): array => array_map(static function (array $at) use ($near, $middle): array {
            [$x, $y] = $near->apply(...$at);

            return [$x - $middle[0], $y - $middle[1]];
        }, self::thinned($inside, $most));
        $samples = $about(self::MOST);
        $half = [($box[2] - $box[0]) / 2, ($box[3] - $box[1]) / 2];
        $home = $this->climbed($samples, $middle, [0.0, 0.0, 0.0, 1.0]);
        [$best, $rival] = [$home, 0.0];
        $found = [$home, ...array_map(fn (array $at): array => $this->climbed($samples, $middle, $at), $this->candidates($about(self::ROUGHLY), $middle))];
        usort($found, static fn (array $a, array $b): int => $b[1] <=> $a[1]);
        $best = $found[0];
        foreach ($found as [$at, $score]) {
            if (self::apart($best[0], $at, $half) > self::APART) {
                $rival = max($rival, $score);
            }
        }
        $isHome = self::apart($best[0], [0.0, 0.0, 0.0, 1.0], $half) <= self::APART;
        $drawn = $this->score($samples, $middle, $best[0]);
        $sure = $drawn >= Figures::DRAWN && $drawn - $rival >= ($isHome ? Figures::OBJECT_AT_HOME : Figures::OBJECT_MOVED);

        return new FoundObject(self::motion($near, $middle, $best[0]), $drawn, $this->slides($samples, $middle, $best[0], $drawn), $sure);
    }

    /**
     * Ways to lie that are worth a closer look, the best first.
     *
     * @param  non-empty-list<array{float, float}>  $samples  about the middle
     * @param  array{float, float}  $middle
     * @return list<array{float, float, float, float}> right, down, degrees, times as large
     */
    private function candidates(array $samples, array $middle): array
    {
        $ways = [[0.0, 1.0], ...array_map(static fn (float $size): array => [0.0, $size], self::SIZES), ...array_map(static fn (float $turn): array => [$turn, 1.0], self::TURNS)];
        $all = [];
        foreach ($ways as [$turn, $size]) {
            $turned = self::turned($samples, $turn, $size);
            for ($dy = -self::REACH; $dy <= self::REACH; $dy += self::STEP) {
                for ($dx = -self::REACH; $dx <= self::REACH; $dx += self::STEP) {
                    [$x, $y, $sum] = [$middle[0] + $dx, $middle[1] + $dy, 0.0];
                    foreach ($turned as [$u, $v]) {
                        $far = $this->map->about($x + $u, $y + $v);
                        if ($far < self::NEAR + self::STEP / 2) {
                            $sum += 1 - $far / (self::NEAR + self::STEP / 2);
                        }
                    }
                    $all[] = [$sum / count($turned) - self::cost([$dx, $dy, $turn, $size]), [$dx, $dy, $turn, $size]];
                }
            }
        }
        usort($all, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
        $picked = [];
        foreach ($all as [, $at]) {
            foreach ($picked as $one) {
                if (hypot($one[0] - $at[0], $one[1] - $at[1]) < 2 * self::STEP && abs($one[2] - $at[2]) < 8 && abs($one[3] - $at[3]) < 0.2) {
                    continue 2;
                }
            }
            $picked[] = $at;
            if (count($picked) === self::CANDIDATES) {
                break;
            }
        }

        return $picked;
    }

    /**
     * From a way to lie to the best about it, one number at a time.
     *
     * @param  non-empty-list<array{float, float}>  $samples
     * @param  array{float, float}  $middle
     * @param  array{float, float, float, float}  $at
     * @return array{array{float, float, float, float}, float} and its score, less what it costs
     */
    private function climbed(array $samples, array $middle, array $at): array
    {
        $best = $this->score($samples, $middle, $at) - self::cost($at);
        $steps = [0.8, 0.8, 3.0, 0.05];
        while ($steps[0] > 0.08) {
            $moved = false;
            foreach ($steps as $which => $step) {
                foreach ([$step, -$step] as $by) {
                    $other = $at;
                    $other[$which] += $by;
                    $score = $this->score($samples, $middle, $other) - self::cost($other);
                    if ($score > $best + 1e-6) {
                        [$at, $best, $moved] = [$other, $score, true];
                    }
                }
            }
            $steps = $moved ? $steps : array_map(static fn (float $step): float => $step / 2, $steps);
        }

        return [$at, $best];
    }

    /**
     * Share of its lines that lie on drawn ones, near ones for more.
     *
     * @param  non-empty-list<array{float, float}>  $samples
     * @param  array{float, float}  $middle
     * @param  array{float, float, float, float}  $at
     */
    private function score(array $samples, array $middle, array $at): float
    {
        [$x, $y, $sum] = [$middle[0] + $at[0], $middle[1] + $at[1], 0.0];
        $turn = deg2rad($at[2]);
        [$cos, $sin] = [$at[3] * cos($turn), $at[3] * sin($turn)];
        foreach ($samples as [$u, $v]) {
            $far = $this->map->far($x + $cos * $u - $sin * $v, $y + $sin * $u + $cos * $v);
            if ($far < self::NEAR) {
                $sum += 1 - $far / self::NEAR;
            }
        }

        return $sum / count($samples);
    }

    /**
     * Whether it could as well have slid some way.
     *
     * @param  non-empty-list<array{float, float}>  $samples
     * @param  array{float, float}  $middle
     * @param  array{float, float, float, float}  $at
     */
    private function slides(array $samples, array $middle, array $at, float $score): bool
    {
        for ($i = 0; $i < 8; $i++) {
            [$dx, $dy] = [self::APART * cos($i * M_PI / 8), self::APART * sin($i * M_PI / 8)];
            $there = max($this->score($samples, $middle, [$at[0] + $dx, $at[1] + $dy, $at[2], $at[3]]), $this->score($samples, $middle, [$at[0] - $dx, $at[1] - $dy, $at[2], $at[3]]));
            if ($score - $there < Figures::SLIDES) {
                return true;
            }
        }

        return false;
    }

    /** @param  array{float, float, float, float}  $at */
    private static function cost(array $at): float
    {
        return self::COSTS[0] * hypot($at[0], $at[1]) + self::COSTS[1] * abs($at[2]) + self::COSTS[2] * abs($at[3] - 1) * 10;
    }

    /**
     * Mm by which corners of the box come out apart, on the whole.
     *
     * @param  array{float, float, float, float}  $one
     * @param  array{float, float, float, float}  $other
     * @param  array{float, float}  $half  of the box
     */
    private static function apart(array $one, array $other, array $half): float
    {
        $corners = static fn (array $at): array => array_map(static fn (array $corner): array => [$at[0] + $corner[0], $at[1] + $corner[1]], self::turned([[-$half[0], -$half[1]], [$half[0], -$half[1]], [$half[0], $half[1]], [-$half[0], $half[1]]], $at[2], $at[3]));
        [$from, $to] = [$corners($one), $corners($other)];

        return array_sum(array_map(static fn (array $a, array $b): float => hypot($a[0] - $b[0], $a[1] - $b[1]), $from, $to)) / 4;
    }

    /**
     * @param  non-empty-list<array{float, float}>  $samples
     * @return non-empty-list<array{float, float}>
     */
    private static function turned(array $samples, float $degrees, float $size): array
    {
        [$cos, $sin] = [$size * cos(deg2rad($degrees)), $size * sin(deg2rad($degrees))];

        return array_map(static fn (array $at): array => [$cos * $at[0] - $sin * $at[1], $sin * $at[0] + $cos * $at[1]], $samples);
    }

    /**
     * @param  array{float, float}  $middle  after the whole
     * @param  array{float, float, float, float}  $at
     */
    private static function motion(Motion $near, array $middle, array $at): Motion
    {
        return $near->then(Motion::about($middle, $at[0], $at[1], $at[2], $at[3]));
    }

    /**
     * @param  list<array{float, float}>  $samples
     * @return non-empty-list<array{float, float}>
     */
    private static function thinned(array $samples, int $most): array
    {
        $every = max(1.0, count($samples) / $most);

        return array_map(static fn (int $i): array => $samples[(int) ($i * $every)], range(0, (int) (count($samples) / $every) - 1));
    }

    /**
     * Whether a place lies inside an outline.
     *
     * @param  list<array{float, float}>  $outline
     * @param  array{float, float, float, float}  $box
     * @param  array{float, float}  $at
     */
    private static function holds(array $outline, array $box, array $at): bool
    {
        [$x, $y] = $at;
        if ($x < $box[0] || $y < $box[1] || $x > $box[2] || $y > $box[3]) {
            return false;
        }
        $inside = false;
        foreach ($outline as $i => [$ax, $ay]) {
            [$bx, $by] = $outline[($i + 1) % count($outline)];
            if (($ay > $y) !== ($by > $y) && $x < $ax + ($y - $ay) / ($by - $ay) * ($bx - $ax)) {
                $inside = ! $inside;
            }
        }

        return $inside;
    }
}
