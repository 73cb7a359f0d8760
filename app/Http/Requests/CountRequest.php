<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Stock;
use App\Wording\Say;
use Illuminate\Foundation\Http\FormRequest;

/** How many sheets of a paper lie there. */
final class CountRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['count' => ['present', 'nullable', 'integer', 'min:0', 'max:'.Stock::MOST]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['count' => Say::it('http.count', ['most' => Stock::MOST])];
    }

    public function count(): ?int
    {
        return $this->input('count') === null || $this->input('count') === '' ? null : $this->integer('count');
    }
}
