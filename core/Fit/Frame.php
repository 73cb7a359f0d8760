<?php

declare(strict_types=1);

namespace InchLadder\Fit;

use InchLadder\Measure\Rational;

/** Where the artist put the crop, and how much smaller than possible they made it. */
final readonly class Frame
{
    /** The smallest crop, as a share of the largest possible one's side. */
    public const LEAST = '0.05';

    /**
     * @param  Rational|null  $left  share of the reference's width left of the crop; null centres it
     * @param  Rational|null  $top  share of its height above the crop; null centres it
     * @param  Rational  $size  side of the crop against the largest of its shape, in [0.05, 1]
     */
    public function __construct(public ?Rational $left, public ?Rational $top, public Rational $size)
    {
    }

    public static function centred(): self
    {
        return new self(null, null, Rational::one());
    }
}
