<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\CellChange;
use App\Models\CellNote;
use App\Wording\Say;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use InchLadder\Copying\Place;

/** What is to be noted of a cell. What is not said stays as it was; an empty note takes one away, and is something said. */
class CellNoteRequest extends FormRequest
{
    private const SAID = ['state', 'doubtful', 'words'];

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['state' => ['filled', 'in:done,empty,open'], 'doubtful' => ['filled', 'boolean'], 'words' => ['string', 'max:'.CellNote::MOST_WORDS, 'regex:/^\P{Cc}*$/u']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['state' => Say::it('copying.asked.state'), 'doubtful' => Say::it('copying.asked.doubtful'), 'words' => Say::it('copying.asked.words', ['most' => CellNote::MOST_WORDS])];
    }

    /** @return list<\Closure(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if (! $this->hasAny(self::SAID)) {
                $validator->errors()->add('state', Say::it('copying.asked.state'));
            }
        }];
    }

    public function state(): ?string
    {
        return $this->said('state');
    }

    public function change(Place $place): CellChange
    {
        return new CellChange($place, $this->state(), $this->isDoubtful(), $this->said('words'));
    }

    /** Null where nothing is said of it. */
    public function isDoubtful(): ?bool
    {
        return $this->has('doubtful') ? $this->boolean('doubtful') : null;
    }

    private function said(string $field): ?string
    {
        $said = $this->validated($field);

        return is_string($said) ? $said : null;
    }
}
