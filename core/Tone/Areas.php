<?php

declare(strict_types=1);

namespace InchLadder\Tone;

/**
 * A picture in counted tones, with what is too small for an eye taken into the neighbour it touches most: no tone comes of it
 * that was not there, as smoothing would make between two. Rows are read as runs of one tone, and runs that touch are joined
 * (union by the forest of R. E. Tarjan, "Efficiency of a good but not linear set union algorithm", J. ACM 22 (1975)).
 */
final class Areas
{
    /** @var array<int, int> by run, the run that stands for its area */
    private array $parent = [];

    /** @var array<int, int> pixels, by the run that stands for an area */
    private array $size = [];

    /** @var array<int, array<int, int>> how long the border with each other area is, by both their runs */
    private array $borders = [];

    /** @var array<int, int> how long all its borders are */
    private array $outline = [];

    /** @param  list<array{string, int, int}>  $runs  tone, where it begins in its row, and how long it is, row by row */
    private function __construct(private array $runs)
    {
    }

    /**
     * @param  string  $tones  a byte a pixel, row by row
     * @param  int  $wide  pixels of a row
     * @param  int  $least  areas of fewer pixels are taken into a neighbour …
     * @param  float  $thin  … and those that are thinner than so many, however long: the edge of a thing is no tone of its own
     * @return string as `$tones`
     */
    public static function merged(string $tones, int $wide, int $least, float $thin): string
    {
        $areas = new self(self::runs($tones, $wide));
        $areas->join($wide);
        $areas->merge($least, $thin);

        return $areas->written();
    }

    /** @return list<array{string, int, int}> */
    private static function runs(string $tones, int $wide): array
    {
        $runs = [];
        $all = strlen($tones);
        for ($start = 0; $start < $all; $start += $wide) {
            $row = substr($tones, $start, $wide);
            for ($x = 0; $x < $wide; $x += $length) {
                $length = strspn($row, $row[$x], $x);
                $runs[] = [$row[$x], $x, $length];
            }
        }

        return $runs;
    }

    /** Runs of one tone that lie over each other are one area; what touches otherwise is a border. */
    private function join(int $wide): void
    {
        $this->parent = array_keys($this->runs);
        $touching = [];
        [$above, $count] = [0, count($this->runs)];
        $isFirstRow = true;
        for ($i = 0; $i < $count; $i++) {
            [$tone, $x, $length] = $this->runs[$i];
            $this->size[$i] = $length;
            $x > 0 && $touching[] = [$i - 1, $i, 1];
            if (! $isFirstRow) {
                for (; ; $above++) {
                    [$other, $from, $long] = $this->runs[$above];
                    $shared = min($x + $length, $from + $long) - max($x, $from);
                    if ($other === $tone) {
                        $this->unite($i, $above);
                    } else {
                        $touching[] = [$above, $i, $shared];
                    }
                    if ($from + $long >= $x + $length) {
                        // One that reaches on lies over the next run as well.
                        $from + $long === $x + $length && $above++;
                        break;
                    }
                }
            }
            if ($x + $length === $wide && $isFirstRow) {
                $isFirstRow = false;
            }
        }
        foreach ($touching as [$one, $other, $long]) {
            [$a, $b] = [$this->find($one), $this->find($other)];
            $this->borders[$a][$b] = ($this->borders[$a][$b] ?? 0) + $long;
            $this->borders[$b][$a] = ($this->borders[$b][$a] ?? 0) + $long;
            $this->outline[$a] = ($this->outline[$a] ?? 0) + $long;
            $this->outline[$b] = ($this->outline[$b] ?? 0) + $long;
        }
    }

    /** The smallest first, each into the neighbour it shares most of its border with. */
    private function merge(int $least, float $thin): void
    {
        $waiting = new \SplPriorityQueue;
        foreach ($this->borders as $area => $borders) {
            $this->isSmall($area, $least, $thin) && $waiting->insert([$area, $this->size[$area]], -$this->size[$area]);
        }
        while (! $waiting->isEmpty()) {
            /** @var array{int, int} $next */
            $next = $waiting->extract();
            [$area, $size] = $next;
            // Taken in, or grown, since it was put there.
            if ($this->parent[$area] !== $area || $this->size[$area] !== $size || ! $this->isSmall($area, $least, $thin)) {
                continue;
            }
            [$into, $longest] = [$area, 0];
            foreach ($this->borders[$area] as $beside => $long) {
                $long > $longest && [$into, $longest] = [$beside, $long];
            }
            $tone = $this->runs[$into][0];
            // What it kept apart from others of that tone is one with them now.
            $same = array_filter(array_keys($this->borders[$area]), fn (int $one): bool => $one !== $into && $this->runs[$one][0] === $tone);
            $whole = $this->absorb($area, $into, $tone);
            foreach ($same as $one) {
                $whole = $this->absorb($one, $whole, $tone);
            }
            $this->isSmall($whole, $least, $thin) && $waiting->insert([$whole, $this->size[$whole]], -$this->size[$whole]);
        }
    }

    private function isSmall(int $area, int $least, float $thin): bool
    {
        $outline = $this->outline[$area] ?? 0;

        // A strip is as thick as twice its area over its outline.
        return $outline > 0 && ($this->size[$area] < $least || 2 * $this->size[$area] < $thin * $outline);
    }

    /** Takes one area into another; the run that stands for both. */
    private function absorb(int $area, int $into, string $tone): int
    {
        [$one, $other] = count($this->borders[$area]) > count($this->borders[$into]) ? [$area, $into] : [$into, $area];
        $this->outline[$one] += $this->outline[$other] - 2 * ($this->borders[$one][$other] ?? 0);
        foreach ($this->borders[$other] as $beside => $long) {
            unset($this->borders[$beside][$other]);
            if ($beside !== $one) {
                $this->borders[$one][$beside] = ($this->borders[$one][$beside] ?? 0) + $long;
                $this->borders[$beside][$one] = ($this->borders[$beside][$one] ?? 0) + $long;
            }
        }
        unset($this->borders[$other]);
        $this->parent[$other] = $one;
        $this->size[$one] += $this->size[$other];
        $this->runs[$one][0] = $tone;

        return $one;
    }

    private function unite(int $one, int $other): void
    {
        [$a, $b] = [$this->find($one), $this->find($other)];
        if ($a !== $b) {
            $this->parent[$a] = $b;
            $this->size[$b] += $this->size[$a];
        }
    }

    private function find(int $run): int
    {
        while ($this->parent[$run] !== $run) {
            $run = $this->parent[$run] = $this->parent[$this->parent[$run]];
        }

        return $run;
    }

    private function written(): string
    {
        $tones = '';
        foreach ($this->runs as $i => [, , $length]) {
            $tones .= str_repeat($this->runs[$this->find($i)][0], $length);
        }

        return $tones;
    }
}
