<?php

declare(strict_types=1);

namespace InchLadder\Pixels;

/**
 * All contours of a picture that are worth drawing, and how much edge there is where.
 *
 * What is worth drawing shows: its colours part by as much as an eye sees, the longer the less is needed; and it
 * stands out from what is about it. Fur, sand and grain are a crowd of edges of one strength (the idea of surround
 * inhibition: C. Grigorescu, N. Petkov and M. A. Westenberg, "Contour detection based on nonclassical receptive
 * field inhibition", IEEE Trans. Image Processing 12 (2003), 729–739).
 */
final readonly class Contours
{
    /** Points at either end of a chain that lie within the smoothing of the picture's edge, in samples from it. */
    private const NEAR_EDGE = 3.0;

    /** A chain that ends this near to the picture's edge and makes for it goes over it. */
    private const REACHES_EDGE = 7.0;

    private function __construct(
        /** Samples across and down the picture. */
        public float $across,
        public float $down,
        /** @var list<Contour> those that matter most first */
        public array $all,
        /** ΔE of edge a sample, by block of the picture; what is texture counts too. */
        public Field $busy,
        /** Samples along the side of such a block. */
        public int $block,
    ) {
    }

    /** @param  list<Contour>  $all */
    public static function read(float $across, float $down, array $all, Field $busy, int $block): self
    {
        return new self($across, $down, $all, $busy, $block);
    }

    public static function of(LabPicture $picture): self
    {
        $edgels = Edgels::of($picture);
        $block = max(4, (int) round(max($picture->wide, $picture->high) * Figures::CROWD_BLOCK));
        $crowd = self::spread(self::busy($edgels, $picture, $block, 0.0));
        $found = [];
        foreach (Chains::of($edgels) as $chain) {
            if (count($chain) >= Figures::SHORTEST_CHAIN) {
                $contour = self::contour($picture, $edgels, $chain, $crowd, $block);
                // What may yet be worth it as a part of a longer one.
                if (self::worth($contour, $picture, $edgels->grain) >= Figures::PART_OF_MORE) {
                    $found[] = $contour;
                }
            }
        }
        $kept = [];
        foreach (Joins::of($found) as $contour) {
            $worth = self::worth($contour, $picture, $edgels->grain);
            if ($worth >= 1) {
                $kept[] = [$worth * sqrt($contour->count()), $contour];
            }
        }
        usort($kept, static fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return new self($picture->across, $picture->down, self::meet(array_column($kept, 1)), self::busy($edgels, $picture, $block, Figures::SHOWS_OVER_GRAIN * $edgels->grain), $block);
    }

    /**
     * The same, with two opposite edges that are no farther apart than a pencil can part taken for one line.
     *
     * @param  float  $widest  of such a line, in samples
     */
    public function withLines(float $widest): self
    {
        return new self($this->across, $this->down, ThinLines::merged($this->all, $widest), $this->busy, $this->block);
    }

    /** The same without those that are no longer than so many samples from end to end. */
    public function longerThan(float $length): self
    {
        return new self($this->across, $this->down, array_values(array_filter($this->all, static fn (Contour $one): bool => $one->length() > $length)), $this->busy, $this->block);
    }

    /** How much more it shows than it must to be drawn. */
    private static function worth(Contour $contour, LabPicture $picture, float $grain): float
    {
        $long = min(1.0, $contour->count() / (Figures::LONG * hypot($picture->across, $picture->down)));
        $needed = max(Figures::LEAST_STEP, Figures::STEP_OVER_GRAIN * $grain) + Figures::CROWDED_STEP * max(0.0, $contour->crowd - Figures::ALONE);

        return $contour->contrast() * sqrt($long) / min($needed, Figures::ALWAYS_DRAWN);
    }

    /** @param  non-empty-list<int>  $chain */
    private static function contour(LabPicture $picture, Edgels $edgels, array $chain, Field $crowd, int $block): Contour
    {
        $xs = array_map(static fn (int $i): float => $edgels->x[$i], $chain);
        $ys = array_map(static fn (int $i): float => $edgels->y[$i], $chain);
        $last = count($chain) - 1;
        [$steps, $around, $steep] = [[[], [], []], [], []];
        for ($i = 0, $stride = $last < 16 ? 2 : 4; $i <= $last; $i += $stride) {
            $edgel = $chain[$i];
            // The normal on the right of the way that is walked; y grows downwards.
            $goX = $xs[min($last, $i + 1)] - $xs[max(0, $i - 1)];
            $goY = $ys[min($last, $i + 1)] - $ys[max(0, $i - 1)];
            $turned = -$goY * $edgels->normalX[$edgel] + $goX * $edgels->normalY[$edgel] < 0 ? -1 : 1;
            [$nx, $ny] = [$turned * $edgels->normalX[$edgel], $turned * $edgels->normalY[$edgel]];
            [$most, $step] = [-1.0, [0.0, 0.0, 0.0]];
            foreach (Figures::STEP_SIDES as $off) {
                [$l1, $a1, $b1] = $picture->at($xs[$i] - $off * $nx, $ys[$i] - $off * $ny);
                [$l2, $a2, $b2] = $picture->at($xs[$i] + $off * $nx, $ys[$i] + $off * $ny);
                $far = ($l2 - $l1) ** 2 + ($a2 - $a1) ** 2 + ($b2 - $b1) ** 2;
                if ($far > $most) {
                    [$most, $step] = [$far, [$l2 - $l1, $a2 - $a1, $b2 - $b1]];
                }
            }
            foreach ($step as $channel => $by) {
                $steps[$channel][] = $by;
            }
            $around[] = $crowd->at(min($crowd->wide - 1, (int) ($xs[$i] / $block)), min($crowd->high - 1, (int) ($ys[$i] / $block)));
            $steep[] = $edgels->steep[$edgel];
        }
        [$xs, $ys, $starts, $ends] = self::ends($picture, self::smooth($xs), self::smooth($ys));

        return new Contour($xs, $ys, [self::median($steps[0]), self::median($steps[1]), self::median($steps[2])], self::median($around) / self::median($steep), self::median($steep), $starts, $ends);
    }

    /**
     * Each place brought to the mean of itself and its neighbours: the ends stay.
     *
     * @param  non-empty-list<float>  $places
     * @return non-empty-list<float> in samples from the picture's edge
     */
    private static function smooth(array $places): array
    {
        $last = count($places) - 1;
        $smooth = [];
        foreach ($places as $i => $place) {
            $smooth[] = 0.5 + ($i === 0 || $i === $last ? $place : ($places[$i - 1] + 2 * $place + $places[$i + 1]) / 4);
        }

        return $smooth;
    }

    /**
     * What ends at the picture's edge is led on to it, from where smoothing over the edge bends nothing.
     *
     * @param  non-empty-list<float>  $xs
     * @param  non-empty-list<float>  $ys
     * @return array{non-empty-list<float>, non-empty-list<float>, End, End}
     */
    private static function ends(LabPicture $picture, array $xs, array $ys): array
    {
        $last = count($xs) - 1;
        if ($last > 8 && hypot($xs[$last] - $xs[0], $ys[$last] - $ys[0]) < Figures::CLOSES) {
            $xs[] = $xs[0];
            $ys[] = $ys[0];

            return [$xs, $ys, End::Closes, End::Closes];
        }
        [$xs, $ys, $ends] = self::overEdge($picture, $xs, $ys);
        [$xs, $ys, $starts] = self::overEdge($picture, array_reverse($xs), array_reverse($ys));

        return [array_reverse($xs), array_reverse($ys), $starts, $ends];
    }

    /**
     * @param  non-empty-list<float>  $xs
     * @param  non-empty-list<float>  $ys
     * @return array{non-empty-list<float>, non-empty-list<float>, End}
     */
    private static function overEdge(LabPicture $picture, array $xs, array $ys): array
    {
        $found = [$xs, $ys];
        $toEdge = static fn (int $i): float => min($xs[$i], $ys[$i], $picture->across - $xs[$i], $picture->down - $ys[$i]);
        $last = count($xs) - 1;
        if ($toEdge($last) > self::REACHES_EDGE) {
            return [$xs, $ys, End::Fades];
        }
        $clear = $last;
        while ($clear > 0 && $toEdge($clear) < self::NEAR_EDGE) {
            $clear--;
        }
        if ($clear < 3) {
            return [$xs, $ys, $toEdge($last) < 2 ? End::Leaves : End::Fades];
        }
        foreach (Figures::LEADS_ON as $count) {
            $back = max(0, $clear - $count);
            $lead = Lead::of(array_slice($xs, $back, $clear - $back + 1), array_slice($ys, $back, $clear - $back + 1));
            // A corner among them leads astray: then fewer tell.
            if ($lead->misses < Figures::LEADS_TRULY) {
                break;
            }
        }
        $xs = array_slice($xs, 0, $clear + 1);
        $ys = array_slice($ys, 0, $clear + 1);
        for ($step = 1; $step <= 3 * self::REACHES_EDGE; $step++) {
            [$x, $y] = $lead->on((float) $step);
            if ($x <= 0 || $y <= 0 || $x >= $picture->across || $y >= $picture->down) {
                // From the last step to the edge in a straight line.
                [$fromX, $fromY] = [$xs[count($xs) - 1], $ys[count($ys) - 1]];
                $share = 1.0;
                foreach ([[$fromX, $x, 0.0], [$fromX, $x, $picture->across], [$fromY, $y, 0.0], [$fromY, $y, $picture->down]] as [$from, $to, $edge]) {
                    $share = ($from - $edge) * ($to - $edge) <= 0 && $from !== $to ? min($share, ($edge - $from) / ($to - $from)) : $share;
                }
                $xs[] = max(0.0, min($picture->across, $fromX + $share * ($x - $fromX)));
                $ys[] = max(0.0, min($picture->down, $fromY + $share * ($y - $fromY)));

                return [$xs, $ys, End::Leaves];
            }
            $xs[] = $x;
            $ys[] = $y;
        }

        return [...$found, End::Fades];
    }

    private static function busy(Edgels $edgels, LabPicture $picture, int $block, float $least): Field
    {
        [$wide, $high] = [max(3, (int) ceil($picture->across / $block)), max(3, (int) ceil($picture->down / $block))];
        $sums = array_fill(0, $wide * $high, 0.0);
        foreach ($edgels->steep as $i => $steep) {
            if ($steep < $least) {
                continue;
            }
            $sums[min($high - 1, (int) ($edgels->y[$i] / $block)) * $wide + min($wide - 1, (int) ($edgels->x[$i] / $block))] += $steep;
        }

        return new Field($wide, $high, array_map(static fn (float $sum): float => $sum / $block / $block, array_values($sums)));
    }

    /** Each block with the two rings of blocks about it. */
    private static function spread(Field $busy): Field
    {
        $sums = [];
        for ($y = 0; $y < $busy->high; $y++) {
            for ($x = 0; $x < $busy->wide; $x++) {
                [$sum, $count] = [0.0, 0];
                for ($v = max(0, $y - 2); $v <= min($busy->high - 1, $y + 2); $v++) {
                    for ($u = max(0, $x - 2); $u <= min($busy->wide - 1, $x + 2); $u++) {
                        $sum += $busy->at($u, $v);
                        $count++;
                    }
                }
                $sums[] = $sum / $count;
            }
        }

        return new Field($busy->wide, $busy->high, $sums);
    }

    /**
     * Ends that lie on another contour meet it.
     *
     * @param  list<Contour>  $contours
     * @return list<Contour>
     */
    private static function meet(array $contours): array
    {
        $taken = [];
        foreach ($contours as $i => $contour) {
            foreach ($contour->x as $k => $x) {
                $taken[(int) ($contour->y[$k] / 2) * 100_000 + (int) ($x / 2)] = $i;
            }
        }
        $end = static function (End $end, float $x, float $y, int $own) use ($taken): End {
            for ($dy = -2; $end === End::Fades && $dy <= 2; $dy++) {
                for ($dx = -2; $dx <= 2; $dx++) {
                    if (($taken[((int) ($y / 2) + $dy) * 100_000 + (int) ($x / 2) + $dx] ?? $own) !== $own) {
                        return End::Meets;
                    }
                }
            }

            return $end;
        };

        return array_map(static fn (int $i, Contour $one): Contour => new Contour(
            $one->x, $one->y, $one->step, $one->crowd, $one->steep, $end($one->starts, $one->x[0], $one->y[0], $i), $end($one->ends, $one->x[$one->count() - 1], $one->y[$one->count() - 1], $i),
        ), array_keys($contours), $contours);
    }

    /** @param  non-empty-list<float>  $values */
    private static function median(array $values): float
    {
        sort($values);

        return $values[intdiv(count($values), 2)];
    }
}
