<?php

namespace Tests\Core;

use InchLadder\Fit\Fit;
use InchLadder\Fit\Frame;
use InchLadder\Fit\Ways\CropToPaper;
use InchLadder\Grid\Labels;
use InchLadder\Grid\School;
use InchLadder\Grid\Schools\SquaresByCount;
use InchLadder\Measure\Graduation;
use InchLadder\Measure\Length;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Size;
use InchLadder\Measure\Unit;
use InchLadder\Paper\Margins;
use InchLadder\Paper\Sheet;
use InchLadder\Paper\Turn;
use InchLadder\Photo\Reference;
use InchLadder\Plan\Choices;
use InchLadder\Plan\Plan;

/** Plans for tests, with everything but what a test is about left at its plainest. */
final class Plans
{
    /** @param  mixed  ...$more  further choices, by name */
    public static function of(
        Reference $reference,
        Size $sheet,
        ?Fit $fit = null,
        ?School $school = null,
        ?Margins $margins = null,
        string $ruler = '1/16 in',
        Turn $turn = Turn::AsGiven,
        Labels $labels = Labels::Letters,
        ?Sheet $standard = null,
        mixed ...$more,
    ): Plan {
        $graduation = Graduation::read($ruler);

        return Plan::of(new Choices(
            new Notation($graduation->unit === Unit::Inch ? Unit::Inch : Unit::Centimetre, $graduation),
            $reference,
            $sheet,
            $standard,
            $turn,
            $margins ?? Margins::all(Length::zero()),
            $fit ?? new CropToPaper(Frame::centred()),
            $school ?? SquaresByCount::across(4),
            $labels,
            ...$more,
        ));
    }
}
