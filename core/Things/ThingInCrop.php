<?php

declare(strict_types=1);

namespace InchLadder\Things;

use InchLadder\Copying\Side;
use InchLadder\Measure\Rational;
use InchLadder\Paper\Outline;

/** A thing as it lies in the crop, in shares of it: its box, its four extremes, where it leaves the picture, what of it is hidden. */
final readonly class ThingInCrop
{
    public float $left;

    public float $right;

    public float $top;

    public float $bottom;

    /** @param  non-empty-list<array{float, float}>  $outline  in shares of the crop; beyond 0…1 is cropped away */
    public function __construct(public Thing $thing, public array $outline)
    {
        [$x, $y] = [array_column($outline, 0), array_column($outline, 1)];
        [$this->left, $this->right, $this->top, $this->bottom] = [min($x), max($x), min($y), max($y)];
    }

    /** Whether any of its box lies in the crop. */
    public function isInside(): bool
    {
        return $this->left < 1 && $this->right > 0 && $this->top < 1 && $this->bottom > 0;
    }

    /**
     * How it lies to an oval or a circle: inside, outside, or cut by the curve; told by its outline, a chord of which is
     * looked at in so many places.
     *
     * @return 'inside'|'outside'|'cut'
     */
    public function within(Outline $curve): string
    {
        $holds = [];
        foreach ($this->outline as $i => [$x, $y]) {
            [$toX, $toY] = $this->outline[($i + 1) % count($this->outline)];
            for ($step = 0; $step < Figures::LOOKED_AT; $step++) {
                $share = $step / Figures::LOOKED_AT;
                $holds[] = $curve->holds(Rational::near($x + $share * ($toX - $x), 6), Rational::near($y + $share * ($toY - $y), 6));
            }
        }

        return match (true) {
            ! in_array(false, $holds, true) => 'inside',
            in_array(true, $holds, true) || $this->covers(0.5, 0.5) => 'cut',
            default => 'outside',
        };
    }

    /** @return array{float, float} its width and height within the crop, as shares of it */
    public function size(): array
    {
        return [max(0.0, min(1, $this->right) - max(0, $this->left)), max(0.0, min(1, $this->bottom) - max(0, $this->top))];
    }

    /**
     * The outermost place on a side; of a box, the middle of that side.
     *
     * @return array{float, float}
     */
    public function extreme(Side $side): array
    {
        [$axis, $wanted] = match ($side) {
            Side::Left => [0, $this->left],
            Side::Right => [0, $this->right],
            Side::Top => [1, $this->top],
            Side::Bottom => [1, $this->bottom],
        };
        $at = array_values(array_filter($this->outline, static fn (array $point): bool => abs($point[$axis] - $wanted) < 1e-9));
        $middle = array_sum(array_column($at, 1 - $axis)) / count($at);

        return $axis === 0 ? [$wanted, $middle] : [$middle, $wanted];
    }

    /**
     * Where its outline leaves the crop, or comes back.
     *
     * @return list<array{Side, float}> the edge, and the share of it from the left or the top, edge by edge in order
     */
    public function leaves(): array
    {
        $found = [];
        foreach ([[Side::Top, 1, 0.0], [Side::Right, 0, 1.0], [Side::Bottom, 1, 1.0], [Side::Left, 0, 0.0]] as [$side, $axis, $edge]) {
            $on = [];
            foreach ($this->outline as $i => $from) {
                $to = $this->outline[($i + 1) % count($this->outline)];
                if (($from[$axis] - $edge) * ($to[$axis] - $edge) >= 0) {
                    continue;
                }
                $along = $from[1 - $axis] + ($edge - $from[$axis]) / ($to[$axis] - $from[$axis]) * ($to[1 - $axis] - $from[1 - $axis]);
                if ($along >= 0 && $along <= 1) {
                    $on[] = $along;
                }
            }
            sort($on);
            array_push($found, ...array_map(static fn (float $along): array => [$side, $along], $on));
        }

        return $found;
    }

    /** @return array<string, float> edges that it comes near without leaving through, by the side's name: how far off, as a share */
    public function nearMisses(): array
    {
        $gaps = ['top' => $this->top, 'right' => 1 - $this->right, 'bottom' => 1 - $this->bottom, 'left' => $this->left];

        return ! $this->isInside() ? [] : array_filter($gaps, static fn (float $gap): bool => $gap >= 0 && $gap < Figures::NEAR_EDGE);
    }

    /** Whether a place lies within its outline (the ray-crossing rule: M. Shimrat, "Algorithm 112", CACM 5 (1962)). */
    public function covers(float $x, float $y): bool
    {
        $inside = false;
        foreach ($this->outline as $i => [$x1, $y1]) {
            [$x2, $y2] = $this->outline[($i + 1) % count($this->outline)];
            if (($y1 > $y) !== ($y2 > $y) && $x < ($x2 - $x1) * ($y - $y1) / ($y2 - $y1) + $x1) {
                $inside = ! $inside;
            }
        }

        return $inside;
    }

    /**
     * Its outline in pieces that are seen and pieces that lie behind other things.
     *
     * @param  list<self>  $before  the things in front of it
     * @return list<array{list<array{float, float}>, bool}> places, and whether it is hidden there; each piece begins where the one before ends
     */
    public function pieces(array $before): array
    {
        $before = array_filter($before, $this->overlaps(...));
        $pieces = [];
        foreach ($this->outline as $i => $from) {
            $to = $this->outline[($i + 1) % count($this->outline)];
            $cuts = [0.0, 1.0];
            foreach ($before as $other) {
                array_push($cuts, ...$other->cuts($from, $to));
            }
            sort($cuts);
            $at = static fn (float $share): array => [$from[0] + $share * ($to[0] - $from[0]), $from[1] + $share * ($to[1] - $from[1])];
            for ($k = 1; $k < count($cuts); $k++) {
                if ($cuts[$k] - $cuts[$k - 1] < 1e-9) {
                    continue;
                }
                $middle = $at(($cuts[$k] + $cuts[$k - 1]) / 2);
                $hidden = array_filter($before, static fn (self $other): bool => $other->covers(...$middle)) !== [];
                $last = array_key_last($pieces);
                if ($last !== null && $pieces[$last][1] === $hidden) {
                    $pieces[$last][0][] = $at($cuts[$k]);
                } else {
                    $pieces[] = [[$at($cuts[$k - 1]), $at($cuts[$k])], $hidden];
                }
            }
        }

        return $pieces;
    }

    /** Whether the boxes round both have anything in common. */
    private function overlaps(self $other): bool
    {
        return $this->left < $other->right && $other->left < $this->right && $this->top < $other->bottom && $other->top < $this->bottom;
    }

    /**
     * Where a stretch crosses this outline.
     *
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     * @return list<float> shares of the stretch
     */
    private function cuts(array $from, array $to): array
    {
        $found = [];
        [$dx, $dy] = [$to[0] - $from[0], $to[1] - $from[1]];
        foreach ($this->outline as $i => [$x, $y]) {
            [$ex, $ey] = [$this->outline[($i + 1) % count($this->outline)][0] - $x, $this->outline[($i + 1) % count($this->outline)][1] - $y];
            $area = $dx * $ey - $dy * $ex;
            if (abs($area) < 1e-15) {
                continue;
            }
            $along = (($x - $from[0]) * $ey - ($y - $from[1]) * $ex) / $area;
            $across = (($x - $from[0]) * $dy - ($y - $from[1]) * $dx) / $area;
            if ($along > 0 && $along < 1 && $across >= 0 && $across <= 1) {
                $found[] = $along;
            }
        }

        return $found;
    }
}
