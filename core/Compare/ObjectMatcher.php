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

    /** How far about a place one cell off an object is looked for, in mm. */
    private const ABOUT_CELL = 4.5;

    /** Candidates that are looked at closely. */
    private const CANDIDATES = 6;

    /** @var list<array{float, float, float, float}> places along the photo's lines, each with the way across its line, of length 1 */
    private array $lines;

    /**
     * @param  list<array{float, float}>  $lines  places along the photo's lines, in mm of the sheet as it is looked at
     * @param  array{float, float}|null  $cell  width and height of a cell, in mm likewise; null where cells differ
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
        $roughly = LinesTried::on($this->map, $others, $inside, $near, $middle, self::ROUGHLY[$of]);
        $lines = LinesTried::on($this->map, $others, $inside, $near, $middle, self::MOST[$of]);
        $found = array_map(static fn (Pose $at): array => $lines->climbed($at), [Pose::home(), ...$this->candidates($roughly, $of)]);
        usort($found, static fn (array $a, array $b): int => $b[1] <=> $a[1]);
        [$best, $score] = $found[0];
        $rival = 0.0;
        foreach ($found as [$at, $there]) {
            if ($best->apart($at, $half) > LinesTried::APART) {
                $rival = max($rival, $there);
            }
        }
        // Moved alone is simpler than turned and sized too, and is believed where it fits nearly as well.
        [$alone, $there] = $lines->climbed($best->alone(), true);
        if ($there >= $score - Figures::SIMPLER && $alone->apart($best, $half) <= 2 * LinesTried::APART) {
            $best = $alone;
        }
        $isHome = $best->apart(Pose::home(), $half) <= LinesTried::APART;
        $drawn = $lines->score($best);
        $sure = $drawn >= Figures::DRAWN && $drawn - $rival >= ($isHome ? Figures::OBJECT_AT_HOME : Figures::OBJECT_MOVED);

        return new FoundObject($near->then($best->motion($middle)), $drawn, $lines->slides($best), $sure);
    }

    /**
     * Ways to lie that are worth a closer look, the best first.
     *
     * @param  0|1  $of
     * @return list<Pose>
     */
    private function candidates(LinesTried $lines, int $of): array
    {
        $ways = [
            [0.0, 1.0],
            ...array_map(static fn (float $size): array => [0.0, $size], self::SIZES[$of]),
            ...array_map(static fn (float $turn): array => [$turn, 1.0], self::TURNS[$of]),
        ];
        $all = [];
        foreach ($ways as [$turn, $size]) {
            array_push($all, ...$lines->about(new Pose(0.0, 0.0, $turn, $size), self::REACH[$of], self::STEP));
        }
        // A hand that counts wrong puts an object one cell off, and otherwise right.
        [$wide, $high] = $this->cell ?? [0.0, 0.0];
        foreach ($of === 0 && $this->cell !== null ? self::AROUND : [] as [$columns, $rows]) {
            array_push($all, ...$lines->about(new Pose($columns * $wide, $rows * $high), self::ABOUT_CELL, self::STEP));
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
}
