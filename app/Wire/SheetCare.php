<?php

declare(strict_types=1);

namespace App\Wire;

use App\Wire\Json\SheetCareJson;
use App\Wire\Json\StartJson;
use App\Wording\Say;
use App\Wording\Writing;
use InchLadder\Finish\Caution;
use InchLadder\Finish\Kit;
use InchLadder\Marks\GuideLines;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Unit;
use InchLadder\Paper\Figures;
use InchLadder\Paper\SetUp;
use InchLadder\Plan\Plan;

/** Writes what a sheet stands, and what is seen to before it is marked. */
final class SheetCare
{
    /** @param  bool  $shown  whether it is shown what the sheet stands, what is seen to, and what is laid ready */
    public static function write(Plan $plan, bool $shown): SheetCareJson
    {
        $profile = $plan->choices->profile;
        $write = new Writing($plan->choices->notation);
        // What is marked and has not moved is ruled no more.
        $ruled = ! in_array(SetUp::Unmoved, $plan->choices->setup, true);
        $more = $write->reading(Length::of(Rational::of(Figures::BOARD_BEYOND_MM), Unit::Millimetre));

        return new SheetCareJson(
            $profile->surface->value,
            ! $shown ? '' : Say::it('paper.profile', ['tooth' => Say::it("paper.tooth.{$profile->tooth()}"), 'erasing' => Say::it("paper.erasing.{$profile->erasing()}"), 'wet' => Say::it($profile->takesWet() ? 'paper.wet' : 'paper.dry')]),
            $profile->isDrawnApart(),
            ! $shown ? '' : Say::it("paper.apart.{$profile->reason()}"),
            array_map(static fn (SetUp $one): StartJson => new StartJson($one->value, Say::it("paper.setup.{$one->value}.what", ['more' => $more]), Say::it("paper.setup.{$one->value}.why")), $shown ? SetUp::for($plan->choices->stockName !== null) : []),
            array_map(static fn (string $one): string => $one === 'guide-pencil' ? Say::it('kit.guide-pencil', ['pencil' => Say::it('pencils.pencil.'.GuideLines::on($profile->surface, $plan->choices->endUse())->pencil)]) : Say::it("kit.{$one}", ['sheet' => $write->size($plan->layout->sheet), 'ruler' => $plan->choices->notation->ruler->name]), $shown ? Kit::for($plan->layout->sheet, $plan->choices->medium, $ruled, Caution::isOnWall($plan->layout->sheet)) : []),
            $plan->choices->purpose === null ? null : Say::it("paper.purpose.{$plan->choices->purpose->value}"),
        );
    }
}
