<?php

declare(strict_types=1);

namespace App\Adjusting;

use App\Documents\ChoicesReader;
use App\Documents\Reading\FitPart;
use App\Wording\Refusal;
use App\Wording\Say;
use Illuminate\Validation\ValidationException;
use InchLadder\Fit\Ways\WholeCells;
use InchLadder\Grid\Cells;
use InchLadder\Impossible;
use InchLadder\Measure\LengthReader;

/** Whole squares by one figure: so many across or down, or so long. The rest follows from the paper and the photo. */
final readonly class CountSquares implements Adjustment
{
    /** @param  array<array-key, mixed>  $how  side: columns or rows, and count: 1 to 60; or cell: its side on the paper, as typed */
    public function apply(ChoicesReader $read, array $how): Adjusted
    {
        $cells = isset($how['cell'])
            ? $this->sided($read, Input::typed($how, 'cell'))
            : $this->counted($read, Input::typed($how, 'side') === 'rows' ? 'rows' : 'columns', $how['count'] ?? null);

        return new Adjusted(['fit' => FitPart::squares($cells, $read->choices->notation)]);
    }

    /** @param  'columns'|'rows'  $side */
    private function counted(ChoicesReader $read, string $side, mixed $typed): WholeCells
    {
        $count = filter_var($typed, FILTER_VALIDATE_INT, ['options' => ['min_range' => 1, 'max_range' => Cells::MOST]]);
        if ($count === false) {
            throw ValidationException::withMessages(["fit.{$side}" => Say::it('choices.count', ['most' => Cells::MOST])]);
        }
        [$columns, $rows] = $side === 'columns' ? [$count, null] : [null, $count];
        $choices = $read->choices;

        return WholeCells::counted($choices->reference(), $choices->room(), $columns, $rows, $choices->notation->ruler);
    }

    private function sided(ChoicesReader $read, string $typed): WholeCells
    {
        $choices = $read->choices;
        $lengths = new LengthReader($choices->notation->unit);
        $printCell = $read->json->fit->print_cell;
        try {
            $cell = $lengths->read($typed);
        } catch (Impossible $e) {
            throw ValidationException::withMessages(['cell' => Refusal::of($e)]);
        }

        return WholeCells::sided($choices->reference(), $choices->room(), $cell, $printCell === null ? null : $lengths->read($printCell));
    }
}
