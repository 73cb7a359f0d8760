<?php

declare(strict_types=1);

namespace InchLadder\Fit;

use InchLadder\Measure\Rational;
use InchLadder\Photo\Reference;

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
     * The frame's place is where its corner would be; the crop stays inside the reference.
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

    /**
     * A crop of any shape, brought inside the reference.
     *
     * @param  Rational  $width  share, in (0, 1]; a larger one is the whole
     */
    public static function at(?Rational $left, ?Rational $top, Rational $width, Rational $height): self
    {
        [$width, $height] = [Rational::smaller($width, Rational::one()), Rational::smaller($height, Rational::one())];

        return new self(self::place($left, $width), self::place($top, $height), $width, $height);
    }

    /** Width ÷ height of what is cropped from a reference. */
    public function shapeOn(Reference $reference): Rational
    {
        return $reference->ratio()->times($this->width)->dividedBy($this->height);
    }

    /** Its side against that of the largest crop of its shape, in (0, 1]. */
    public function sizeOn(Reference $reference): Rational
    {
        return $this->width->dividedBy(self::shaped($this->shapeOn($reference), $reference->ratio(), Frame::centred())->width);
    }

    /**
     * The middle part of this crop.
     *
     * @param  Rational  $width  share of this crop's width, in (0, 1]
     */
    public function middle(Rational $width, Rational $height): self
    {
        return new self(
            $this->left->plus($this->width->times(Rational::one()->minus($width))->dividedBy(2)),
            $this->top->plus($this->height->times(Rational::one()->minus($height))->dividedBy(2)),
            $this->width->times($width),
            $this->height->times($height),
        );
    }

    /** The same crop with its corner elsewhere, but never over the edge. */
    public function movedTo(Rational $left, Rational $top): self
    {
        return new self(self::place($left, $this->width), self::place($top, $this->height), $this->width, $this->height);
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
