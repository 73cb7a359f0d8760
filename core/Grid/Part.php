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

    /** What of it lies inside the crop, and at least a fiftieth of the crop each way. */
    public static function of(Rational $left, Rational $top, Rational $width, Rational $height): self
    {
        [$left, $width] = self::inside($left, $width);
        [$top, $height] = self::inside($top, $height);

        return new self($left, $top, $width, $height);
    }

    /** Whether a box of these shares has any of the crop in it. */
    public static function touches(Rational $left, Rational $top, Rational $width, Rational $height): bool
    {
        return $left->isLessThan(1) && $top->isLessThan(1) && $left->plus($width)->isPositive() && $top->plus($height)->isPositive();
    }

    /** @return array{Rational, Rational} start and length */
    private static function inside(Rational $start, Rational $length): array
    {
        $least = Rational::of(self::LEAST);
        $within = static fn (Rational $share, Rational $from, Rational $to): Rational => Rational::larger($from, Rational::smaller($share, $to));
        $end = $within($start->plus($length), $least, Rational::one());
        $start = $within($start, Rational::zero(), Rational::one()->minus($least));

        return [$start, Rational::larger($least, $end->minus($start))];
    }

    public function sizeOn(Size $board): Size
    {
        return new Size($board->width->times($this->width), $board->height->times($this->height));
    }
}
