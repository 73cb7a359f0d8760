<?php

declare(strict_types=1);

namespace InchLadder\Printing;

use InchLadder\Measure\Length;
use InchLadder\Measure\Unit;

/** The two bars of a calibration page: as long as the paper takes, so that a ruler's half graduation weighs least. */
final readonly class Bars
{
    /** Room beside a bar for its end ticks, in mm. */
    private const SPARE = 12;

    private function __construct(public Length $across, public Length $down)
    {
    }

    /** Whole centimetres, or whole inches; at least one. */
    public static function on(Printer $printer, Unit $unit): self
    {
        $step = $unit->isMetric() ? Length::mm(10) : Length::inches(1);
        $room = $printer->room();
        $longest = static fn (Length $side): Length => $step->times(max(1, $side->minus(Length::mm(self::SPARE))->over($step)->floor()));

        return new self($longest($room->width), $longest($room->height->minus(Length::mm(self::SPARE))));
    }

    public static function of(Length $across, Length $down): self
    {
        return new self($across, $down);
    }
}
