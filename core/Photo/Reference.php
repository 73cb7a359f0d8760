<?php

declare(strict_types=1);

namespace InchLadder\Photo;

use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;

/** The picture being copied: so many pixels, and a size if it is also a print. Never altered. */
final readonly class Reference
{
    private function __construct(public ?int $pixelsWide, public ?int $pixelsHigh, public ?Size $print)
    {
    }

    /**
     * A picture on a screen: no length can be read off it.
     *
     * @param  positive-int  $wide  pixels, after the camera's own turn
     * @param  positive-int  $high
     */
    public static function onScreen(int $wide, int $high): self
    {
        return new self($wide, $high, null);
    }

    /**
     * A print as measured; its pixels are known when it was made from the photo.
     *
     * @throws PrintSizeImpossible when a side is not between 1 mm and 20 m
     */
    public static function printed(Size $print, ?int $wide = null, ?int $high = null): self
    {
        foreach ([$print->width, $print->height] as $side) {
            if ($side->mm->isLessThan(1) || $side->mm->isGreaterThan(20_000)) {
                throw PrintSizeImpossible::side($side);
            }
        }

        return new self($wide, $high, $print);
    }

    /**
     * A part of it, as shares of its width and height in (0, 1].
     */
    public function part(Rational $width, Rational $height): self
    {
        if ($width->isEqualTo(1) && $height->isEqualTo(1)) {
            return $this;
        }

        return new self(
            $this->pixelsWide === null ? null : max(1, $width->times($this->pixelsWide)->round()),
            $this->pixelsHigh === null ? null : max(1, $height->times($this->pixelsHigh)->round()),
            $this->print === null ? null : new Size($this->print->width->times($width), $this->print->height->times($height)),
        );
    }

    /** Width ÷ height; the print as measured goes before its pixels. */
    public function ratio(): Rational
    {
        return $this->print?->ratio() ?? Rational::nd((int) $this->pixelsWide, (int) $this->pixelsHigh);
    }

    /** What the other side of a print measures that shows the whole picture, as this one is shaped. */
    public function otherSide(Length $known, bool $isWidth): Length
    {
        return $isWidth ? $known->dividedBy($this->ratio()) : $known->times($this->ratio());
    }

    /** How long a share of the width is on the print; null on a screen. */
    public function across(Rational $share): ?Length
    {
        return $this->print?->width->times($share);
    }

    /** How long a share of the height is on the print; null on a screen. */
    public function down(Rational $share): ?Length
    {
        return $this->print?->height->times($share);
    }

    /** What the typed print size says against the pixels; null when they agree within 2 %. */
    public function mismatch(): ?PrintMismatch
    {
        if ($this->print === null || $this->pixelsWide === null || $this->pixelsHigh === null) {
            return null;
        }
        $pixels = Rational::nd($this->pixelsWide, $this->pixelsHigh);
        $percent = abs($this->print->ratio()->dividedBy($pixels)->toFloat() - 1) * 100;

        return $percent > Figures::LARGEST_MISMATCH_PERCENT ? new PrintMismatch($this->print, $pixels, $percent) : null;
    }
}
