<?php

declare(strict_types=1);

namespace InchLadder\Fit;

use InchLadder\Measure\Rational;

/** The part of the reference that will be drawn, as shares of its width and height, each in [0, 1]. */
final readonly class Crop
{
    private function __construct(
        public Rational $left,
        public Rational $top,
        public Rational $width,
        public Rational $height,
    ) {
    }

    public static function whole(): self
    {
        return new self(Rational::zero(), Rational::zero(), Rational::one(), Rational::one());
    }

    /**
     * The largest crop of one shape inside a reference of another, made smaller if wished.
     *
     * @param  Rational  $wanted  width ÷ height of the crop
     * @param  Rational  $reference  width ÷ height of the whole
     */
    public static function shaped(Rational $wanted, Rational $reference, Frame $frame): self
    {
        $one = Rational::one();
        [$width, $height] = $wanted->isGreaterThan($reference)
            ? [$one, $reference->dividedBy($wanted)]
            : [$wanted->dividedBy($reference), $one];
        $width = $width->times($frame->size);
        $height = $height->times($frame->size);

        return new self(self::place($frame->left, $width), self::place($frame->top, $height), $width, $height);
    }

    /** How much of the reference's area is left out, in [0, 1). */
    public function trimmed(): Rational
    {
        return Rational::one()->minus($this->width->times($this->height));
    }

    public function right(): Rational
    {
        return $this->left->plus($this->width);
    }

    public function bottom(): Rational
    {
        return $this->top->plus($this->height);
    }

    /** Centred unless a place is wanted, and never over the edge. */
    private static function place(?Rational $wanted, Rational $share): Rational
    {
        $room = Rational::one()->minus($share);
        $start = $wanted ?? $room->dividedBy(2);

        return Rational::larger(Rational::zero(), Rational::smaller($start, $room));
    }
}
