<?php

declare(strict_types=1);

namespace InchLadder\Compare;

use InchLadder\Pixels\Grey;

/**
 * How far each place of a flattened sheet lies from the nearest line that was drawn on it; ruled lines are known and left out.
 * All in mm of a sheet no larger than one takes in at arm's length: larger ones are looked at from farther off (see stepBack).
 */
final readonly class LineMap
{
    /** Samples to a mm: a pencil's line is one or two of them (ours). */
    public const SAMPLES = 2.5;

    /** Mm along the side of a block whose lightest places are the paper's (ours). */
    private const BLOCK = 8.0;

    /** Below this share of the paper's light nothing is a line, however smooth the paper (ours). */
    private const LEAST = 0.05;

    /** A line stands out from the paper's grain by so many of its standard deviations (ours). */
    private const OVER_GRAIN = 5.0;

    /** How far a ruled line is looked for on either side, in mm, and how much of it must show (ours). */
    private const RULED = 3.0;

    private const SHOWS = 0.55;

    private const PIECES = 16;

    /** Mm along the sheet's edges in which nothing is looked for (ours). */
    private const RIM = 1.5;

    /** Half its width, in mm. */
    private const LINE = 0.6;

    /** Mm beyond which far is far. */
    public const FAR = 6.0;

    /** To a mm, as it is kept: finer than anything is drawn. */
    private const STEPS = 40;

    /** Mm along the longer side of a sheet that is looked at as it is: A3 (ours). */
    private const AT_ARMS_LENGTH = 420.0;

    /**
     * How many times smaller a sheet is looked at: a wall is drawn with a broader line and missed by more, and is told no
     * finer than a drawing on a table.
     *
     * @param  float  $wide  mm
     */
    public static function stepBack(float $wide, float $high): float
    {
        return max(1.0, max($wide, $high) / self::AT_ARMS_LENGTH);
    }

    /**
     * @param  string  $far  a byte a sample, row by row: STEPS of them to a mm to the nearest line
     * @param  array<string, array{float, float}>  $ruled  by how much ruled lines lie off, at their two ends, in mm; by `across 3`, `down 0`
     * @param  float  $strength  how much darker than the paper lines are, 0…1; 0 where there are none
     * @param  float  $drawn  share of the sheet that is line
     */
    private function __construct(private int $wide, private int $high, private float $samples, private string $far, public array $ruled, public float $strength, public float $drawn)
    {
    }

    /**
     * @param  Grey  $flat  the sheet
     * @param  float  $samples  of it to a mm
     * @param  list<array{float, float, float, float}>  $across  gridlines that stand, as x, top, x, bottom, in mm of the sheet
     * @param  list<array{float, float, float, float}>  $down  those that lie
     */
    public static function of(Grey $flat, float $samples, array $across = [], array $down = []): self
    {
        [$wide, $high] = [$flat->wide, $flat->high];
        $drop = self::drop($flat->all(), $wide, $high, (int) max(4, round(self::BLOCK * $samples)));
        $count = count($drop);
        [$quarter, $middle] = self::shares($drop, [0.25, 0.5]);
        // The lower half of the spread is grain alone: half of it, on a normal curve, is 0.6745 standard deviations.
        $least = max(self::LEAST, $middle + self::OVER_GRAIN * ($middle - $quarter) / 0.6745);
        $rim = (int) ceil(self::RIM * $samples);
        $ink = [];
        foreach ($drop as $i => $one) {
            $x = $i % $wide;
            // At its very edge a sheet has a shadow, and the table beside it.
            $ink[] = $one >= $least && $x >= $rim && $x < $wide - $rim && $i >= $rim * $wide && $i < $count - $rim * $wide;
        }
        $ruled = [];
        foreach (['across' => $across, 'down' => $down] as $way => $lines) {
            foreach ($lines as $i => $line) {
                $off = self::ruled($ink, $wide, $high, $samples, $line);
                if ($off !== null) {
                    $ruled["{$way} {$i}"] = $off;
                }
            }
        }
        foreach (['across' => $across, 'down' => $down] as $way => $lines) {
            foreach ($lines as $i => $line) {
                isset($ruled["{$way} {$i}"]) && self::rubOut($ink, $wide, $high, $samples, $line, $ruled["{$way} {$i}"]);
            }
        }
        // What is drawn, without what was ruled.
        $dark = [];
        foreach ($ink as $i => $is) {
            if ($is) {
                $dark[] = $drop[$i];
            }
        }

        return new self($wide, $high, $samples, self::distances($ink, $wide, $high, $samples), $ruled, $dark === [] ? 0.0 : self::shares($dark, [0.75])[0], count($dark) / $count);
    }

    /** How far ruled lines lie off where they should, in mm: the median; 0 where none shows. */
    public function ruledOff(): float
    {
        $off = [];
        foreach ($this->ruled as $ends) {
            array_push($off, abs($ends[0]), abs($ends[1]));
        }
        sort($off);

        return $off === [] ? 0.0 : $off[intdiv(count($off), 2)];
    }

    /** Mm from a place of the sheet to the nearest line; FAR at most. */
    public function far(float $x, float $y): float
    {
        $u = max(0.0, min($this->wide - 1.001, $x * $this->samples - 0.5));
        $v = max(0.0, min($this->high - 1.001, $y * $this->samples - 0.5));
        [$left, $top] = [(int) $u, (int) $v];
        [$a, $b, $i] = [$u - $left, $v - $top, $top * $this->wide + $left];

        $below = $i + $this->wide;

        return ((1 - $b) * ((1 - $a) * ord($this->far[$i]) + $a * ord($this->far[$i + 1])) + $b * ((1 - $a) * ord($this->far[$below]) + $a * ord($this->far[$below + 1]))) / self::STEPS;
    }

    /** The same to the nearest sample, for many places at once. */
    public function about(float $x, float $y): float
    {
        $u = (int) ($x * $this->samples);
        $v = (int) ($y * $this->samples);

        return $u < 0 || $v < 0 || $u >= $this->wide || $v >= $this->high ? self::FAR : ord($this->far[$v * $this->wide + $u]) / self::STEPS;
    }

    /**
     * How much darker than the paper about it each sample is, as a share of the paper's light.
     *
     * @param  list<int>  $values
     * @return list<float>
     */
    private static function drop(array $values, int $wide, int $high, int $block): array
    {
        [$across, $down] = [max(2, (int) ceil($wide / $block)), max(2, (int) ceil($high / $block))];
        $paper = [];
        for ($j = 0; $j < $down; $j++) {
            for ($i = 0; $i < $across; $i++) {
                $inside = [];
                for ($y = $j * $block; $y < min($high, ($j + 1) * $block); $y += 2) {
                    for ($x = $i * $block; $x < min($wide, ($i + 1) * $block); $x += 2) {
                        $inside[] = $values[$y * $wide + $x];
                    }
                }
                sort($inside);
                $paper[$j][$i] = max(1.0, (float) ($inside[(int) (0.7 * count($inside))] ?? 128));
            }
        }
        $places = [];
        for ($x = 0; $x < $wide; $x++) {
            $u = max(0.0, min($across - 1.001, ($x + 0.5) / $block - 0.5));
            $places[] = [(int) $u, $u - (int) $u];
        }
        $drop = [];
        $at = 0;
        for ($y = 0; $y < $high; $y++) {
            $v = max(0.0, min($down - 1.001, ($y + 0.5) / $block - 0.5));
            [$j, $b] = [(int) $v, $v - (int) $v];
            $row = [];
            for ($i = 0; $i < $across; $i++) {
                $row[] = (1 - $b) * $paper[$j][$i] + $b * $paper[$j + 1][$i];
            }
            foreach ($places as [$i, $a]) {
                $drop[] = 1 - $values[$at++] / ((1 - $a) * $row[$i] + $a * $row[$i + 1]);
            }
        }

        return $drop;
    }

    /**
     * Below what so many of them lie, to a thousandth.
     *
     * @param  list<float>  $values  under 1
     * @param  list<float>  $shares
     * @return list<float>
     */
    private static function shares(array $values, array $shares): array
    {
        $counts = array_fill(0, 2001, 0);
        foreach ($values as $one) {
            $counts[$one < -1 ? 0 : (int) (1000 * $one) + 1000]++;
        }
        $all = count($values);

        return array_map(static function (float $share) use ($counts, $all): float {
            $below = 0;
            foreach ($counts as $level => $count) {
                $below += $count;
                if ($below >= $share * $all) {
                    return ($level - 1000) / 1000;
                }
            }

            return 1.0;
        }, $shares);
    }

    /**
     * Where a gridline was ruled, if it shows.
     *
     * @param  array<int, bool>  $ink
     * @param  array{float, float, float, float}  $line
     * @return array{float, float}|null by how much it lies off at either end: to the right, or down
     */
    private static function ruled(array $ink, int $wide, int $high, float $samples, array $line): ?array
    {
        $stands = abs($line[0] - $line[2]) < abs($line[1] - $line[3]);
        [$at, $from, $to] = $stands ? [$line[0], $line[1], $line[3]] : [$line[1], $line[0], $line[2]];
        $reach = (int) round(self::RULED * $samples);
        // What lies along it, piece by piece, at each offset; of a slanted line each piece lies at an offset of its own.
        $hits = [];
        $steps = 0;
        for ($piece = 0; $piece < self::PIECES; $piece++) {
            $hits[$piece] = array_fill(0, 2 * $reach + 1, 0);
            $first = (int) (($from + $piece / self::PIECES * ($to - $from)) * $samples);
            $last = (int) (($from + ($piece + 1) / self::PIECES * ($to - $from)) * $samples);
            for ($along = $first; $along < $last; $along += 2) {
                $steps++;
                for ($offset = -$reach; $offset <= $reach; $offset++) {
                    $across = (int) ($at * $samples + $offset);
                    [$x, $y] = $stands ? [$across, $along] : [$along, $across];
                    if ($x >= 0 && $y >= 0 && $x < $wide && $y < $high && $ink[$y * $wide + $x]) {
                        $hits[$piece][$offset + $reach]++;
                    }
                }
            }
        }
        [$best, $most] = [null, 0.0];
        for ($a = -$reach; $a <= $reach; $a++) {
            for ($b = -$reach; $b <= $reach; $b++) {
                $sum = 0;
                foreach ($hits as $piece => $counts) {
                    $sum += $counts[(int) round($a + ($piece + 0.5) / self::PIECES * ($b - $a)) + $reach];
                }
                // Of lines as good as each other the one nearest to where it should lie.
                $good = $sum / max(1, $steps) - 0.002 * (abs($a) + abs($b));
                if ($good > $most) {
                    [$best, $most] = [[$a / $samples, $b / $samples], $good];
                }
            }
        }

        return $most >= self::SHOWS ? $best : null;
    }

    /**
     * @param  array<int, bool>  $ink
     * @param  array{float, float, float, float}  $line
     * @param  array{float, float}  $off
     */
    private static function rubOut(array &$ink, int $wide, int $high, float $samples, array $line, array $off): void
    {
        $stands = abs($line[0] - $line[2]) < abs($line[1] - $line[3]);
        [$at, $from, $to] = $stands ? [$line[0], $line[1], $line[3]] : [$line[1], $line[0], $line[2]];
        $half = (int) round(self::LINE * $samples);
        [$first, $last] = [(int) ($from * $samples), (int) ($to * $samples)];
        for ($along = $first; $along <= $last; $along++) {
            $share = ($along - $first) / max(1, $last - $first);
            $middle = (int) (($at + $off[0] + $share * ($off[1] - $off[0])) * $samples);
            for ($across = $middle - $half; $across <= $middle + $half; $across++) {
                [$x, $y] = $stands ? [$across, $along] : [$along, $across];
                if ($x >= 0 && $y >= 0 && $x < $wide && $y < $high) {
                    $ink[$y * $wide + $x] = false;
                }
            }
        }
    }

    /**
     * Mm to the nearest line, by two passes with steps of 3 and 4 thirds of a sample (G. Borgefors, "Distance transformations
     * in digital images", CVGIP 34 (1986)).
     *
     * @param  array<int, bool>  $ink
     */
    private static function distances(array $ink, int $wide, int $high, float $samples): string
    {
        $far = (int) (3 * self::FAR * $samples);
        $thirds = array_map(static fn (bool $is): int => $is ? 0 : $far, $ink);
        $count = $wide * $high;
        for ($i = $wide + 1; $i < $count; $i++) {
            if ($thirds[$i] !== 0) {
                $near = min($thirds[$i - 1] + 3, $thirds[$i - $wide] + 3, $thirds[$i - $wide - 1] + 4, $thirds[$i - $wide + 1] + 4);
                if ($near < $thirds[$i]) {
                    $thirds[$i] = $near;
                }
            }
        }
        for ($i = $count - $wide - 2; $i >= 0; $i--) {
            if ($thirds[$i] !== 0) {
                $near = min($thirds[$i + 1] + 3, $thirds[$i + $wide] + 3, $thirds[$i + $wide + 1] + 4, $thirds[$i + $wide - 1] + 4);
                if ($near < $thirds[$i]) {
                    $thirds[$i] = $near;
                }
            }
        }

        return pack('C*', ...array_map(static fn (int $one): int => (int) round(self::STEPS * $one / 3 / $samples), $thirds));
    }
}
