<?php

declare(strict_types=1);

namespace InchLadder\Fit\Ways;

use InchLadder\Fit\Crop;
use InchLadder\Fit\Fit;
use InchLadder\Fit\Fitted;
use InchLadder\Fit\Frame;
use InchLadder\Fit\InsetTooLarge;
use InchLadder\Fit\Way;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Photo\Reference;

/** Keep the whole picture and give up some paper: a point on the extended diagonal. */
final readonly class Inset implements Fit
{
    /** @param  Rational  $size how far along the diagonal, in (0, 1]; 1 is as large as the paper takes */
    public function __construct(private Rational $size)
    {
    }

    /**
     * How far along the diagonal a wanted width reaches.
     *
     * @return Rational in [0.05, 1]
     *
     * @throws InsetTooLarge
     */
    public static function reach(Reference $reference, Size $usable, Length $width): Rational
    {
        $most = $usable->largestInside($reference->ratio());
        $share = $width->over($most->width);
        if ($share->isGreaterThan(1)) {
            throw InsetTooLarge::beyond($most);
        }

        return $share->isLessThan(Rational::of(Frame::LEAST)) ? throw InsetTooLarge::tooSmall($most) : $share;
    }

    public function onto(Reference $reference, Size $usable): Fitted
    {
        return new Fitted(Crop::whole(), $usable->largestInside($reference->ratio())->times($this->size));
    }

    public function way(): Way
    {
        return Way::Inset;
    }
}
