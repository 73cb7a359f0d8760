<?php

declare(strict_types=1);

namespace InchLadder\Layout;

use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;

/** A length taken on the reference, from one place to another, to be compared with others and with the drawing. */
final readonly class Span
{
    public const MOST = 40;

    /**
     * @param  Rational  $x1  share of the reference's width, 0…1
     * @param  Rational  $y1  share of its height; likewise the other end
     * @param  Length|null  $drawn  as measured on the drawing; null when it was not yet
     *
     * @throws SpanWithoutLength
     */
    public function __construct(public string $name, public Rational $x1, public Rational $y1, public Rational $x2, public Rational $y2, public ?Length $drawn)
    {
        if ($x1->isEqualTo($x2) && $y1->isEqualTo($y2)) {
            throw SpanWithoutLength::named($name);
        }
    }
}
