<?php

declare(strict_types=1);

namespace InchLadder\Pixels;

/** An edge or a thin line of a picture, from end to end. Places and lengths are in samples, from the picture's top left edge. */
final readonly class Contour
{
    /**
     * @param  non-empty-list<float>  $x
     * @param  non-empty-list<float>  $y  as many
     * @param  array{float, float, float}  $step  by how much L*, a*, b* grow across it, from the side on the left of the way it is walked to the right; of a line, from beside it to inside
     * @param  float  $crowd  how much edge there is round about for each of its own steepness: contours stand alone, texture stands in a crowd
     * @param  float  $steep  how steep it is, in ΔE a sample: the softer an edge, the less for its contrast
     * @param  float|null  $width  of a thin line, the median; null for an edge
     */
    public function __construct(
        public array $x,
        public array $y,
        public array $step,
        public float $crowd,
        public float $steep,
        public End $starts,
        public End $ends,
        public ?float $width = null,
        public bool $byHand = false,
    ) {
    }

    public function count(): int
    {
        return count($this->x);
    }

    public function length(): float
    {
        return self::along($this->x, $this->y);
    }

    /** ΔE*ab (CIE 1976) from one side to the other. */
    public function contrast(): float
    {
        return sqrt($this->step[0] ** 2 + $this->step[1] ** 2 + $this->step[2] ** 2);
    }

    public function isClosed(): bool
    {
        return $this->starts === End::Closes;
    }

    public function reversed(): self
    {
        return new self(array_reverse($this->x), array_reverse($this->y), [-$this->step[0], -$this->step[1], -$this->step[2]], $this->crowd, $this->steep, $this->ends, $this->starts, $this->width, $this->byHand);
    }

    /**
     * A part of it, ends included.
     *
     * @param  int  $from  number of its first point
     */
    public function part(int $from, int $count): self
    {
        /** @var non-empty-list<float> $x */
        $x = array_slice($this->x, $from, $count);
        /** @var non-empty-list<float> $y */
        $y = array_slice($this->y, $from, $count);
        $whole = $from === 0 && $count === $this->count();

        return new self(
            $x, $y, $this->step, $this->crowd, $this->steep,
            $from === 0 && ! ($this->isClosed() && ! $whole) ? $this->starts : End::Meets,
            $from + $count === $this->count() && ! ($this->isClosed() && ! $whole) ? $this->ends : End::Meets,
            $this->width, $this->byHand,
        );
    }

    /**
     * @param  list<float>  $x
     * @param  list<float>  $y
     */
    public static function along(array $x, array $y): float
    {
        $length = 0.0;
        for ($i = 1, $count = count($x); $i < $count; $i++) {
            $length += sqrt(($x[$i] - $x[$i - 1]) ** 2 + ($y[$i] - $y[$i - 1]) ** 2);
        }

        return $length;
    }
}
