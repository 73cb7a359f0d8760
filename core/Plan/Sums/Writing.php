<?php

declare(strict_types=1);

namespace InchLadder\Plan\Sums;

use InchLadder\Measure\Fractions;
use InchLadder\Measure\Length;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;

/** How lengths stand in a sum: without units inside it, with one at its end. */
final readonly class Writing
{
    public function __construct(public Notation $notation)
    {
    }

    /** As true as it is, with its unit. */
    public function plain(Length $length): string
    {
        return $this->notation->plain($length);
    }

    /** As true as it is, without a unit. */
    public function amount(Length $length): string
    {
        return $this->notation->amount($length);
    }

    /** As the ruler reads it. */
    public function reading(Length $length): string
    {
        return $this->notation->plain($this->notation->ruler->round($length)->reading);
    }

    /** As the ruler reads it, without a unit. */
    public function read(Length $length): string
    {
        return $this->notation->amount($this->notation->ruler->round($length)->reading);
    }

    public function size(Size $size): string
    {
        return $this->amount($size->width).' × '.$this->plain($size->height);
    }

    public function readSize(Size $size): string
    {
        return $this->read($size->width).' × '.$this->reading($size->height);
    }

    /** `13.7 %` */
    public static function percent(Rational $share, int $places = 1): string
    {
        return Fractions::places($share->times(100), $places).' %';
    }
}
