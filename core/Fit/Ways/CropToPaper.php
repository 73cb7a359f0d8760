<?php

declare(strict_types=1);

namespace InchLadder\Fit\Ways;

use InchLadder\Fit\Crop;
use InchLadder\Fit\Fit;
use InchLadder\Fit\Fitted;
use InchLadder\Fit\Frame;
use InchLadder\Fit\Way;
use InchLadder\Measure\Size;
use InchLadder\Photo\Reference;

/** Trim the picture to the paper's ratio and fill the paper. */
final readonly class CropToPaper implements Fit
{
    public function __construct(private Frame $frame)
    {
    }

    public function onto(Reference $reference, Size $usable): Fitted
    {
        return new Fitted(Crop::shaped($usable->ratio(), $reference->ratio(), $this->frame), $usable);
    }

    public function way(): Way
    {
        return Way::Crop;
    }
}
