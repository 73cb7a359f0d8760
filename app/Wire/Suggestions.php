<?php

declare(strict_types=1);

namespace App\Wire;

use App\Wire\Json\LengthJson;
use App\Wire\Json\ProposalJson;
use Illuminate\Validation\ValidationException;
use InchLadder\Grid\Cells;
use InchLadder\Impossible;
use InchLadder\Measure\Fractions;
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
            throw ValidationException::withMessages(['most_lines' => 'Lines are counted in whole numbers, up to '. 2 * Cells::MOST.'.']);
        }
        $cell = $demands['least_cell'] ?? null;
        try {
            $least = is_string($cell) && trim($cell) !== '' ? (new LengthReader($this->notation->unit))->read($cell) : null;
        } catch (Impossible $e) {
            throw ValidationException::withMessages(['least_cell' => $e->getMessage()]);
        }

        return new Wish($this->choices->subject, (bool) ($demands['never_trim'] ?? false), (bool) ($demands['whole_sheet'] ?? false), $lines === null || $lines === '' ? null : (int) $lines, $least);
    }

    /** `1 in on the photo is 1 1/2 in on the paper: 5 by 7 cells; 1/2 in of paper is left at the foot; nothing is trimmed.` */
    private function sentence(Proposal $proposal): string
    {
        $cell = $this->notation->plain($proposal->paperCell);
        $left = [];
        foreach ([[$proposal->leftover->width, 'at the side'], [$proposal->leftover->height, 'at the foot']] as [$strip, $where]) {
            if (! $strip->isZero()) {
                $left[] = $this->notation->plain($this->notation->ruler->round($strip)->reading).($left === [] ? ' of paper is left ' : ' ').$where;
            }
        }
        $trimmed = Rational::one()->minus($proposal->kept);

        return ($proposal->photoCell === null ? "{$cell} cells on the paper" : $this->notation->plain($proposal->photoCell)." on the photo is {$cell} on the paper")
            .": {$proposal->columns} by {$proposal->rows} cells; "
            .($proposal->isTurned ? ($this->planning->sheet()->isUpright() ? 'the sheet sideways; ' : 'the sheet upright; ') : '')
            .($left === [] ? 'the paper is filled; ' : implode(' and ', $left).'; ')
            .($trimmed->isZero() ? 'nothing is trimmed.' : Fractions::places($trimmed->times(100), 1).' % of the photo is trimmed.');
    }

    private function length(Length $length): LengthJson
    {
        return new LengthJson(round($length->toFloat(), 6), $length->exact(), $this->notation->write($length));
    }
}
