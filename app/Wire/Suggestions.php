<?php

declare(strict_types=1);

namespace App\Wire;

use App\Wire\Json\LengthJson;
use App\Wire\Json\ProposalJson;
use App\Wording\Refusal;
use App\Wording\Say;
use App\Wording\Writing;
use Illuminate\Validation\ValidationException;
use InchLadder\Grid\Cells;
use InchLadder\Impossible;
use InchLadder\Measure\Length;
use InchLadder\Measure\LengthReader;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Rational;
use InchLadder\Plan\Choices;
use InchLadder\Plan\Planning;
use InchLadder\Planner\Planner;
use InchLadder\Planner\Proposal;
use InchLadder\Planner\Wish;

/** The planner's plans, in words and in JSON; the same for a page and for the command line. */
final readonly class Suggestions
{
    private Notation $notation;

    private Planning $planning;

    public function __construct(private Choices $choices)
    {
        $this->notation = $choices->notation;
        $this->planning = new Planning($choices);
    }

    /**
     * @param  array<array-key, mixed>  $demands  `never_trim`, `whole_sheet`, `most_lines`, `least_cell`, as typed
     * @return list<ProposalJson> the best first
     *
     * @throws \InchLadder\Planner\NoPlan
     * @throws ValidationException
     */
    public function plans(array $demands): array
    {
        $found = $this->planning->plans($this->wish($demands));

        return array_map(fn (Proposal $proposal, int $i): ProposalJson => new ProposalJson(
            $proposal->photoCell === null ? null : $this->length($proposal->photoCell),
            $this->length($proposal->paperCell),
            $proposal->columns,
            $proposal->rows,
            $proposal->scale() === null ? null : (string) $proposal->scale(),
            round(100 - $proposal->kept->toFloat() * 100, 2),
            round($proposal->used->toFloat() * 100, 2),
            $proposal->lines(),
            $this->sentence($proposal),
            $i + 1,
            $this->planning->turn($proposal)->value,
        ), $found, array_keys($found));
    }

    /** @param  array<array-key, mixed>  $demands */
    private function wish(array $demands): Wish
    {
        $lines = $demands['most_lines'] ?? null;
        if ($lines !== null && $lines !== '' && (filter_var($lines, FILTER_VALIDATE_INT) === false || (int) $lines < 0 || (int) $lines > 2 * Cells::MOST)) {
            throw ValidationException::withMessages(['most_lines' => Say::it('planner.lines', ['most' => 2 * Cells::MOST])]);
        }
        $cell = $demands['least_cell'] ?? null;
        try {
            $least = is_string($cell) && trim($cell) !== '' ? (new LengthReader($this->notation->unit))->read($cell) : null;
        } catch (Impossible $e) {
            throw ValidationException::withMessages(['least_cell' => Refusal::of($e)]);
        }

        return new Wish($this->choices->subject, (bool) ($demands['never_trim'] ?? false), (bool) ($demands['whole_sheet'] ?? false), $lines === null || $lines === '' ? null : (int) $lines, $least);
    }

    /** `5 × 7 squares, 1 in on the photo, 1 1/2 in on the paper. 1/2 in of paper is left at the bottom. Nothing is cropped.` */
    private function sentence(Proposal $proposal): string
    {
        $plain = $this->notation->plain(...);
        $strip = fn (Length $strip): string => $plain($this->notation->ruler->round($strip)->reading);
        $cropped = Writing::cropped(Rational::one()->minus($proposal->kept));
        [$side, $foot] = [$proposal->leftover->width, $proposal->leftover->height];
        $left = [['both', 'side'], ['foot', 'nothing']][(int) $side->isZero()][(int) $foot->isZero()];

        return implode(' ', array_filter([
            Say::it('planner.cells.'.($proposal->photoCell === null ? 'paper' : 'both'), [
                'photo' => $proposal->photoCell === null ? '' : $plain($proposal->photoCell),
                'paper' => $plain($proposal->paperCell),
                'columns' => $proposal->columns,
                'rows' => $proposal->rows,
            ]),
            $proposal->isTurned ? Say::it('planner.turned.'.($this->planning->sheet()->isUpright() ? 'sideways' : 'upright')) : null,
            Say::it("planner.left.{$left}", ['side' => $strip($side), 'foot' => $strip($foot)]),
            Say::it('planner.trimmed.'.($cropped === null ? 'nothing' : 'some'), ['share' => $cropped ?? '']),
        ]));
    }

    private function length(Length $length): LengthJson
    {
        return LengthJson::of($this->notation->ruler->round($length), $this->notation);
    }
}
