<?php

declare(strict_types=1);

namespace InchLadder\Fit\Ways;

use InchLadder\Fit\Crop;
use InchLadder\Fit\Fit;
use InchLadder\Fit\Fitted;
use InchLadder\Fit\Way;
use InchLadder\Measure\Size;
use InchLadder\Photo\Reference;

/** Any part of the picture at all, drawn as large as the paper takes. */
final readonly class FreeCrop implements Fit
{
    public function __construct(private Crop $crop)
    {
    }

    public function onto(Reference $reference, Size $usable): Fitted
    {
        return new Fitted($this->crop, $usable->largestInside($this->crop->shapeOn($reference)));
    }

    public function way(): Way
    {
        return Way::Crop;
    }
}
