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
    /** Mm by which an object may be out, and the whole. */
    private const REACH = [15.0, 9.0];

    private const STEP = 1.5;

    private const SIZES = [[0.76, 0.87, 1.15, 1.3], [0.94, 0.97, 1.03, 1.06]];

    private const TURNS = [[-14.0, -7.0, 7.0, 14.0], [-3.0, -1.5, 1.5, 3.0]];

    /** The cells round one: columns to the right, rows down. */
    private const AROUND = [[-1, -1], [0, -1], [1, -1], [-1, 0], [1, 0], [-1, 1], [0, 1], [1, 1]];

    /** Fewer samples of its lines tell nothing; more tell nothing new. */
    private const LEAST = 24;

    private const ROUGHLY = [50, 110];

    private const MOST = [140, 400];

    /** Mm from a drawn line at which a sample counts for nothing; roughly looked at, half a step more. */
    private const NEAR = 1.6;

    /** Mm to either side of a line at which others are looked for, and how much they take from it. */
    private const BESIDE = 2.2;

    private const CROWDED = 0.25;

    /** Two ways to lie are two where corners of its box come out farther apart than so many mm. */
    private const APART = 2.5;

    /** How far about a place one cell off an object is looked for, in mm. */
    private const ABOUT_CELL = 4.5;

    /** Candidates that are looked at closely. */
    private const CANDIDATES = 6;

    /** @var list<array{float, float, float, float}> places along the photo's lines, each with the way across its line, of length 1 */
    private array $lines;

    /**
     * @param  list<array{float, float}>  $lines  places along the photo's lines, in mm of the sheet as it is looked at
     * @param  array{float, float}|null  $cell  width and height of a cell, in mm likewise; null where there are none to mistake for each other
     */
    public function __construct(private LineMap $map, array $lines, private ?array $cell = null)
    {
        $this->lines = self::directed($lines);
    }

    /**
     * @param  \Closure(float, float): bool  $holds  whether a place of the sheet, in mm as it is looked at, lies in the object
     * @param  Motion  $near  how the whole came out
     * @return FoundObject|null null where its lines are too few to go by
     */
    public function find(\Closure $holds, Motion $near): ?FoundObject
    {
        [$inside, $others] = [[], []];
        foreach ($this->lines as $at) {
            $holds($at[0], $at[1]) ? $inside[] = $at : $others[] = $at;
        }

        return $this->found($inside, OtherLines::of($others, $near), $near, 0);
    }

    /** How the whole drawing came out, of all its lines together; null where there are too few. */
    public function whole(): ?FoundObject
    {
        return $this->found($this->lines, OtherLines::none(), Motion::none(), 1);
    }

    /**
     * @param  list<array{float, float, float, float}>  $inside
     * @param  0|1  $of  an object, or the whole
     */
    private function found(array $inside, OtherLines $others, Motion $near, int $of): ?FoundObject
    {
        if (count($inside) < self::LEAST) {
            return null;
        }
        [$xs, $ys] = [array_column($inside, 0), array_column($inside, 1)];
        $middle = $near->apply((min($xs) + max($xs)) / 2, (min($ys) + max($ys)) / 2);
        $half = [(max($xs) - min($xs)) / 2, (max($ys) - min($ys)) / 2];
        $samples = self::about($inside, self::MOST[$of], $near, $middle);
        $starts = [Pose::home(), ...$this->candidates(self::about($inside, self::ROUGHLY[$of], $near, $middle), $others, $middle, $of)];
        $found = array_map(fn (Pose $at): array => $this->climbed($samples, $others, $middle, $at), $starts);
        usort($found, static fn (array $a, array $b): int => $b[1] <=> $a[1]);
        [$best, $score] = $found[0];
        $rival = 0.0;
        foreach ($found as [$at, $there]) {
            if ($best->apart($at, $half) > self::APART) {
                $rival = max($rival, $there);
            }
        }
        // Moved alone is simpler than turned and sized too, and is believed where it fits nearly as well.
        [$alone, $there] = $this->climbed($samples, $others, $middle, $best->alone(), true);
        if ($there >= $score - Figures::SIMPLER && $alone->apart($best, $half) <= 2 * self::APART) {
            $best = $alone;
        }
        $isHome = $best->apart(Pose::home(), $half) <= self::APART;
        $drawn = $this->score($samples, $others, $middle, $best);
        $sure = $drawn >= Figures::DRAWN && $drawn - $rival >= ($isHome ? Figures::OBJECT_AT_HOME : Figures::OBJECT_MOVED);

        return new FoundObject($near->then($best->motion($middle)), $drawn, $this->slides($samples, $others, $middle, $best, $drawn), $sure);
    }

    /**
     * Ways to lie that are worth a closer look, the best first.
     *
     * @param  non-empty-list<array{float, float, float, float}>  $samples  about the middle
     * @param  array{float, float}  $middle
     * @param  0|1  $of
     * @return list<Pose>
     */
    private function candidates(array $samples, OtherLines $others, array $middle, int $of): array
    {
        $ways = [
            [0.0, 1.0],
            ...array_map(static fn (float $size): array => [0.0, $size], self::SIZES[$of]),
            ...array_map(static fn (float $turn): array => [$turn, 1.0], self::TURNS[$of]),
        ];
        $all = [];
        foreach ($ways as [$turn, $size]) {
            array_push($all, ...$this->looked($samples, $others, $middle, new Pose(0.0, 0.0, $turn, $size), self::REACH[$of]));
        }
        // A hand that counts wrong puts an object one cell off, and otherwise right.
        [$wide, $high] = $this->cell ?? [0.0, 0.0];
        foreach ($of === 0 && $this->cell !== null ? self::AROUND : [] as [$columns, $rows]) {
            array_push($all, ...$this->looked($samples, $others, $middle, new Pose($columns * $wide, $rows * $high), self::ABOUT_CELL));
        }
        usort($all, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
        $picked = [];
        foreach ($all as [, $at]) {
            if (count($picked) === self::CANDIDATES) {
                break;
            }
            array_filter($picked, static fn (Pose $one): bool => $one->isBy($at, 2 * self::STEP)) === [] && $picked[] = $at;
        }

        return $picked;
    }

    /**
     * How well it lies everywhere about a way to lie, roughly.
     *
     * @param  non-empty-list<array{float, float, float, float}>  $samples  about the middle
     * @param  array{float, float}  $middle
     * @param  float  $reach  mm
     * @return list<array{float, Pose}> a score, less what the pose costs
     */
    private function looked(array $samples, OtherLines $others, array $middle, Pose $about, float $reach): array
    {
        $near = self::NEAR + self::STEP / 2;
        $turned = array_map(static fn (array $at): array => $about->apply($at[0], $at[1]), $samples);
        $all = [];
        for ($dy = -$reach; $dy <= $reach; $dy += self::STEP) {
            for ($dx = -$reach; $dx <= $reach; $dx += self::STEP) {
                $pose = $about->moved($dx, $dy);
                $elsewhere = hypot($pose->right, $pose->down) > self::APART;
                [$x, $y, $sum] = [$middle[0] + $dx, $middle[1] + $dy, 0.0];
                foreach ($turned as [$u, $v]) {
                    $far = $this->map->about($x + $u, $y + $v);
                    if ($far < $near) {
                        $sum += ($elsewhere && $others->has($x + $u, $y + $v) ? Figures::ANOTHERS : 1) * (1 - $far / $near);
                    }
                }
                $all[] = [$sum / count($turned) - $pose->cost(), $pose];
            }
        }

        return $all;
    }

    /**
     * From a way to lie to the best about it, one number at a time.
     *
     * @param  non-empty-list<array{float, float, float, float}>  $samples
     * @param  array{float, float}  $middle
     * @param  bool  $alone  moved, and neither turned nor sized
     * @return array{Pose, float} and its score, less what it costs
     */
    private function climbed(array $samples, OtherLines $others, array $middle, Pose $at, bool $alone = false): array
    {
        $best = $this->score($samples, $others, $middle, $at) - $at->cost();
        for ($step = 0.8; $step > 0.08;) {
            $from = $at;
            foreach ($from->beside($step, $alone) as $other) {
                $score = $this->score($samples, $others, $middle, $other) - $other->cost();
                if ($score > $best + 1e-6) {
                    [$at, $best] = [$other, $score];
                }
            }
            $step = $at === $from ? $step / 2 : $step;
        }

        return [$at, $best];
    }

    /**
     * Share of its lines that lie on drawn ones, near ones for more.
     *
     * @param  non-empty-list<array{float, float, float, float}>  $samples
     * @param  array{float, float}  $middle
     */
    private function score(array $samples, OtherLines $others, array $middle, Pose $at): float
    {
        [$x, $y, $sum, $turn] = [$middle[0] + $at->right, $middle[1] + $at->down, 0.0, deg2rad($at->degrees)];
        [$cos, $sin] = [$at->size * cos($turn), $at->size * sin($turn)];
        $elsewhere = hypot($at->right, $at->down) > self::APART;
        foreach ($samples as [$u, $v, $nu, $nv]) {
            [$px, $py] = [$x + $cos * $u - $sin * $v, $y + $sin * $u + $cos * $v];
            $far = $this->map->far($px, $py);
            if ($far < self::NEAR) {
                // What lies as near to lines on either side lies in a crowd of them, and says little.
                $a = self::BESIDE * ($cos * $nu - $sin * $nv) / $at->size;
                $b = self::BESIDE * ($sin * $nu + $cos * $nv) / $at->size;
                $beside = [$this->map->about($px + $a, $py + $b), $this->map->about($px - $a, $py - $b)];
                $crowd = max(0.0, 1 - $beside[0] / self::NEAR) + max(0.0, 1 - $beside[1] / self::NEAR);
                $counts = max(0.0, 1 - $far / self::NEAR - self::CROWDED * $crowd);
                $sum += $elsewhere && $others->has($px, $py) ? Figures::ANOTHERS * $counts : $counts;
            }
        }

        return $sum / count($samples);
    }

    /**
     * Whether it could as well have slid some way.
     *
     * @param  non-empty-list<array{float, float, float, float}>  $samples
     * @param  array{float, float}  $middle
     */
    private function slides(array $samples, OtherLines $others, array $middle, Pose $at, float $score): bool
    {
        for ($i = 0; $i < 16; $i++) {
            $there = $at->moved(self::APART * cos($i * M_PI / 8), self::APART * sin($i * M_PI / 8));
            if ($score - $this->score($samples, $others, $middle, $there) < Figures::SLIDES) {
                return true;
            }
        }

        return false;
    }

    /**
     * Each with the way across its line, of length 1; those of no line are left out.
     *
     * @param  list<array{float, float}>  $lines
     * @return list<array{float, float, float, float}>
     */
    private static function directed(array $lines): array
    {
        $directed = [];
        for ($i = 1; $i < count($lines); $i++) {
            [$dx, $dy] = [$lines[$i][0] - $lines[$i - 1][0], $lines[$i][1] - $lines[$i - 1][1]];
            $long = hypot($dx, $dy);
            if ($long > 0 && $long < 3) {
                $directed[] = [$lines[$i][0], $lines[$i][1], -$dy / $long, $dx / $long];
            }
        }

        return $directed;
    }

    /**
     * So many of them, evenly, where the whole has them, about the middle.
     *
     * @param  non-empty-list<array{float, float, float, float}>  $inside
     * @param  array{float, float}  $middle
     * @return non-empty-list<array{float, float, float, float}>
     */
    private static function about(array $inside, int $most, Motion $near, array $middle): array
    {
        $every = max(1.0, count($inside) / $most);
        $samples = [];
        for ($i = 0.0; $i < count($inside) || $samples === []; $i += $every) {
            [$u, $v, $nu, $nv] = $inside[(int) $i];
            [$x, $y] = $near->apply($u, $v);
            $samples[] = [$x - $middle[0], $y - $middle[1], $nu, $nv];
        }

        return $samples;
    }
}
