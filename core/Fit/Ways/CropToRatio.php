<?php

declare(strict_types=1);

namespace InchLadder\Fit\Ways;

use InchLadder\Fit\Crop;
use InchLadder\Fit\Fit;
use InchLadder\Fit\Fitted;
use InchLadder\Fit\Frame;
use InchLadder\Fit\Way;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Photo\Reference;

/** Trim the picture to a ratio of one's own (4:5, a frame's, another sheet's), drawn as large as the paper takes. */
final readonly class CropToRatio implements Fit
{
    /** @param  Rational  $ratio  width ÷ height, positive */
    public function __construct(private Rational $ratio, private Frame $frame)
    {
    }

    public function onto(Reference $reference, Size $usable): Fitted
    {
        return new Fitted(Crop::shaped($this->ratio, $reference->ratio(), $this->frame), $usable->largestInside($this->ratio));
    }

    public function way(): Way
    {
        return Way::Crop;
    }
}
