<?php

declare(strict_types=1);

namespace InchLadder\Layout;

use InchLadder\Measure\Rational;

/** A named place on the reference; with a focal cross when it must be exact. */
final readonly class KeyPoint
{
    public const MOST = 100;

    /**
     * @param  Rational  $x  share of the reference's width, 0…1
     * @param  Rational  $y  share of its height
     * @param  Pin|null  $pin  where on the sheet it is to lie; null leaves it where crop and sheet put it
     * @param  bool  $firm  whether it is settled; else it may still move
     * @param  Drawn|null  $drawn  where it came out, by the ruler; null where it was not measured
     * @param  bool  $critical  whether it must never drift
     */
    public function __construct(public string $name, public Rational $x, public Rational $y, public bool $cross, public ?Pin $pin = null, public bool $firm = false, public bool $critical = false, public ?Drawn $drawn = null)
    {
    }
}
