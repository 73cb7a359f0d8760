<?php

declare(strict_types=1);

namespace InchLadder\Compare;

use InchLadder\Pixels\Grey;
use InchLadder\Pixels\Otsu;

/**
 * Finds a sheet that is lighter than the table it lies on: first as the largest light patch, once the light is evened
 * out, then each of its four sides as the place where light falls to dark, to a part of a pixel.
 */
final readonly class SheetFinder
{
    /** A sheet takes in so much of a shot at least, or nothing on it can be measured (ours). */
    private const LEAST = 0.06;

    /** Times the light is evened and the patch looked for anew. */
    private const ROUNDS = 3;

    /** Places along a side at which it is looked for. */
    private const ALONG = 90;

    /** How far to either side, as a share of the shot's diagonal. */
    private const BESIDE = 0.035;

    /** Of the places along a side so many must lie on one line. */
    private const ENOUGH = 0.4;

    /** A sheet fills its four corners so far; a patch of anything else does not (ours: sheets 0.97, patches of texture 0.85 and less). */
    private const SQUARE = 0.92;

    /** Samples by which places of a side may lie off a line, typically (ours: those of sheets 0.2, of texture 3 and more). */
    private const STRAIGHT = 1.5;

    /** From one light to another is a fall of so many levels at least (ours). */
    private const FALL = 10.0;

    /**
     * @param  list<array{float, float}>  $corners  clockwise, in pixels of the shot
     * @param  list<list<array{float, float}>>  $sides  places along each, from its corner on
     */
    private function __construct(public array $corners, public array $sides, public Lens $lens, public bool $cutOff)
    {
    }

    /**
     * @param  Grey  $coarse  the shot, some 400 samples along its longer side
     * @param  Grey  $fine  the same, some 1600
     * @param  int  $wide  pixels of the shot itself
     * @return self|null null where there is no such patch
     */
    public static function in(Grey $coarse, Grey $fine, int $wide, int $high): ?self
    {
        $patch = self::patch($coarse);
        if ($patch === null) {
            return null;
        }
        $scale = $fine->wide / $coarse->wide;
        $hull = self::hull($patch);
        $corners = self::fourOf($hull);

        return $corners === null || self::area($corners) < self::SQUARE * self::area($hull) ? null : self::from(array_map(static fn (array $at): array => [$scale * $at[0], $scale * $at[1]], $corners), $fine, $wide, $high);
    }

    /**
     * The sides looked for near corners that are known roughly.
     *
     * @param  list<array{float, float}>  $corners  clockwise, in samples of `fine`
     */
    public static function from(array $corners, Grey $fine, int $wide, int $high, float $beside = self::BESIDE): ?self
    {
        foreach ([$beside, $beside / 4] as $reach) {
            $sides = array_map(static fn (int $i): array => self::side($fine, $corners[$i], $corners[($i + 1) % 4], $reach * $fine->diagonal()), [0, 1, 2, 3]);
            // A side that is bent by the lens still lies near a line.
            $sides = array_map(static fn (array $side): array => self::onCurve($side), $sides);
            if (min(array_map(count(...), $sides)) < self::ENOUGH * self::ALONG) {
                return null;
            }
            $lens = Lens::straightening($sides, $fine->wide, $fine->high);
            $straight = array_map(static fn (array $side): array => array_map(static fn (array $at): array => $lens->straighten(...$at), $side), $sides);
            foreach ($straight as $side) {
                if (sqrt(StraightLine::through($side)->off / count($side)) > self::STRAIGHT) {
                    return null;
                }
            }
            $lines = array_map(static fn (array $side): StraightLine => StraightLine::without($side)[0], $straight);
            $found = [];
            foreach ([0, 1, 2, 3] as $i) {
                $at = $lines[($i + 3) % 4]->meets($lines[$i]);
                if ($at === null) {
                    return null;
                }
                $found[] = $lens->bend(...$at);
            }
            $corners = $found;
        }
        [$byX, $byY] = [$wide / $fine->wide, $high / $fine->high];
        $up = static fn (array $at): array => [$byX * $at[0], $byY * $at[1]];
        $edge = 0.004 * $fine->diagonal();
        $cutOff = array_filter($corners, static fn (array $at): bool => $at[0] < $edge || $at[1] < $edge || $at[0] > $fine->wide - $edge || $at[1] > $fine->high - $edge) !== [];

        return new self(array_map($up, $corners), array_map(static fn (array $side): array => array_map($up, $side), $sides), Lens::bent($lens->bend, $wide, $high), $cutOff);
    }

    /**
     * Over how many samples light falls to dark at the sheet's edges, typically: from a fifth of the fall to four fifths.
     *
     * @param  float  $x  samples of the picture to a pixel of the shot
     */
    public function softness(Grey $fine, float $x, float $y): float
    {
        $widths = [];
        foreach ($this->sides as $i => $side) {
            [$from, $to] = [$this->corners[$i], $this->corners[($i + 1) % 4]];
            $long = max(1e-6, hypot($to[0] - $from[0], $to[1] - $from[1]));
            [$outX, $outY] = [($to[1] - $from[1]) / $long, ($from[0] - $to[0]) / $long];
            foreach ($side as $k => $at) {
                if ($k % 6 !== 0) {
                    continue;
                }
                $profile = array_map(static fn (int $far): float => $fine->between($x * $at[0] + $far * $outX, $y * $at[1] + $far * $outY), range(-14, 14));
                [$light, $dark] = [array_sum(array_slice($profile, 0, 5)) / 5, array_sum(array_slice($profile, -5)) / 5];
                if ($light - $dark > self::FALL) {
                    $widths[] = count(array_filter($profile, static fn (float $one): bool => $one < $light - 0.2 * ($light - $dark) && $one > $light - 0.8 * ($light - $dark)));
                }
            }
        }
        sort($widths);

        return $widths === [] ? 0.0 : (float) $widths[intdiv(count($widths), 2)];
    }

    /** @return list<array{float, float}>|null the rim of the largest light patch */
    private static function patch(Grey $picture): ?array
    {
        [$wide, $high] = [$picture->wide, $picture->high];
        $values = [];
        for ($y = 0; $y < $high; $y++) {
            for ($x = 0; $x < $wide; $x++) {
                $values[] = $picture->at($x, $y);
            }
        }
        $light = [1.0, 0.0, 0.0];
        $best = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $evened = [];
            foreach ($values as $i => $value) {
                $evened[] = $value / max(0.2, $light[0] + $light[1] * ($i % $wide) / $wide + $light[2] * intdiv($i, $wide) / $high);
            }
            $inside = self::largest($evened, self::threshold($evened), $wide, $high);
            if (count($inside) < self::LEAST * $wide * $high) {
                break;
            }
            $best = $inside;
            $light = self::light($values, $inside, $wide, $high);
        }
        $in = array_fill_keys($best, true);
        $rim = [];
        foreach ($best as $i) {
            [$x, $y] = [$i % $wide, intdiv($i, $wide)];
            if ($x === 0 || $y === 0 || $x === $wide - 1 || $y === $high - 1 || ! isset($in[$i - 1], $in[$i + 1], $in[$i - $wide], $in[$i + $wide])) {
                array_push($rim, [(float) $x, (float) $y], [$x + 1.0, (float) $y], [(float) $x, $y + 1.0], [$x + 1.0, $y + 1.0]);
            }
        }

        return $rim === [] ? null : $rim;
    }

    /** @param  list<float>  $values */
    private static function threshold(array $values): float
    {
        $most = 1e-9;
        foreach ($values as $value) {
            $most = max($most, $value);
        }
        $counts = array_fill(0, 256, 0);
        foreach ($values as $value) {
            $counts[(int) min(255, max(0, 255 * $value / $most))]++;
        }

        return Otsu::level($counts) / 255 * $most;
    }

    /**
     * @param  list<float>  $values
     * @return list<int> the largest patch of places that are as light, found by filling
     */
    private static function largest(array $values, float $threshold, int $wide, int $high): array
    {
        $free = array_map(static fn (float $value): bool => $value >= $threshold, $values);
        $largest = [];
        foreach ($free as $start => $is) {
            if (! $free[$start]) {
                continue;
            }
            $free[$start] = false;
            $patch = [$start];
            for ($next = 0; $next < count($patch); $next++) {
                $at = $patch[$next];
                $x = $at % $wide;
                foreach ([$x > 0 ? $at - 1 : -1, $x < $wide - 1 ? $at + 1 : -1, $at - $wide, $at + $wide] as $beside) {
                    if ($beside >= 0 && $beside < $wide * $high && $free[$beside]) {
                        $free[$beside] = false;
                        $patch[] = $beside;
                    }
                }
            }
            if (count($patch) > count($largest)) {
                $largest = $patch;
            }
        }

        return $largest;
    }

    /**
     * How the light falls over the patch: level and slope on both axes, against its middle, by least squares.
     *
     * @param  list<int>  $values
     * @param  list<int>  $inside
     * @return array{float, float, float}
     */
    private static function light(array $values, array $inside, int $wide, int $high): array
    {
        [$n, $sx, $sy, $sxx, $sxy, $syy, $sv, $svx, $svy] = array_fill(0, 9, 0.0);
        foreach ($inside as $k => $i) {
            if ($k % 3 !== 0) {
                continue;
            }
            [$x, $y, $v] = [($i % $wide) / $wide, intdiv($i, $wide) / $high, $values[$i]];
            $n++;
            $sx += $x;
            $sy += $y;
            $sxx += $x * $x;
            $sxy += $x * $y;
            $syy += $y * $y;
            $sv += $v;
            $svx += $v * $x;
            $svy += $v * $y;
        }
        [$mx, $my, $mv] = [$sx / $n, $sy / $n, $sv / $n];
        [$xx, $xy, $yy, $vx, $vy] = [$sxx / $n - $mx * $mx, $sxy / $n - $mx * $my, $syy / $n - $my * $my, $svx / $n - $mv * $mx, $svy / $n - $mv * $my];
        $area = $xx * $yy - $xy * $xy;
        if ($area < 1e-9 || $mv < 1) {
            return [1.0, 0.0, 0.0];
        }
        [$across, $down] = [($vx * $yy - $vy * $xy) / $area, ($vy * $xx - $vx * $xy) / $area];

        return [($mv - $across * $mx - $down * $my) / $mv, $across / $mv, $down / $mv];
    }

    /**
     * The convex hull (A. M. Andrew, Information Processing Letters 9 (1979)), clockwise as it is seen.
     *
     * @param  list<array{float, float}>  $places
     * @return list<array{float, float}>
     */
    private static function hull(array $places): array
    {
        sort($places);
        $half = static function (array $places): array {
            $chain = [];
            foreach ($places as $at) {
                while (($count = count($chain)) >= 2) {
                    [$a, $b] = [$chain[$count - 2], $chain[$count - 1]];
                    if (($b[0] - $a[0]) * ($at[1] - $a[1]) - ($b[1] - $a[1]) * ($at[0] - $a[0]) > 0) {
                        break;
                    }
                    array_pop($chain);
                }
                $chain[] = $at;
            }

            return array_slice($chain, 0, -1);
        };

        return [...$half($places), ...$half(array_reverse($places))];
    }

    /**
     * The four corners of a hull that take in most of it.
     *
     * @param  list<array{float, float}>  $hull
     * @return list<array{float, float}>|null
     */
    private static function fourOf(array $hull): ?array
    {
        $area = static fn (array $a, array $b, array $c): float => abs(($b[0] - $a[0]) * ($c[1] - $a[1]) - ($b[1] - $a[1]) * ($c[0] - $a[0])) / 2;
        // Corners that hardly stand out go first (M. Visvalingam and J. D. Whyatt, Cartographic Journal 30 (1993)).
        while (count($hull) > 22) {
            $count = count($hull);
            [$least, $at] = [INF, 0];
            foreach ($hull as $i => $corner) {
                $out = $area($hull[($i + $count - 1) % $count], $corner, $hull[($i + 1) % $count]);
                if ($out < $least) {
                    [$least, $at] = [$out, $i];
                }
            }
            array_splice($hull, $at, 1);
        }
        $count = count($hull);
        [$best, $most] = [null, 0.0];
        for ($i = 0; $i < $count; $i++) {
            for ($j = $i + 1; $j < $count; $j++) {
                for ($k = $j + 1; $k < $count; $k++) {
                    for ($l = $k + 1; $l < $count; $l++) {
                        $whole = $area($hull[$i], $hull[$j], $hull[$k]) + $area($hull[$i], $hull[$k], $hull[$l]);
                        if ($whole > $most) {
                            [$best, $most] = [[$hull[$i], $hull[$j], $hull[$k], $hull[$l]], $whole];
                        }
                    }
                }
            }
        }

        return $best === null ? null : self::topLeftFirst($best);
    }

    /** @param  list<array{float, float}>  $corners */
    private static function area(array $corners): float
    {
        $twice = 0.0;
        foreach ($corners as $i => [$x, $y]) {
            [$u, $v] = $corners[($i + 1) % count($corners)];
            $twice += $x * $v - $u * $y;
        }

        return abs($twice) / 2;
    }

    /**
     * Clockwise from the corner nearest to the picture's top left.
     *
     * @param  list<array{float, float}>  $corners
     * @return list<array{float, float}>
     */
    private static function topLeftFirst(array $corners): array
    {
        $turn = 0.0;
        foreach ($corners as $i => [$x, $y]) {
            [$u, $v] = $corners[($i + 1) % 4];
            $turn += $x * $v - $u * $y;
        }
        $corners = $turn < 0 ? array_reverse($corners) : $corners;
        $sums = array_map(static fn (array $at): float => $at[0] + $at[1], $corners);
        $first = (int) array_search(min(INF, ...$sums), $sums, true);

        return [...array_slice($corners, $first), ...array_slice($corners, 0, $first)];
    }

    /**
     * Where light falls to dark, across a side.
     *
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to  clockwise: the sheet lies to the right of the way
     * @return list<array{float, float}>
     */
    private static function side(Grey $picture, array $from, array $to, float $reach): array
    {
        $long = max(1e-6, hypot($to[0] - $from[0], $to[1] - $from[1]));
        [$alongX, $alongY] = [($to[0] - $from[0]) / $long, ($to[1] - $from[1]) / $long];
        // Out of the sheet: to the left of the way, as y runs down.
        [$outX, $outY] = [$alongY, -$alongX];
        $found = [];
        $steps = (int) ceil($reach);
        for ($i = 0; $i < self::ALONG; $i++) {
            $share = 0.03 + 0.94 * ($i + 0.5) / self::ALONG;
            [$x, $y] = [$from[0] + $share * $long * $alongX, $from[1] + $share * $long * $alongY];
            $profile = [];
            for ($k = -$steps - 1; $k <= $steps + 1; $k++) {
                [$px, $py] = [$x + $k * $outX, $y + $k * $outY];
                // Three beside each other, against grain.
                $profile[] = $picture->has($px, $py) ? ($picture->between($px - $alongX, $py - $alongY) + $picture->between($px, $py) + $picture->between($px + $alongX, $py + $alongY)) / 3 : null;
            }
            $falls = [];
            for ($k = 1; $k < count($profile) - 1; $k++) {
                $falls[$k] = $profile[$k - 1] === null || $profile[$k + 1] === null ? 0.0 : $profile[$k - 1] - $profile[$k + 1];
            }
            $at = (int) array_search(max(-INF, ...$falls), $falls, true);
            if ($falls[$at] < self::FALL) {
                continue;
            }
            [$before, $here, $after] = [$falls[$at - 1] ?? 0.0, $falls[$at], $falls[$at + 1] ?? 0.0];
            $bow = $before - 2 * $here + $after;
            $off = $at - $steps - 1 + ($bow < 0 ? max(-0.5, min(0.5, ($before - $after) / (2 * $bow))) : 0.0);
            $found[] = [$x + $off * $outX, $y + $off * $outY];
        }

        return $found;
    }

    /**
     * What lies on a shallow bow is kept: the line through it, bent by a square, without what lies off.
     *
     * @param  list<array{float, float}>  $side
     * @return list<array{float, float}>
     */
    private static function onCurve(array $side): array
    {
        for ($round = 0; $round < 6 && count($side) > 8; $round++) {
            $line = StraightLine::through($side);
            [$tx, $ty] = [$line->ny, -$line->nx];
            $along = array_map(static fn (array $at): float => $tx * $at[0] + $ty * $at[1], $side);
            $mean = array_sum($along) / count($along);
            $far = max(1e-6, max(array_map(static fn (float $one): float => abs($one - $mean), $along)));
            $bows = array_map(static fn (float $one): float => (($one - $mean) / $far) ** 2 - 1 / 3, $along);
            $off = array_map(static fn (array $at): float => $line->beside(...$at), $side);
            // The median slope of off against bow: slips have no say (as in Theil and Sen).
            $slopes = [];
            foreach ($bows as $i => $bow) {
                $j = ($i + intdiv(count($bows), 2)) % count($bows);
                abs($bow - $bows[$j]) > 0.2 && $slopes[] = ($off[$i] - $off[$j]) / ($bow - $bows[$j]);
            }
            sort($slopes);
            $slope = $slopes === [] ? 0.0 : $slopes[intdiv(count($slopes), 2)];
            $rest = array_map(static fn (float $one, float $bow): float => $one - $slope * $bow, $off, $bows);
            $sorted = $rest;
            sort($sorted);
            $middle = $sorted[intdiv(count($sorted), 2)];
            $apart = array_map(static fn (float $one): float => abs($one - $middle), $rest);
            $sorted = $apart;
            sort($sorted);
            $most = max(0.8, 2.5 * StraightLine::TYPICAL * $sorted[intdiv(count($sorted), 2)]);
            $kept = array_values(array_filter($side, static fn (int $i): bool => $apart[$i] <= $most, ARRAY_FILTER_USE_KEY));
            if (count($kept) === count($side)) {
                break;
            }
            $side = $kept;
        }

        return $side;
    }
}
