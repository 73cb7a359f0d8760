<?php

declare(strict_types=1);

namespace InchLadder\Printing;

use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Measure\Unit;

/**
 * A printer, its paper in it: what it cannot reach, and what it makes of a length on either axis.
 *
 * A sheet that goes in sideways is turned by the printer, so the axes are those of the paper's feed:
 * across is along the shorter side of upright paper.
 */
final readonly class Printer
{
    private function __construct(
        /** The way round a sheet is laid out. */
        public Size $paper,
        /** Kept free on each side. */
        public Length $border,
        /** Length that comes out ÷ length that was sent, across this paper. */
        public Rational $across,
        /** The same, down it. */
        public Rational $down,
    ) {
    }

    /**
     * A printer that keeps the size.
     *
     * @param  Length  $border  from 0 to under a quarter of the paper's shorter side
     *
     * @throws BorderImpossible
     */
    public static function of(Size $paper, Length $border): self
    {
        $most = Length::smaller($paper->width, $paper->height)->dividedBy(4);
        if ($border->mm->isNegative() || ! $most->isLongerThan($border)) {
            throw BorderImpossible::on($paper);
        }
        $upright = new Size(Length::smaller($paper->width, $paper->height), $paper->width->isLongerThan($paper->height) ? $paper->width : $paper->height);

        return new self($upright, $border, Rational::one(), Rational::one());
    }

    /**
     * The same printer, once its two bars have been measured.
     *
     * @throws CalibrationImpossible
     */
    public function measured(Bars $bars, Length $across, Length $down): self
    {
        return new self($this->paper, $this->border, self::share('across', $across, $bars->across), self::share('down', $down, $bars->down));
    }

    /** What most printers cannot print on, each side: 6 mm, or a quarter of an inch (common practice). */
    public static function commonBorder(Unit $unit): Length
    {
        return $unit->isMetric() ? Length::mm(6) : Length::inches('1/4');
    }

    /** Its paper laid sideways. */
    public function turned(): self
    {
        return new self(new Size($this->paper->height, $this->paper->width), $this->border, $this->down, $this->across);
    }

    /** What can be printed on and comes out true: inside the border, as sent and as printed. */
    public function room(): Size
    {
        $inside = static fn (Length $side, Length $border, Rational $share): Length => $side->minus($border->times(2))->times(Rational::smaller($share, Rational::one()));

        return new Size($inside($this->paper->width, $this->border, $this->across), $inside($this->paper->height, $this->border, $this->down));
    }

    public function keepsSize(): bool
    {
        return $this->across->isEqualTo(Rational::one()) && $this->down->isEqualTo(Rational::one());
    }

    /** @param  'across'|'down'  $axis */
    private static function share(string $axis, Length $measured, Length $bar): Rational
    {
        $share = $measured->over($bar);
        if (! $share->isGreaterThan(Rational::of('4/5')) || $share->isGreaterThan(Rational::of('6/5'))) {
            throw CalibrationImpossible::tooFarOff($axis, $bar);
        }

        return $share;
    }
}
