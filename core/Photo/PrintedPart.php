<?php

declare(strict_types=1);

namespace InchLadder\Photo;

use InchLadder\Measure\Rational;

/**
 * What of the photo a print shows that was trimmed, or printed larger than its paper: a box in shares of the photo as it is
 * held after its quarter turns, never mirrored. It keeps the photo's own proportions, so its shape is the print's.
 */
final readonly class PrintedPart
{
    /** Of each side at least so much. */
    private const LEAST = '1/20';

    private function __construct(public Rational $left, public Rational $top, public Rational $width, public Rational $height)
    {
    }

    public static function whole(): self
    {
        return new self(Rational::zero(), Rational::zero(), Rational::one(), Rational::one());
    }

    /**
     * As near to what is wanted as lies inside the photo.
     *
     * @param  Rational  $left  share of the photo's width, where its left edge is wanted
     * @param  Rational  $width  share of the photo's width that is wanted
     * @param  Rational  $print  width ÷ height of the print
     * @param  Rational  $photo  width ÷ height of the photo's pixels
     */
    public static function of(Rational $left, Rational $top, Rational $width, Rational $print, Rational $photo): self
    {
        // A share of the height is so many times that of the width.
        $higher = $photo->dividedBy($print);
        $most = Rational::smaller(Rational::one(), $higher->reciprocal());
        $width = Rational::larger(Rational::smaller(Rational::of(self::LEAST), $most), Rational::smaller($width, $most));
        $height = $width->times($higher);
        $inside = static fn (Rational $start, Rational $length): Rational => Rational::larger(Rational::zero(), Rational::smaller($start, Rational::one()->minus($length)));

        return self::written($inside($left, $width), $inside($top, $height), $width, $height);
    }

    /** To a millionth, as addresses have it. */
    private static function written(Rational ...$shares): self
    {
        return new self(...array_map(static fn (Rational $share): Rational => Rational::of($share->toScale(6)), $shares));
    }

    /** A box as it was written down, cut to what there is. */
    public static function box(Rational $left, Rational $top, Rational $width, Rational $height): self
    {
        $within = static fn (Rational $share, Rational $most): Rational => Rational::larger(Rational::zero(), Rational::smaller($share, $most));
        [$left, $top] = [$within($left, Rational::of('19/20')), $within($top, Rational::of('19/20'))];
        $side = static fn (Rational $share, Rational $start): Rational => Rational::larger(Rational::of(self::LEAST), $within($share, Rational::one()->minus($start)));

        return new self($left, $top, $side($width, $left), $side($height, $top));
    }

    public function isWhole(): bool
    {
        return $this->width->isEqualTo(1) && $this->height->isEqualTo(1);
    }

    /**
     * In whole pixels.
     *
     * @param  int  $wide  of the photo as it is held
     * @return array{int, int, int, int} left, top, width, height
     */
    public function pixels(int $wide, int $high): array
    {
        [$left, $top] = [$this->left->times($wide)->round(), $this->top->times($high)->round()];

        return [min($left, $wide - 1), min($top, $high - 1), max(1, min($wide - $left, $this->width->times($wide)->round())), max(1, min($high - $top, $this->height->times($high)->round()))];
    }
}
