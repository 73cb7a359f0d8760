<?php

declare(strict_types=1);

namespace InchLadder\Measure;

/** A width and a height; always written width × height. */
final readonly class Size
{
    public function __construct(public Length $width, public Length $height)
    {
    }

    public static function inches(Rational|int|string $width, Rational|int|string $height): self
    {
        return new self(Length::inches($width), Length::inches($height));
    }

    public static function mm(Rational|int|string $width, Rational|int|string $height): self
    {
        return new self(Length::mm($width), Length::mm($height));
    }

    /** Width ÷ height. */
    public function ratio(): Rational
    {
        return $this->width->over($this->height);
    }

    public function turned(): self
    {
        return new self($this->height, $this->width);
    }

    public function isUpright(): bool
    {
        return ! $this->width->isLongerThan($this->height);
    }

    public function isNothing(): bool
    {
        return $this->width->isZero() && $this->height->isZero();
    }

    public function times(Rational|int|string $factor): self
    {
        return new self($this->width->times($factor), $this->height->times($factor));
    }

    public function minus(self $other): self
    {
        return new self($this->width->minus($other->width), $this->height->minus($other->height));
    }

    public function equals(self $other): bool
    {
        return $this->width->equals($other->width) && $this->height->equals($other->height);
    }

    /** The largest size of a given width ÷ height that lies inside this one. */
    public function largestInside(Rational $ratio): self
    {
        return $ratio->isGreaterThan($this->ratio())
            ? new self($this->width, $this->width->dividedBy($ratio))
            : new self($this->height->times($ratio), $this->height);
    }

    /** This area as a share of another. */
    public function shareOf(self $other): Rational
    {
        return $this->width->over($other->width)->times($this->height->over($other->height));
    }

    /** Corner to corner in millimetres, by Pythagoras; a square root, so a float. */
    public function diagonal(): float
    {
        return hypot($this->width->toFloat(), $this->height->toFloat());
    }
}
