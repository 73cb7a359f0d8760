<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Wording\Say;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use InchLadder\Paper\Purpose;

/** Another sheet of a drawing, and what it is for. */
final class AnotherSheetRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['purpose' => ['required', Rule::enum(Purpose::class)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['purpose' => Say::it('paper.asked.purpose')];
    }

    public function purpose(): Purpose
    {
        return Purpose::from($this->string('purpose')->toString());
    }
}
