<?php

declare(strict_types=1);

namespace App\Adjusting;

use App\Documents\ChoicesReader;
use App\Wording\Say;
use Illuminate\Validation\ValidationException;
use InchLadder\Fit\Way;
use InchLadder\Fit\Ways\WholeCells;
use InchLadder\Grid\Cells;

/** So many whole squares across or down, as large as the paper takes them. The other count follows from the shape of the photo. */
final readonly class CountSquares implements Adjustment
{
    /** @param  array<array-key, mixed>  $how  side: columns or rows; count: 1 to 60 */
    public function apply(ChoicesReader $read, array $how): Adjusted
    {
        $side = Input::typed($how, 'side') === 'rows' ? 'rows' : 'columns';
        $count = filter_var($how['count'] ?? null, FILTER_VALIDATE_INT, ['options' => ['min_range' => 1, 'max_range' => Cells::MOST]]);
        if ($count === false) {
            throw ValidationException::withMessages(["fit.{$side}" => Say::it('choices.count', ['most' => Cells::MOST])]);
        }
        $ratio = $read->choices->reference()->ratio()->toFloat();
        $other = max(1, min(Cells::MOST, (int) round($side === 'columns' ? $count / $ratio : $count * $ratio)));
        [$columns, $rows] = $side === 'columns' ? [$count, $other] : [$other, $count];
        $cell = WholeCells::largest($read->choices->room(), $columns, $rows, $read->choices->notation->ruler);

        return new Adjusted(['fit' => [
            'way' => Way::Cells->value, 'cell' => $read->choices->notation->exactly($cell), 'print_cell' => null,
            'columns' => $columns, 'rows' => $rows, 'size' => '1', 'left' => null, 'top' => null,
        ]]);
    }
}
