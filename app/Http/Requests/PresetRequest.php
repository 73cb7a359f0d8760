<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Preset;
use App\Wording\Say;
use Illuminate\Foundation\Http\FormRequest;

/** What is kept of a drawing's choices for others, and under which name. */
final class PresetRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['kind' => ['required', 'in:'.implode(',', Preset::KINDS)], 'name' => ['required', 'string', 'max:60']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['kind' => Say::it('http.preset.kind'), 'name' => Say::it('http.preset.name')];
    }

    public function kind(): string
    {
        return $this->string('kind')->value();
    }

    public function name(): string
    {
        return $this->string('name')->trim()->value();
    }
}
