<?php

declare(strict_types=1);

namespace App\Printing;

/** A run of type, from its left end on its baseline. */
final readonly class Text implements Element
{
    public function __construct(
        public float $x,
        public float $y,
        public string $words,
        /** Height of the type. */
        public float $size = 3.2,
        public bool $strong = false,
        public string $colour = '#22201d',
    ) {
    }

    public function width(): float
    {
        return Type::width($this->words, $this->size, $this->strong);
    }

    public function box(): Rectangle
    {
        return new Rectangle($this->x, $this->y - 0.75 * $this->size, $this->width(), 0.95 * $this->size);
    }

    public function movedBy(float $x, float $y): self
    {
        return $this->at($this->x + $x, $this->y + $y);
    }

    public function stretched(float $x, float $y, float $aboutX, float $aboutY): self
    {
        return $this->at($aboutX + ($this->x - $aboutX) * $x, $aboutY + ($this->y - $aboutY) * $y);
    }

    /** Whole or not at all. */
    public function within(Rectangle $window): ?self
    {
        return $window->holds($this->box()) ? $this : null;
    }

    public function mirrored(float $width): self
    {
        return $this->at($width - $this->x - $this->width(), $this->y);
    }

    private function at(float $x, float $y): self
    {
        return new self($x, $y, $this->words, $this->size, $this->strong, $this->colour);
    }
}
