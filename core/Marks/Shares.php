<?php

declare(strict_types=1);

namespace InchLadder\Marks;

use InchLadder\Measure\Graduation;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Rounded;

/** The half, the thirds and the quarters of a side, as a ruler reads them. */
final class Shares
{
    public const WANTED = ['1/4', '1/3', '1/2', '2/3', '3/4'];

    /** @return array<string, Rounded> by share, in their order along the side */
    public static function of(Length $side, Graduation $ruler): array
    {
        $readings = [];
        foreach (self::WANTED as $share) {
            $readings[$share] = $ruler->round($side->times(Rational::of($share)));
        }

        return $readings;
    }
}
