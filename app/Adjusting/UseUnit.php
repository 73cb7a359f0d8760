<?php

declare(strict_types=1);

namespace App\Adjusting;

use App\Documents\ChoicesReader;
use App\Documents\Reading\PaperPart;
use App\Wording\Say;
use Illuminate\Validation\ValidationException;
use InchLadder\Measure\LengthReader;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Unit;

/** Another unit; rulers that are not marked in its family give way to the common one. */
final readonly class UseUnit implements Adjustment
{
    public function apply(ChoicesReader $read, array $how): Adjusted
    {
        $unit = Unit::tryFrom(Input::typed($how, 'unit')) ?? throw ValidationException::withMessages(['unit' => Say::it('choices.one of', ['known' => implode(', ', array_column(Unit::cases(), 'value'))])]);
        if ($unit->isMetric() === $read->choices->notation->unit->isMetric()) {
            return new Adjusted(['unit' => $unit->value]);
        }
        $ruler = $unit->commonRuler();

        return new Adjusted([
            'unit' => $unit->value,
            'ruler' => $ruler->name,
            'photo' => ['ruler' => null],
            'paper' => ['margins' => $this->margins($read, new Notation($unit, $ruler))],
        ]);
    }

    /**
     * The margins in the new unit: what a new drawing has, where it was that. Any other is rounded to the ruler while the
     * plan follows, and stays as it is where the drawing stands on it.
     *
     * @return array<string, string>
     */
    private function margins(ChoicesReader $read, Notation $to): array
    {
        $margins = (array) $read->json->paper->margins;
        if ($read->json->fit->planned === null) {
            return $margins;
        }
        $from = $read->choices->notation->unit;
        $lengths = new LengthReader($from);

        return array_map(static fn (string $typed): string => $typed === PaperPart::margin($from)
            ? PaperPart::margin($to->unit)
            : $to->plain($to->ruler->round($lengths->read($typed))->reading), $margins);
    }
}
