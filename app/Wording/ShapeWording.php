<?php

declare(strict_types=1);

namespace App\Wording;

use InchLadder\Layout\Layout;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Unit;
use InchLadder\Things\ShapeOnPaper;

/** Says where a fitted shape lies on the paper, how large it is and how far it is tilted. */
final readonly class ShapeWording
{
    /** Degrees to which a tilt is told: an eye tells no less along a line of a hand's length. */
    private const LEVEL = 0.5;

    private Writing $write;

    public function __construct(private Layout $layout)
    {
        $this->write = new Writing($layout->notation);
    }

    public function centre(ShapeOnPaper $shape): string
    {
        if (! $shape->isInside()) {
            return Say::it('shapes.outside');
        }
        [$x, $y] = [self::mm($shape->x), self::mm($shape->y)];

        return Say::it('shapes.centre', ['x' => $this->write->reading($x), 'y' => $this->write->reading($y), 'left' => $this->write->reading($this->layout->left->plus($x)), 'top' => $this->write->reading($this->layout->top->plus($y))]);
    }

    public function size(ShapeOnPaper $shape): string
    {
        return Say::it('shapes.size', ['width' => $this->write->reading(self::mm($shape->width())), 'height' => $this->write->reading(self::mm($shape->height()))]);
    }

    public function tilt(ShapeOnPaper $shape): string
    {
        $tilt = $shape->tilt();
        $degrees = rtrim(rtrim(number_format(abs($tilt), 1, '.', ''), '0'), '.');

        return match (true) {
            abs($tilt) < self::LEVEL => Say::it('shapes.level'),
            abs($tilt) > 90 - self::LEVEL => Say::it('shapes.upright'),
            default => Say::it($tilt > 0 ? 'shapes.falls' : 'shapes.rises', ['degrees' => $degrees]),
        };
    }

    private static function mm(float $mm): Length
    {
        return Length::of(Rational::near($mm), Unit::Millimetre);
    }
}
