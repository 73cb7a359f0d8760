<?php

declare(strict_types=1);

namespace App\Printing;

/** A rectangle, in mm or as shares; y grows downwards. */
final readonly class Rectangle
{
    public function __construct(public float $x, public float $y, public float $width, public float $height)
    {
    }

    public function right(): float
    {
        return $this->x + $this->width;
    }

    public function bottom(): float
    {
        return $this->y + $this->height;
    }

    public function movedBy(float $x, float $y): self
    {
        return new self($this->x + $x, $this->y + $y, $this->width, $this->height);
    }

    /** What both have in common; null when they do not meet. */
    public function common(self $other): ?self
    {
        [$left, $top] = [max($this->x, $other->x), max($this->y, $other->y)];
        [$wide, $high] = [min($this->right(), $other->right()) - $left, min($this->bottom(), $other->bottom()) - $top];

        return $wide > 0 && $high > 0 ? new self($left, $top, $wide, $high) : null;
    }

    public function holds(self $other, float $slack = 1e-6): bool
    {
        return $other->x >= $this->x - $slack && $other->y >= $this->y - $slack && $other->right() <= $this->right() + $slack && $other->bottom() <= $this->bottom() + $slack;
    }

    /** The same place in another: a box of shares becomes one in mm. */
    public function in(self $whole): self
    {
        return new self($whole->x + $this->x * $whole->width, $whole->y + $this->y * $whole->height, $this->width * $whole->width, $this->height * $whole->height);
    }

    /** This one as shares of another. */
    public function of(self $whole): self
    {
        return new self(($this->x - $whole->x) / $whole->width, ($this->y - $whole->y) / $whole->height, $this->width / $whole->width, $this->height / $whole->height);
    }
}
