<?php

declare(strict_types=1);

namespace App\Wording;

use InchLadder\Measure\Fractions;
use InchLadder\Measure\Length;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Rounded;
use InchLadder\Measure\Size;
use InchLadder\Measure\Unit;
use InchLadder\Plan\Plan;

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

    /** The same of what is more than nothing: where the ruler reads 0, that it is less than a division. */
    public function readingOfSome(Length $length): string
    {
        $read = $this->notation->ruler->round($length);

        return $read->reading->isZero() && ! $length->isZero() ? Say::it('phrases.under', ['length' => $this->plain($this->notation->ruler->step)]) : $this->notation->plain($read->reading);
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

    /** A stretch is named wherever lengths are: both scales, and by how much they differ; null where proportion is kept. */
    public static function stretched(Plan $plan): ?string
    {
        $scale = $plan->layout->scale;
        if ($scale->keepsProportion()) {
            return null;
        }
        $by = Fractions::places($scale->stretch->times(100), 2).' %';

        return $scale->x === null || $scale->y === null
            ? Say::it('grid.stretched.screen', ['by' => $by])
            : Say::it('grid.stretched.print', ['by' => $by, 'x' => $plan->choices->notation->factor($scale->x), 'y' => $plan->choices->notation->factor($scale->y)]);
    }

    /** How much of the photo is trimmed by a plan; null for nothing. */
    public static function trimmed(Plan $plan): ?string
    {
        return self::cropped($plan->layout->fitted->crop->trimmed());
    }

    /**
     * How much of the photo is trimmed; null for nothing. Under a hundredth it has two digits, so that what comes off each side
     * adds up to it.
     */
    public static function cropped(Rational $trimmed): ?string
    {
        return $trimmed->isZero() ? null : self::percent($trimmed, self::placesOfTrimmed($trimmed));
    }

    /** Digits of a share that is trimmed, and of what comes off each side of it. */
    public static function placesOfTrimmed(Rational $trimmed): int
    {
        return $trimmed->isLessThan(Rational::nd(1, 100)) ? 2 : 1;
    }

    /** `13.7 %`; what is more than nothing is never written as 0. */
    public static function percent(Rational $share, int $places = 1): string
    {
        $percent = $share->times(100);
        $least = Rational::nd(1, 10 ** $places);

        return $percent->isPositive() && $percent->times(2)->isLessThan($least)
            ? Say::it('phrases.under percent', ['percent' => Fractions::places($least, $places)])
            : Fractions::places($percent, $places).' %';
    }

    /** As the ruler reads it, and how far that is off where it lies between two graduations: `1 9/16 in (0.009 in short)`. */
    public function written(Length $length): string
    {
        $rounded = $this->notation->ruler->round($length);

        return $this->withError($this->plain($rounded->reading), $rounded);
    }

    /** A reading as it is written, and how far it is off. */
    public function withError(string $reading, Rounded $rounded): string
    {
        return $rounded->isExact() ? $reading : Say::it('phrases.off.reading', ['reading' => $reading, 'error' => $this->error($rounded)]);
    }

    /** How far a reading is off: `0.009 in short`, `0.3 mm over`, `exact`. */
    public function error(Rounded $rounded): string
    {
        $error = $rounded->error();
        if ($error->isZero()) {
            return Say::it('phrases.off.exact');
        }
        [$unit, $places] = $this->notation->unit->isMetric() ? [Unit::Millimetre, 1] : [Unit::Inch, 3];
        $parts = $error->absolute()->in($unit)->times(10 ** $places)->round();
        $by = number_format(max($parts, 1) / 10 ** $places, $places, '.', '')." {$unit->value}";

        return Say::it('phrases.off.'.($parts === 0 ? 'under ' : '').($error->isPositive() ? 'over' : 'short'), ['by' => $by]);
    }

    /** How far a length is off: a fraction where the ruler has it, `1/16 in short`, else a decimal. */
    public function off(Length $error): string
    {
        return $this->notation->ruler->carries($error)
            ? Say::it('phrases.off.'.($error->isPositive() ? 'over' : 'short'), ['by' => $this->plain($error->absolute())])
            : $this->error(new Rounded(Length::zero(), $error));
    }
}
