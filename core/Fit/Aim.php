<?php

declare(strict_types=1);

namespace InchLadder\Fit;

use InchLadder\Measure\Rational;

/** Moving the crop until one point of the photo lies where it is wanted, as far as the photo allows. */
final readonly class Aim
{
    private function __construct(
        public Crop $crop,
        /** How far the point stays left (−) or right (+) of where it was wanted, as a share of the crop's width; 0 when it is there. */
        public Rational $missedAcross,
        /** The same downwards: above (−) or below (+), as a share of its height. */
        public Rational $missedDown,
    ) {
    }

    /**
     * @param  Rational  $x  the point, as a share of the reference's width
     * @param  Rational  $y  as a share of its height
     * @param  Rational  $across  where it is wanted, as a share of the crop's width
     * @param  Rational  $down  as a share of its height
     */
    public static function at(Crop $crop, Rational $x, Rational $y, Rational $across, Rational $down): self
    {
        $moved = $crop->movedTo($x->minus($crop->width->times($across)), $y->minus($crop->height->times($down)));

        return new self(
            $moved,
            $x->minus($moved->left)->dividedBy($moved->width)->minus($across),
            $y->minus($moved->top)->dividedBy($moved->height)->minus($down),
        );
    }

    public static function atCentre(Crop $crop, Rational $x, Rational $y): self
    {
        return self::at($crop, $x, $y, Rational::nd(1, 2), Rational::nd(1, 2));
    }

    /** On that crossing of the thirds which the point is nearest to already. */
    public static function atNearestThird(Crop $crop, Rational $x, Rational $y): self
    {
        return self::at($crop, $x, $y, self::nearestThird($x->minus($crop->left)->dividedBy($crop->width)), self::nearestThird($y->minus($crop->top)->dividedBy($crop->height)));
    }

    public static function nearestThird(Rational $share): Rational
    {
        return $share->isLessThan(Rational::nd(1, 2)) ? Rational::nd(1, 3) : Rational::nd(2, 3);
    }

    public function hits(): bool
    {
        return $this->missedAcross->isZero() && $this->missedDown->isZero();
    }
}
