<?php

declare(strict_types=1);

namespace InchLadder\Compare;

/** A way for an object to lie: moved, in mm, turned, in degrees clockwise as it is seen, and so many times as large. */
final readonly class Pose
{
    /** What a mm, a degree and a whole size cost: of ways as good the likeliest (ours). */
    private const COSTS = [0.003, 0.002, 0.2];

    public function __construct(public float $right, public float $down, public float $degrees = 0.0, public float $size = 1.0)
    {
    }

    public static function home(): self
    {
        return new self(0.0, 0.0);
    }

    public function alone(): self
    {
        return new self($this->right, $this->down);
    }

    /**
     * Those a step further on, one number at a time.
     *
     * @param  float  $mm  a step; turn and size take steps to match
     * @param  bool  $alone  moved, and neither turned nor sized
     * @return list<self>
     */
    public function beside(float $mm, bool $alone): array
    {
        [$r, $d, $t, $s] = [$this->right, $this->down, $this->degrees, $this->size];
        [$degrees, $size] = [3.75 * $mm, 0.0625 * $mm];
        $moved = [new self($r + $mm, $d, $t, $s), new self($r - $mm, $d, $t, $s), new self($r, $d + $mm, $t, $s), new self($r, $d - $mm, $t, $s)];

        return $alone ? $moved : [...$moved, new self($r, $d, $t + $degrees, $s), new self($r, $d, $t - $degrees, $s), new self($r, $d, $t, $s + $size), new self($r, $d, $t, $s - $size)];
    }

    public function moved(float $right, float $down): self
    {
        return new self($this->right + $right, $this->down + $down, $this->degrees, $this->size);
    }

    public function cost(): float
    {
        return self::COSTS[0] * hypot($this->right, $this->down) + self::COSTS[1] * abs($this->degrees) + self::COSTS[2] * abs($this->size - 1);
    }

    /** Whether another is so near that looking at both tells nothing. */
    public function isBy(self $other, float $mm): bool
    {
        return hypot($this->right - $other->right, $this->down - $other->down) < $mm && abs($this->degrees - $other->degrees) < 8 && abs($this->size - $other->size) < 0.2;
    }

    /**
     * Where a place about the object's middle comes to lie, about the same middle.
     *
     * @return array{float, float}
     */
    public function apply(float $x, float $y): array
    {
        [$cos, $sin] = [$this->size * cos(deg2rad($this->degrees)), $this->size * sin(deg2rad($this->degrees))];

        return [$this->right + $cos * $x - $sin * $y, $this->down + $sin * $x + $cos * $y];
    }

    /**
     * Mm by which corners of a box come out apart, on the whole.
     *
     * @param  array{float, float}  $half  of the box's sides
     */
    public function apart(self $other, array $half): float
    {
        $sum = 0.0;
        foreach ([[-1, -1], [1, -1], [1, 1], [-1, 1]] as [$i, $j]) {
            [[$x, $y], [$u, $v]] = [$this->apply($i * $half[0], $j * $half[1]), $other->apply($i * $half[0], $j * $half[1])];
            $sum += hypot($x - $u, $y - $v) / 4;
        }

        return $sum;
    }

    /** @param  array{float, float}  $middle  of the object, in mm of the sheet */
    public function motion(array $middle): Motion
    {
        return Motion::about($middle, $this->right, $this->down, $this->degrees, $this->size);
    }
}
