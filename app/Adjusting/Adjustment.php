<?php

declare(strict_types=1);

namespace App\Adjusting;

use App\Documents\ChoicesReader;

/** Something an artist does to a drawing with the hand, turned into choices by the rules of the core. */
interface Adjustment
{
    /**
     * @param  ChoicesReader  $read  the choices as they stand
     * @param  array<array-key, mixed>  $how  what was pointed at or typed
     *
     * @throws \InchLadder\Impossible
     * @throws \Illuminate\Validation\ValidationException
     */
    public function apply(ChoicesReader $read, array $how): Adjusted;
}
