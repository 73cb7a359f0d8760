<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Wording\Say;
use InchLadder\Grid\Cells;

/** The same to be noted of several cells, as one change: of all that are blank, say. */
final class CellNotesRequest extends CellNoteRequest
{
    public function rules(): array
    {
        return [...parent::rules(), 'cells' => ['required', 'array', 'max:'.Cells::MOST ** 2], 'cells.*' => ['integer', 'min:0']];
    }

    public function messages(): array
    {
        return [...parent::messages(), 'cells' => Say::it('copying.asked.cells'), 'cells.*' => Say::it('copying.asked.cells')];
    }

    /** @return list<int> row × columns + column, each once */
    public function cells(): array
    {
        return array_values(array_unique(array_map(static fn (mixed $cell): int => is_numeric($cell) ? (int) $cell : 0, (array) $this->validated('cells'))));
    }
}
