<?php

declare(strict_types=1);

namespace InchLadder\Fit;

use InchLadder\Measure\Size;
use InchLadder\Photo\Reference;

/** One honest way to make the picture and the paper agree in ratio. */
interface Fit
{
    /**
     * @param  Size  $usable  the paper inside its margins
     *
     * @throws \InchLadder\Impossible
     */
    public function onto(Reference $reference, Size $usable): Fitted;

    public function way(): Way;
}
