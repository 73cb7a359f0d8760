<?php

declare(strict_types=1);

namespace InchLadder\Photo;

use InchLadder\Measure\Rational;

/** What surrounds the picture in a photo or on a print and is no part of it, as shares of its width and height. */
final readonly class Border
{
    /** At least this share of each side must be picture. */
    private const LEAST_PICTURE = '0.1';

    private function __construct(public Rational $top, public Rational $right, public Rational $bottom, public Rational $left)
    {
    }

    public static function none(): self
    {
        return new self(Rational::zero(), Rational::zero(), Rational::zero(), Rational::zero());
    }

    /** @throws BorderTooWide when less than a tenth of a side would be left, or a share is below 0 */
    public static function of(Rational $top, Rational $right, Rational $bottom, Rational $left): self
    {
        $border = new self($top, $right, $bottom, $left);
        $least = Rational::of(self::LEAST_PICTURE);
        if ($border->width()->isLessThan($least) || $border->height()->isLessThan($least)) {
            throw BorderTooWide::leavingNoPicture();
        }
        foreach ([$top, $right, $bottom, $left] as $side) {
            if ($side->isNegative()) {
                throw BorderTooWide::outside();
            }
        }

        return $border;
    }

    /** Share of the width that is picture. */
    public function width(): Rational
    {
        return Rational::one()->minus($this->left)->minus($this->right);
    }

    /** Share of the height that is picture. */
    public function height(): Rational
    {
        return Rational::one()->minus($this->top)->minus($this->bottom);
    }

    public function isNone(): bool
    {
        return $this->width()->isEqualTo(1) && $this->height()->isEqualTo(1);
    }
}
