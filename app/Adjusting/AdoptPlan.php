<?php

declare(strict_types=1);

namespace App\Adjusting;

use App\Documents\ChoicesReader;
use App\Documents\Reading\FitPart;
use InchLadder\Measure\LengthReader;
use InchLadder\Paper\Turn;

/** A plan of the planner taken up: it fills in Fit, and the grid comes with it. */
final readonly class AdoptPlan implements Adjustment
{
    public function apply(ChoicesReader $read, array $how): Adjusted
    {
        $notation = $read->choices->notation;
        $lengths = new LengthReader($notation->unit);
        $written = static fn (string $cell): string => $notation->exactly($lengths->read(Input::typed($how, $cell)));

        $turn = Turn::tryFrom(Input::typed($how, 'turn')) ?? $read->choices->turn;

        return new Adjusted(['paper' => ['turn' => $turn->value], 'fit' => [
            ...FitPart::SQUARES,
            'cell' => $written('paper_cell'),
            'print_cell' => Input::typed($how, 'photo_cell') === '' ? null : $written('photo_cell'),
            'columns' => $how['columns'] ?? null,
            'rows' => $how['rows'] ?? null,
        ]]);
    }
}
