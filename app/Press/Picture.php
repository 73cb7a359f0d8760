<?php

declare(strict_types=1);

namespace App\Press;

/** A JPEG laid on a rectangle, of which only what lies in the window shows. */
final readonly class Picture implements Mark
{
    /**
     * @param  Box  $place  where the whole JPEG lies
     * @param  Box|null  $window  null shows all of it
     */
    public function __construct(public Box $place, public string $jpeg, public ?Box $window = null)
    {
    }

    public function box(): Box
    {
        return $this->window ?? $this->place;
    }

    public function movedBy(float $x, float $y): self
    {
        return new self($this->place->movedBy($x, $y), $this->jpeg, $this->window?->movedBy($x, $y));
    }

    public function stretched(float $x, float $y, float $aboutX, float $aboutY): self
    {
        $stretch = static fn (Box $box): Box => new Box($aboutX + ($box->x - $aboutX) * $x, $aboutY + ($box->y - $aboutY) * $y, $box->width * $x, $box->height * $y);

        return new self($stretch($this->place), $this->jpeg, $this->window === null ? null : $stretch($this->window));
    }

    public function within(Box $window): ?self
    {
        if ($window->holds($this->box())) {
            return $this;
        }
        $common = $this->box()->common($window);

        return $common === null ? null : new self($this->place, $this->jpeg, $common);
    }

    /** A JPEG is flopped by the plate it comes from. */
    public function mirrored(float $width): self
    {
        return $this;
    }
}
