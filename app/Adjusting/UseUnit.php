<?php

declare(strict_types=1);

namespace App\Adjusting;

use App\Documents\ChoicesReader;
use App\Wording\Say;
use Illuminate\Validation\ValidationException;
use InchLadder\Measure\Unit;

/** Another unit; rulers that are not marked in its family give way to the common one. */
final readonly class UseUnit implements Adjustment
{
    public function apply(ChoicesReader $read, array $how): Adjusted
    {
        $unit = Unit::tryFrom(Input::typed($how, 'unit')) ?? throw ValidationException::withMessages(['unit' => Say::it('choices.one of', ['known' => implode(', ', array_column(Unit::cases(), 'value'))])]);
        $rulers = $unit->isMetric() === $read->choices->notation->unit->isMetric() ? [] : ['ruler' => $unit->commonRuler()->name, 'photo' => ['ruler' => null]];

        return new Adjusted(['unit' => $unit->value, ...$rulers]);
    }
}
