<?php

declare(strict_types=1);

namespace InchLadder\Fit\Ways;

use InchLadder\Fit\Crop;
use InchLadder\Fit\Fit;
use InchLadder\Fit\Fitted;
use InchLadder\Fit\Reference;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;

/** Keep the whole picture and give up some paper: a point on the extended diagonal. */
final readonly class Inset implements Fit
{
    /** @param  Rational  $size how far along the diagonal, in (0, 1]; 1 is as large as the paper takes */
    public function __construct(private Rational $size)
    {
    }

    public function onto(Reference $reference, Size $usable): Fitted
    {
        return new Fitted(Crop::whole(), $usable->largestInside($reference->ratio())->times($this->size));
    }
}
