<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Wording\Say;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use InchLadder\Grid\Cells;

/** What is to be noted of a cell, or of several that are named. */
final class CellNoteRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        $several = $this->route('row') === null ? ['cells' => ['required', 'array', 'max:'.Cells::MOST ** 2], 'cells.*' => ['integer', 'min:0']] : [];

        return [...SaidOfCells::rules(), ...$several];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return SaidOfCells::messages();
    }

    /** @return list<\Closure(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if (! SaidOfCells::isSomething($this->all())) {
                $validator->errors()->add('state', Say::it('copying.asked.state'));
            }
        }];
    }

    public function said(): SaidOfCells
    {
        return SaidOfCells::read((array) $this->validated());
    }
}
