<?php

declare(strict_types=1);

namespace InchLadder\Masses;

/**
 * What runs between the parts of a picture: each outline once, from where three meet to where three meet again, so that
 * two neighbours are never drawn apart however much it is straightened. Places are corners of samples, from 0 to wide and
 * from 0 to high.
 */
final readonly class Outlines
{
    /** The part beyond the picture's edge. */
    public const OUTSIDE = -1;

    /**
     * @param  list<array{left: int, right: int, places: non-empty-list<array{int, int}>}>  $all  with the part on either side of the way it is walked (y grows downward)
     */
    private function __construct(public array $all)
    {
    }

    /** @param  list<int>  $labels  row by row */
    public static function of(int $wide, int $high, array $labels): self
    {
        $at = static fn (int $x, int $y): int => $x < 0 || $y < 0 || $x >= $wide || $y >= $high ? self::OUTSIDE : $labels[$y * $wide + $x];
        // From each corner: east, south, west, north, where two parts lie on either side.
        $steps = [[1, 0], [0, 1], [-1, 0], [0, -1]];
        $sides = static fn (int $x, int $y, int $way): array => match ($way) {
            0 => [$at($x, $y - 1), $at($x, $y)],
            1 => [$at($x, $y), $at($x - 1, $y)],
            2 => [$at($x - 1, $y), $at($x - 1, $y - 1)],
            default => [$at($x - 1, $y - 1), $at($x, $y - 1)],
        };
        $ways = [];
        for ($y = 0; $y <= $high; $y++) {
            for ($x = 0; $x <= $wide; $x++) {
                $open = [];
                for ($way = 0; $way < 4; $way++) {
                    [$left, $right] = $sides($x, $y, $way);
                    if ($left !== $right) {
                        $open[] = $way;
                    }
                }
                if ($open !== []) {
                    $ways[$y * ($wide + 1) + $x] = $open;
                }
            }
        }
        $walked = [];
        $all = [];
        $walk = static function (int $from, int $way) use (&$walked, &$all, $ways, $wide, $steps, $sides): void {
            [$x, $y] = [$from % ($wide + 1), intdiv($from, $wide + 1)];
            [$left, $right] = $sides($x, $y, $way);
            $places = [[$x, $y]];
            do {
                $walked[($y * ($wide + 1) + $x) * 4 + $way] = true;
                [$x, $y] = [$x + $steps[$way][0], $y + $steps[$way][1]];
                $back = ($way + 2) % 4;
                $here = $y * ($wide + 1) + $x;
                $walked[$here * 4 + $back] = true;
                $places[] = [$x, $y];
                $on = array_values(array_diff($ways[$here], [$back]));
                $way = $on[0];
            } while (count($on) === 1 && $here !== $from);
            $all[] = ['left' => $left, 'right' => $right, 'places' => $places];
        };
        // First those between places where three meet; what is left goes round one part alone.
        foreach ([true, false] as $meets) {
            foreach ($ways as $from => $open) {
                foreach ($meets && count($open) === 2 ? [] : $open as $way) {
                    isset($walked[$from * 4 + $way]) || $walk($from, $way);
                }
            }
        }

        return new self($all);
    }
}
