<?php

declare(strict_types=1);

namespace App\Printing;

/** A JPEG laid on a rectangle, of which only what lies in the window shows. */
final readonly class Picture implements Element
{
    /**
     * @param  Rectangle  $place  where the whole JPEG lies
     * @param  Rectangle|null  $window  null shows all of it
     */
    public function __construct(public Rectangle $place, public string $jpeg, public ?Rectangle $window = null)
    {
    }

    public function box(): Rectangle
    {
        return $this->window ?? $this->place;
    }

    public function movedBy(float $x, float $y): self
    {
        return new self($this->place->movedBy($x, $y), $this->jpeg, $this->window?->movedBy($x, $y));
    }

    public function stretched(float $x, float $y, float $aboutX, float $aboutY): self
    {
        $stretch = static fn (Rectangle $box): Rectangle => new Rectangle($aboutX + ($box->x - $aboutX) * $x, $aboutY + ($box->y - $aboutY) * $y, $box->width * $x, $box->height * $y);

        return new self($stretch($this->place), $this->jpeg, $this->window === null ? null : $stretch($this->window));
    }

    public function within(Rectangle $window): ?self
    {
        if ($window->holds($this->box())) {
            return $this;
        }
        $common = $this->box()->common($window);

        return $common === null ? null : new self($this->place, $this->jpeg, $common);
    }

    /** Where it lies on a mirrored page. Its pixels are mirrored when they are cut, not here. */
    public function mirrored(float $width): self
    {
        return $this;
    }
}
