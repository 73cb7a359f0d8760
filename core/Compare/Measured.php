<?php

declare(strict_types=1);

namespace InchLadder\Compare;

/** A place of the photo that was looked for on the drawing: where it belongs and where it came out, in mm of the paper from the drawing area's top left corner. */
final readonly class Measured
{
    /**
     * @param  float  $x  where it belongs
     * @param  float  $outX  where it came out
     * @param  float  $tolerance  mm by which it may depart
     * @param  float  $fineness  mm that its reading tells at best
     * @param  bool  $proposed  found by the program, and not confirmed by a hand
     * @param  bool  $sure  whether what was found stands out; a hand's place always does
     * @param  list<string>  $things  the named things it belongs to, the smallest first
     * @param  array{float, float}|null  $meant  by how much it was moved on purpose, right and down; null for not at all
     */
    public function __construct(
        public string $name,
        public float $x,
        public float $y,
        public float $outX,
        public float $outY,
        public float $tolerance,
        public float $fineness = 0.0,
        public bool $proposed = false,
        public bool $sure = true,
        public array $things = [],
        public ?array $meant = null,
    ) {
    }

    public function right(): float
    {
        return $this->outX - $this->x;
    }

    public function down(): float
    {
        return $this->outY - $this->y;
    }

    /** Whether it has a say: what is unsure or was meant has none. */
    public function counts(): bool
    {
        return $this->sure && $this->meant === null;
    }

    /**
     * What is left, right and down, once a motion is taken off: measured as it is drawn, at the size it was drawn.
     *
     * @return array{float, float}
     */
    public function after(Motion $motion): array
    {
        [$x, $y] = $motion->apply($this->x, $this->y);

        return [$this->outX - $x, $this->outY - $y];
    }

    public function off(Motion $motion): float
    {
        return hypot(...$this->after($motion));
    }

    /** Whether so much passes: within the tolerance, or no farther beyond it than the reading tells. */
    public function passes(float $off): bool
    {
        return $off <= $this->tolerance + Figures::DOUBT * $this->fineness + 1e-9;
    }

    /** What one place costs an explanation that leaves so much of it: squares, up to a bound, so that a slip spoils nothing. */
    public function cost(float $off): float
    {
        $spread = max($this->tolerance, Figures::DOUBT * $this->fineness) / Figures::SPREADS;

        return min(($off / $spread) ** 2, Figures::AT_MOST ** 2);
    }
}
