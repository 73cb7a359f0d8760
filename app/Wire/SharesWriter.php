<?php

declare(strict_types=1);

namespace App\Wire;

use App\Wire\Json\SharesJson;
use App\Wording\Say;
use InchLadder\Marks\Shares;
use InchLadder\Measure\Graduation;
use InchLadder\Measure\Length;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Rounded;
use InchLadder\Plan\Plan;

/** Halves, thirds and quarters of every side and every cell, so that none is worked out in the head. */
final readonly class SharesWriter
{
    public function __construct(private Plan $plan)
    {
    }

    /** @return list<SharesJson> */
    public function all(): array
    {
        $plan = $this->plan;
        $onPaper = $plan->choices->notation->ruler;
        $onPrint = $plan->choices->rulerOnPrint();
        $cell = $plan->layout->cell();
        $printCell = $plan->layout->printCell();

        return array_values(array_filter([
            $this->of(Say::it('shares.photo across'), $plan->layout->print?->width, $onPrint),
            $this->of(Say::it('shares.photo down'), $plan->layout->print?->height, $onPrint),
            $this->of(Say::it('shares.photo cell across'), $printCell?->width, $onPrint),
            $this->of(Say::it('shares.photo cell down'), $printCell?->height, $onPrint),
            $this->of(Say::it('shares.drawing across'), $plan->layout->fitted->area->width, $onPaper),
            $this->of(Say::it('shares.drawing down'), $plan->layout->fitted->area->height, $onPaper),
            $this->of(Say::it('shares.paper cell across'), $cell->width, $onPaper),
            $this->of(Say::it('shares.paper cell down'), $cell->height, $onPaper),
        ]));
    }

    private function of(string $name, ?Length $side, Graduation $ruler): ?SharesJson
    {
        if ($side === null) {
            return null;
        }
        $notation = $this->plan->choices->notation;
        $own = $ruler->unit->isMetric() === $notation->unit->isMetric() ? new Notation($notation->unit, $ruler) : $notation;
        $readings = Shares::of($side, $own->ruler);

        return new SharesJson(
            $name,
            $own->plain($own->ruler->round($side)->reading),
            array_keys($readings),
            array_values(array_map(static fn (Rounded $reading): string => ($reading->isExact() ? '' : '≈ ').$own->amount($reading->reading), $readings)),
        );
    }
}
