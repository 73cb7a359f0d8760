<?php

declare(strict_types=1);

namespace App\Printing;

/** A rectangle of one colour. */
final readonly class Fill implements Element
{
    public function __construct(public Rectangle $place, public string $colour)
    {
    }

    public function box(): Rectangle
    {
        return $this->place;
    }

    public function movedBy(float $x, float $y): self
    {
        return new self($this->place->movedBy($x, $y), $this->colour);
    }

    public function stretched(float $x, float $y, float $aboutX, float $aboutY): self
    {
        return new self(new Rectangle($aboutX + ($this->place->x - $aboutX) * $x, $aboutY + ($this->place->y - $aboutY) * $y, $this->place->width * $x, $this->place->height * $y), $this->colour);
    }

    public function within(Rectangle $window): ?self
    {
        $common = $this->place->common($window);

        return $common === null ? null : new self($common, $this->colour);
    }

    public function mirrored(float $width): self
    {
        return new self(new Rectangle($width - $this->place->right(), $this->place->y, $this->place->width, $this->place->height), $this->colour);
    }
}
