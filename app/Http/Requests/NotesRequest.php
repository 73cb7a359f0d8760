<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Wording\Say;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use InchLadder\Grid\Cells;

/** Several notes in the order they were made, as a device sends them that was without the server for a while. */
final class NotesRequest extends FormRequest
{
    private const MOST = 200;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            ...SaidOfCells::rules('notes.*.'),
            'notes' => ['required', 'array', 'max:'.self::MOST],
            'notes.*.key' => ['required', ...SaidOfCells::rules()['key']],
            'notes.*.cells' => ['required', 'array', 'max:'.Cells::MOST ** 2],
            'notes.*.cells.*' => ['integer', 'min:0'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...SaidOfCells::messages('notes.*.'), 'notes' => Say::it('copying.asked.notes', ['most' => self::MOST])];
    }

    /** @return list<\Closure(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            foreach ((array) $this->input('notes') as $i => $said) {
                if (is_array($said) && ! SaidOfCells::isSomething($said)) {
                    $validator->errors()->add("notes.{$i}.state", Say::it('copying.asked.state'));
                }
            }
        }];
    }

    /** @return list<SaidOfCells> in the order they came */
    public function notes(): array
    {
        $notes = (array) $this->validated('notes');
        // What was validated comes rule by rule, not as it came.
        ksort($notes);

        return array_values(array_map(static fn (mixed $said): SaidOfCells => SaidOfCells::read((array) $said), $notes));
    }
}
