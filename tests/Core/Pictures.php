<?php

namespace Tests\Core;

use Closure;
use InchLadder\Pixels\LabPicture;

/** Pictures of functions, sampled and smoothed as those of photos are. */
final class Pictures
{
    /** Samples' sides are looked at in so many places each. */
    private const FINE = 2;

    /** @param  Closure(float, float): array{int|float, int|float, int|float}  $colour  L*, a*, b* by shares across and down */
    public static function lab(int $wide, int $high, Closure $colour): LabPicture
    {
        $channels = [[], [], []];
        for ($y = 0; $y < $high; $y++) {
            for ($x = 0; $x < $wide; $x++) {
                $sums = [0, 0, 0];
                for ($i = 0; $i < self::FINE ** 2; $i++) {
                    foreach ($colour(($x + ($i % self::FINE + 0.5) / self::FINE) / $wide, ($y + (intdiv($i, self::FINE) + 0.5) / self::FINE) / $high) as $channel => $value) {
                        $sums[$channel] += $value;
                    }
                }
                foreach ($sums as $channel => $sum) {
                    $channels[$channel][] = $sum / self::FINE ** 2;
                }
            }
        }
        $channels = array_map(fn (array $values): array => self::smooth(self::smooth($values, $wide, $high, 1, $wide), $high, $wide, $wide, 1), $channels);
        $floats = '';
        foreach ($channels[0] as $i => $lightness) {
            $floats .= pack('g3', $lightness, $channels[1][$i], $channels[2][$i]);
        }

        return new LabPicture($wide, $high, $floats, $wide, $high);
    }

    /**
     * A Gaussian of standard deviation 1 along one way.
     *
     * @param  list<float>  $values
     * @param  int  $step  from one value of a line to the next
     * @param  int  $next  from one line to the next
     * @return list<float>
     */
    private static function smooth(array $values, int $long, int $lines, int $step, int $next): array
    {
        $kernel = array_map(fn (int $k): float => exp(-$k * $k / 2), range(-3, 3));
        $whole = array_sum($kernel);
        $smooth = $values;
        $reach = intdiv(count($kernel), 2);
        for ($line = 0; $line < $lines; $line++) {
            $start = $line * $next;
            // Where all it reaches is alike, nothing is to be smoothed.
            $alike = 0;
            for ($at = -$reach; $at < $long; $at++) {
                $ahead = $at + $reach;
                $alike = $ahead > 0 && $ahead < $long && $values[$start + $ahead * $step] !== $values[$start + ($ahead - 1) * $step] ? 1 : $alike + 1;
                if ($at < 0 || $alike > 2 * $reach) {
                    continue;
                }
                $sum = 0.0;
                foreach ($kernel as $k => $weight) {
                    $sum += $weight * $values[$start + max(0, min($long - 1, $at + $k - $reach)) * $step];
                }
                $smooth[$start + $at * $step] = $sum / $whole;
            }
        }

        return $smooth;
    }
}
