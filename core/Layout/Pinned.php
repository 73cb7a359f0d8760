<?php

declare(strict_types=1);

namespace InchLadder\Layout;

use InchLadder\Fit\Aim;
use InchLadder\Fit\Fitted;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;

/**
 * A point of the picture held at a place of the sheet. The crop moves first, as far as the photo goes; the drawing
 * moves on the sheet for the rest, as far as the sheet goes; what is still missing then is told.
 */
final readonly class Pinned
{
    private function __construct(
        public KeyPoint $point,
        public Fitted $fitted,
        /** From the sheet's left edge to the drawing area. */
        public Length $left,
        /** From the sheet's top edge to the drawing area. */
        public Length $top,
        /** How far the point stays left (−) or right (+) of its place. */
        public Length $missedAcross,
        /** The same above (−) or below (+) it. */
        public Length $missedDown,
    ) {
    }

    /**
     * @param  KeyPoint  $point  with its pin
     * @param  Length  $left  where the drawing area lies without it
     */
    public static function at(KeyPoint $point, Fitted $fitted, Length $left, Length $top, Size $sheet): self
    {
        $pin = $point->pin;
        if ($pin === null) {
            return new self($point, $fitted, $left, $top, Length::zero(), Length::zero());
        }
        $area = $fitted->area;
        $inside = static fn (Rational $share): Rational => Rational::larger(Rational::zero(), Rational::smaller(Rational::one(), $share));
        $crop = Aim::at($fitted->crop, $point->x, $point->y, $inside($pin->left->minus($left)->over($area->width)), $inside($pin->top->minus($top)->over($area->height)))->crop;
        // Where the drawing area has to begin for the point to lie at its place, and where it can.
        $wanted = static fn (Length $place, Rational $at, Rational $from, Rational $span, Length $side): Length => $place->minus($side->times($at->minus($from)->dividedBy($span)));
        $within = static fn (Length $start, Length $room): Length => Length::larger(Length::zero(), Length::smaller($start, $room));
        $across = $wanted($pin->left, $point->x, $crop->left, $crop->width, $area->width);
        $down = $wanted($pin->top, $point->y, $crop->top, $crop->height, $area->height);
        [$left, $top] = [$within($across, $sheet->width->minus($area->width)), $within($down, $sheet->height->minus($area->height))];

        return new self($point, new Fitted($crop, $area, $fitted->cells), $left, $top, $left->minus($across), $top->minus($down));
    }
}
