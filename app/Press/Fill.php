<?php

declare(strict_types=1);

namespace App\Press;

/** A rectangle of one colour. */
final readonly class Fill implements Mark
{
    public function __construct(public Box $place, public string $colour)
    {
    }

    public function box(): Box
    {
        return $this->place;
    }

    public function movedBy(float $x, float $y): self
    {
        return new self($this->place->movedBy($x, $y), $this->colour);
    }

    public function stretched(float $x, float $y, float $aboutX, float $aboutY): self
    {
        return new self(new Box($aboutX + ($this->place->x - $aboutX) * $x, $aboutY + ($this->place->y - $aboutY) * $y, $this->place->width * $x, $this->place->height * $y), $this->colour);
    }

    public function within(Box $window): ?self
    {
        $common = $this->place->common($window);

        return $common === null ? null : new self($common, $this->colour);
    }

    public function mirrored(float $width): self
    {
        return new self(new Box($width - $this->place->right(), $this->place->y, $this->place->width, $this->place->height), $this->colour);
    }
}
