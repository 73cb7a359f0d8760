<?php

declare(strict_types=1);

namespace InchLadder\Grid;

use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;

/** The part of the crop a grid is wanted over, as shares of its width and height; its place there and on the sheet is kept. */
final readonly class Part
{
    private const LEAST = '0.02';

    private function __construct(public Rational $left, public Rational $top, public Rational $width, public Rational $height)
    {
    }

    /** Brought inside the crop, and at least a fiftieth of it each way. */
    public static function of(Rational $left, Rational $top, Rational $width, Rational $height): self
    {
        $least = Rational::of(self::LEAST);
        $inside = static fn (Rational $start): Rational => Rational::larger(Rational::zero(), Rational::smaller($start, Rational::one()->minus($least)));
        [$left, $top] = [$inside($left), $inside($top)];
        $length = static fn (Rational $length, Rational $start): Rational => Rational::larger($least, Rational::smaller($length, Rational::one()->minus($start)));

        return new self($left, $top, $length($width, $left), $length($height, $top));
    }

    public function sizeOn(Size $board): Size
    {
        return new Size($board->width->times($this->width), $board->height->times($this->height));
    }
}
