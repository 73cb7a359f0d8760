<?php

declare(strict_types=1);

namespace InchLadder\Compare;

/**
 * Finds on the drawing what lies about a place of the photo, by the lines round it: where they lie nearest to lines that
 * were drawn (chamfer matching: H. G. Barrow et al., "Parametric correspondence and chamfer matching", IJCAI 1977).
 */
final readonly class Matcher
{
    private const STEP = 0.8;

    /** Mm between samples of a line. */
    private const APART = 0.6;

    /** Fewer tell nothing. */
    private const LEAST = 12;

    private const MOST = 90;

    /** Mm: what lies farther from the place says less, as a bell curve falls. */
    private const BELL = 5.0;

    /** Mm beyond which a line is another line, and no worse for lying farther off. */
    private const AWAY = 2.0;

    /** Mm from the best beyond which another place is a rival. */
    private const RIVAL_FROM = 1.6;

    /** @param  list<array{float, float}>  $lines  places along the photo's lines, in mm of the sheet, some APART */
    public function __construct(private LineMap $map, private array $lines)
    {
    }

    /**
     * By how much the whole lies off, coarsely.
     *
     * @return array{float, float} right and down, in mm
     */
    public function whole(): array
    {
        $every = max(1, (int) (count($this->lines) / 400));
        $samples = array_values(array_filter($this->lines, static fn (int $i): bool => $i % $every === 0, ARRAY_FILTER_USE_KEY));
        if (count($samples) < self::LEAST) {
            return [0.0, 0.0];
        }
        [$best, $least] = [[0.0, 0.0], INF];
        for ($dy = -Figures::REACH; $dy <= Figures::REACH; $dy += 1.0) {
            for ($dx = -Figures::REACH; $dx <= Figures::REACH; $dx += 1.0) {
                $sum = 0.01 * hypot($dx, $dy);
                foreach ($samples as [$x, $y]) {
                    $sum += min(self::AWAY, $this->map->about($x + $dx, $y + $dy)) / count($samples);
                }
                if ($sum < $least) {
                    [$best, $least] = [[$dx, $dy], $sum];
                }
            }
        }

        return $best;
    }

    /** How well all lines of the photo lie on lines of the drawing, 0 for wholly: the mean of what is off, at best place, in mm, up to 2. */
    public function fit(): float
    {
        [$dx, $dy] = $this->whole();
        $every = max(1, (int) (count($this->lines) / 600));
        [$sum, $count] = [0.0, 0];
        for ($i = 0; $i < count($this->lines); $i += $every) {
            $sum += min(self::AWAY, $this->map->about($this->lines[$i][0] + $dx, $this->lines[$i][1] + $dy));
            $count++;
        }

        return $count === 0 ? self::AWAY : $sum / $count;
    }

    /**
     * Where a place came out.
     *
     * @param  float  $x  where it belongs, in mm of the sheet
     * @param  Motion  $near  how the drawing about it is thought to lie
     * @param  float  $reach  mm about that
     * @return array{float, float, bool}|null the place, and whether it is sure; null where there is nothing to go by
     */
    public function place(float $x, float $y, Motion $near, float $reach): ?array
    {
        [$toX, $toY] = $near->apply($x, $y);
        $samples = [];
        foreach ($this->lines as [$u, $v]) {
            $far = hypot($u - $x, $v - $y);
            if ($far <= Figures::ROUND) {
                [$a, $b] = $near->apply($u, $v);
                $samples[] = [$a, $b, exp(-($far * $far) / (2 * self::BELL ** 2))];
            }
        }
        if (count($samples) < self::LEAST) {
            return null;
        }
        if (count($samples) > self::MOST) {
            $every = count($samples) / self::MOST;
            $samples = array_map(static fn (int $i): array => $samples[(int) ($i * $every)], range(0, self::MOST - 1));
        }
        $weight = array_sum(array_column($samples, 2));
        $costs = [];
        [$best, $least] = [[0.0, 0.0], INF];
        for ($dy = -$reach; $dy <= $reach; $dy += self::STEP) {
            for ($dx = -$reach; $dx <= $reach; $dx += self::STEP) {
                $sum = 0.0;
                foreach ($samples as [$a, $b, $w]) {
                    $sum += $w * min(self::AWAY, $this->map->about($a + $dx, $b + $dy));
                }
                $cost = $sum / $weight;
                $costs[] = [$dx, $dy, $cost];
                // A little for how far off: of places as good the nearest.
                if ($cost + 0.006 * hypot($dx, $dy) < $least) {
                    [$best, $least] = [[$dx, $dy], $cost + 0.006 * hypot($dx, $dy)];
                }
            }
        }
        [$dx, $dy] = $this->refined($samples, $weight, ...$best);
        [$cost, $rival] = [$this->mean($samples, $weight, $dx, $dy), INF];
        $other = null;
        foreach ($costs as [$u, $v, $there]) {
            if (hypot($u - $dx, $v - $dy) >= self::RIVAL_FROM && $there < $rival) {
                [$other, $rival] = [[$u, $v], $there];
            }
        }
        if ($other !== null) {
            // Looked at as closely as the best; one that leads back to it is none.
            [$u, $v] = $this->refined($samples, $weight, ...$other);
            $rival = hypot($u - $dx, $v - $dy) >= self::RIVAL_FROM / 2 ? min($rival, $this->mean($samples, $weight, $u, $v)) : $rival;
        }

        return [$toX + $dx, $toY + $dy, $cost <= Figures::LOOSE && $rival >= Figures::RIVAL * $cost + Figures::RIVAL_BY];
    }

    /** @param  non-empty-list<array{float, float, float}>  $samples */
    private function mean(array $samples, float $weight, float $dx, float $dy): float
    {
        $sum = 0.0;
        foreach ($samples as [$a, $b, $w]) {
            $sum += $w * min(self::AWAY, $this->map->far($a + $dx, $b + $dy));
        }

        return $sum / $weight;
    }

    /**
     * @param  non-empty-list<array{float, float, float}>  $samples
     * @return array{float, float}
     */
    private function refined(array $samples, float $weight, float $dx, float $dy): array
    {
        $cost = function (float $dx, float $dy) use ($samples, $weight): float {
            $sum = 0.0;
            foreach ($samples as [$a, $b, $w]) {
                // Near lines count by their square: the middle between two that are a little off.
                $sum += $w * min(self::AWAY, $this->map->far($a + $dx, $b + $dy)) ** 2;
            }

            return $sum / $weight;
        };
        [$least, $step] = [$cost($dx, $dy), self::STEP / 2];
        while ($step > 0.04) {
            $moved = false;
            foreach ([[$step, 0.0], [-$step, 0.0], [0.0, $step], [0.0, -$step]] as [$a, $b]) {
                $other = $cost($dx + $a, $dy + $b);
                if ($other < $least - 1e-9) {
                    [$dx, $dy, $least, $moved] = [$dx + $a, $dy + $b, $other, true];
                }
            }
            $moved || $step /= 2;
        }

        return [$dx, $dy];
    }

    /**
     * Lines of a picture, some APART, in mm of the sheet.
     *
     * @param  list<list<array{float, float}>>  $contours  place after place of each, in mm
     * @return list<array{float, float}>
     */
    public static function sampled(array $contours): array
    {
        $samples = [];
        foreach ($contours as $contour) {
            [$lastX, $lastY] = [-INF, -INF];
            foreach ($contour as [$x, $y]) {
                if (($x - $lastX) ** 2 + ($y - $lastY) ** 2 >= self::APART ** 2) {
                    $samples[] = [$lastX, $lastY] = [$x, $y];
                }
            }
        }

        return $samples;
    }
}
