<?php

declare(strict_types=1);

namespace InchLadder\Masses;

/**
 * A picture in few flat parts. First what cannot be told apart by chance is joined (statistical region merging: R. Nock
 * and F. Nielsen, "Statistical Region Merging", IEEE PAMI 26 (2004), eq. 1 and 2), then, until few enough are left, always
 * the two neighbours whose joining costs least: what it adds to the squared error, for each unit of outline that goes
 * (G. Koepfler, C. Lopez and J. M. Morel, "A Multiscale Algorithm for Image Segmentation by Variational Method", SIAM J.
 * Numer. Anal. 31 (1994)). So a few masses are always made of some more.
 */
final readonly class Regions
{
    /**
     * @param  list<int>  $labels  which part each sample belongs to, row by row, 0 and up
     * @param  list<array{float, float, float, int}>  $parts  mean L*, a*, b* of each, and how many samples it has
     */
    private function __construct(public int $wide, public int $high, public array $labels, public array $parts)
    {
    }

    /**
     * @param  list<array{float, float, float}>  $lab  L*, a*, b* of each sample, row by row
     * @param  int  $most  parts, at least 1
     */
    public static function of(int $wide, int $high, array $lab, int $most): self
    {
        if (count($lab) !== $wide * $high || $wide < 2 || $high < 2 || $most < 1) {
            throw new \InvalidArgumentException('A picture is at least 2 × 2, and as long as its sides say.');
        }

        return self::fewest($wide, $high, self::likely($wide, $high, $lab), $lab, $most);
    }

    /**
     * Parts that were found before.
     *
     * @param  list<int>  $labels
     * @param  list<array{float, float, float, int}>  $parts
     */
    public static function read(int $wide, int $high, array $labels, array $parts): self
    {
        return new self($wide, $high, $labels, $parts);
    }

    /**
     * @param  list<array{float, float, float}>  $lab
     * @return list<int> the part of each sample, as the number of one sample of it
     */
    private static function likely(int $wide, int $high, array $lab): array
    {
        $count = $wide * $high;
        $pairs = [];
        for ($y = 0, $i = 0; $y < $high; $y++) {
            for ($x = 0; $x < $wide; $x++, $i++) {
                foreach ([$x + 1 < $wide ? $i + 1 : -1, $y + 1 < $high ? $i + $wide : -1] as $way => $j) {
                    if ($j >= 0) {
                        $unlike = max(abs($lab[$i][0] - $lab[$j][0]), abs($lab[$i][1] - $lab[$j][1]), abs($lab[$i][2] - $lab[$j][2]));
                        // The most alike first; one number, so that they sort fast.
                        $pairs[] = ((int) ($unlike * 1000) << 26) | (2 * $i + $way);
                    }
                }
            }
        }
        sort($pairs);
        $parent = range(0, $count - 1);
        $size = array_fill(0, $count, 1);
        [$l, $a, $b] = [array_column($lab, 0), array_column($lab, 1), array_column($lab, 2)];
        $chance = Figures::LEVELS ** 2 / (2 * Figures::COMPLEXITY);
        $sure = 2 * log(6.0 * $count * $count);
        $bound = [];
        foreach ($pairs as $pair) {
            $at = $pair & ((1 << 26) - 1);
            $i = $at >> 1;
            $j = $i + ($at & 1 ? $wide : 1);
            while ($parent[$i] !== $i) {
                $i = $parent[$i] = $parent[$parent[$i]];
            }
            while ($parent[$j] !== $j) {
                $j = $parent[$j] = $parent[$parent[$j]];
            }
            if ($i === $j) {
                continue;
            }
            [$m, $n] = [$size[$i], $size[$j]];
            $both = ($bound[$m] ??= self::bound($m, $chance, $sure)) + ($bound[$n] ??= self::bound($n, $chance, $sure));
            if (($l[$i] - $l[$j]) ** 2 > $both || ($a[$i] - $a[$j]) ** 2 > $both || ($b[$i] - $b[$j]) ** 2 > $both) {
                continue;
            }
            [$i, $j, $m, $n] = $m < $n ? [$j, $i, $n, $m] : [$i, $j, $m, $n];
            $parent[$j] = $i;
            $size[$i] = $m + $n;
            $l[$i] = ($m * $l[$i] + $n * $l[$j]) / ($m + $n);
            $a[$i] = ($m * $a[$i] + $n * $a[$j]) / ($m + $n);
            $b[$i] = ($m * $b[$i] + $n * $b[$j]) / ($m + $n);
        }
        for ($i = 0; $i < $count; $i++) {
            for ($root = $i; $parent[$root] !== $root; $root = $parent[$root]) {
            }
            $parent[$i] = $root;
        }

        return array_values($parent);
    }

    /** The square of how far the mean of so many samples may be off by chance. */
    private static function bound(int $size, float $chance, float $sure): float
    {
        return $chance / $size * (min($size, Figures::LEVELS) * log(1 + $size) + $sure);
    }

    /**
     * @param  list<int>  $roots
     * @param  list<array{float, float, float}>  $lab
     */
    private static function fewest(int $wide, int $high, array $roots, array $lab, int $most): self
    {
        $numbers = $labels = [];
        /** @var array<int, array{float, float, float, int}> $parts sums, and of how many samples */
        $parts = [];
        foreach ($roots as $i => $root) {
            $labels[] = $at = $numbers[$root] ??= count($numbers);
            $parts[$at] = self::both($parts[$at] ?? [0.0, 0.0, 0.0, 0], [$lab[$i][0], $lab[$i][1], $lab[$i][2], 1]);
        }
        /** @var array<int, array<int, int>> $shared how long the outline between two is */
        $shared = array_fill(0, count($parts), []);
        foreach ($labels as $i => $one) {
            foreach ([($i + 1) % $wide === 0 ? null : $labels[$i + 1], $labels[$i + $wide] ?? null] as $other) {
                if ($other !== null && $other !== $one) {
                    $shared[$one][$other] = $shared[$other][$one] = ($shared[$one][$other] ?? 0) + 1;
                }
            }
        }
        $queue = new \SplPriorityQueue;
        $cost = static function (int $one, int $other) use (&$parts, &$shared): float {
            [$p, $q] = [$parts[$one], $parts[$other]];
            $apart = ($p[0] / $p[3] - $q[0] / $q[3]) ** 2 + ($p[1] / $p[3] - $q[1] / $q[3]) ** 2 + ($p[2] / $p[3] - $q[2] / $q[3]) ** 2;

            return $p[3] * $q[3] / ($p[3] + $q[3]) * $apart / $shared[$one][$other];
        };
        $age = array_fill(0, count($parts), 0);
        $ask = static function (int $one, int $other) use ($queue, $cost, &$age): void {
            $queue->insert([$one, $other, $age[$one], $age[$other]], -$cost($one, $other));
        };
        foreach ($shared as $one => $others) {
            foreach ($others as $other => $length) {
                $one < $other && $ask($one, $other);
            }
        }
        $into = range(0, count($parts) - 1);
        $join = static function (int $one, int $other) use (&$parts, &$shared, &$age, &$into): void {
            $parts[$one] = self::both($parts[$one], $parts[$other]);
            $into[$other] = $one;
            $age[$other] = -1;
            $age[$one]++;
            foreach ($shared[$other] as $third => $length) {
                unset($shared[$third][$other]);
                if ($third !== $one) {
                    $shared[$one][$third] = $shared[$third][$one] = ($shared[$one][$third] ?? 0) + $length;
                }
            }
            $shared[$other] = [];
        };
        for ($left = count($parts); $left > $most && ! $queue->isEmpty();) {
            [$one, $other, $when, $then] = $queue->extract();
            // One of them has grown, or is gone, since it was asked.
            if ($age[$one] !== $when || $age[$other] !== $then) {
                continue;
            }
            $join($one, $other);
            $left--;
            foreach ($shared[$one] as $third => $length) {
                $ask($one, $third);
            }
        }
        // What is left and is no mass joins the neighbour it is most like; the smallest first.
        do {
            $specks = array_filter(array_keys(array_filter($shared)), static fn (int $part): bool => $parts[$part][3] < Figures::LEAST * $wide * $high || 2 * $parts[$part][3] < Figures::THINNEST * array_sum($shared[$part]));
            usort($specks, static fn (int $one, int $other): int => $parts[$one][3] <=> $parts[$other][3]);
            if ($specks !== []) {
                $beside = array_keys($shared[$specks[0]]);
                usort($beside, static fn (int $one, int $other): int => $cost($specks[0], $one) <=> $cost($specks[0], $other));
                $join($beside[0], $specks[0]);
            }
        } while ($specks !== []);
        $kept = $number = [];
        foreach ($into as $part => $next) {
            while ($into[$next] !== $next) {
                $next = $into[$next];
            }
            $number[$part] = $kept[$next] ??= count($kept);
        }

        return new self($wide, $high, array_map(static fn (int $label): int => $number[$label], $labels), array_map(
            static fn (int $part): array => [$parts[$part][0] / $parts[$part][3], $parts[$part][1] / $parts[$part][3], $parts[$part][2] / $parts[$part][3], $parts[$part][3]],
            array_keys($kept),
        ));
    }

    /**
     * @param  array{float, float, float, int}  $one
     * @param  array{float, float, float, int}  $other
     * @return array{float, float, float, int}
     */
    private static function both(array $one, array $other): array
    {
        return [$one[0] + $other[0], $one[1] + $other[1], $one[2] + $other[2], $one[3] + $other[3]];
    }
}
