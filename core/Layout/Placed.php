<?php

declare(strict_types=1);

namespace InchLadder\Layout;

use InchLadder\Fit\Crop;
use InchLadder\Measure\Rational;

/** A key point as it lies in the crop. */
final readonly class Placed
{
    private function __construct(
        public KeyPoint $point,
        /** Share of the crop's width; below 0 or over 1 when the point is cropped away. */
        public Rational $x,
        public Rational $y,
    ) {
    }

    public static function in(Crop $crop, KeyPoint $point): self
    {
        return new self($point, $point->x->minus($crop->left)->dividedBy($crop->width), $point->y->minus($crop->top)->dividedBy($crop->height));
    }

    public function isInside(): bool
    {
        return ! $this->x->isNegative() && ! $this->y->isNegative() && ! $this->x->isGreaterThan(1) && ! $this->y->isGreaterThan(1);
    }

    /**
     * The gridline nearest to a share of a side, and how far the share lies beyond it.
     *
     * @param  list<Rational>  $fractions
     * @return array{int, Rational} 0-based line, and share − line
     */
    public static function nearestLine(array $fractions, Rational $share): array
    {
        $nearest = 0;
        foreach ($fractions as $line => $fraction) {
            if ($share->minus($fraction)->abs()->isLessThan($share->minus($fractions[$nearest])->abs())) {
                $nearest = $line;
            }
        }

        return [$nearest, $share->minus($fractions[$nearest])];
    }
}
