<?php

declare(strict_types=1);

namespace InchLadder\Compare;

/** A way for an object to lie: moved, in mm, turned, in degrees clockwise as it is seen, and so many times as large. */
final readonly class Pose
{
    /** What a mm, a degree and a whole size cost: of ways as good the likeliest (ours). */
    private const COSTS = [0.003, 0.002, 0.2];

    /** What a step of a mm is in degrees, and in size: at the rim of an object of a hand's breadth they move it by about as much (ours). */
    private const DEGREES_A_MM = 3.75;

    private const SIZE_A_MM = 0.0625;

    /** Two that differ by less, in degrees and in size, lead to the same (ours). */
    private const AS_TURNED = 8.0;

    private const AS_LARGE = 0.2;

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
        $moved = [$this->moved($mm, 0.0), $this->moved(-$mm, 0.0), $this->moved(0.0, $mm), $this->moved(0.0, -$mm)];
        $turned = self::DEGREES_A_MM * $mm;
        $sized = self::SIZE_A_MM * $mm;

        return $alone ? $moved : [
            ...$moved, $this->turned($turned, 0.0), $this->turned(-$turned, 0.0), $this->turned(0.0, $sized), $this->turned(0.0, -$sized),
        ];
    }

    public function moved(float $right, float $down): self
    {
        return new self($this->right + $right, $this->down + $down, $this->degrees, $this->size);
    }

    private function turned(float $degrees, float $size): self
    {
        return new self($this->right, $this->down, $this->degrees + $degrees, $this->size + $size);
    }

    public function cost(): float
    {
        [$mm, $degree, $size] = self::COSTS;

        return $mm * hypot($this->right, $this->down) + $degree * abs($this->degrees) + $size * abs($this->size - 1);
    }

    /** Whether another is so near that looking at both tells nothing. */
    public function isBy(self $other, float $mm): bool
    {
        return hypot($this->right - $other->right, $this->down - $other->down) < $mm
            && abs($this->degrees - $other->degrees) < self::AS_TURNED
            && abs($this->size - $other->size) < self::AS_LARGE;
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
