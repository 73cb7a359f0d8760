<?php

declare(strict_types=1);

namespace InchLadder\Fit\Ways;

use InchLadder\Fit\Crop;
use InchLadder\Fit\Fit;
use InchLadder\Fit\Fitted;
use InchLadder\Fit\Way;
use InchLadder\Measure\Size;
use InchLadder\Photo\Reference;

/** Fill the paper with the whole picture, knowingly out of proportion. */
final readonly class Stretch implements Fit
{
    public function onto(Reference $reference, Size $usable): Fitted
    {
        return new Fitted(Crop::whole(), $usable);
    }

    public function way(): Way
    {
        return Way::Stretch;
    }
}
