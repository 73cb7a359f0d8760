<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What is pointed at on one device, for the others to show. */
final class PointingRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'by' => ['required', 'string', 'max:40'],
            'on' => ['required', 'boolean'],
            'x' => ['nullable', 'required_with:y', 'numeric', 'between:0,1'],
            'y' => ['nullable', 'required_with:x', 'numeric', 'between:0,1'],
            'column' => ['nullable', 'required_with:row', 'integer', 'between:0,999'],
            'row' => ['nullable', 'required_with:column', 'integer', 'between:0,999'],
        ];
    }

    /** @return array{by: string, on: bool, at: array{x: float, y: float}|null, cell: array{column: int, row: int}|null} */
    public function pointing(): array
    {
        return [
            'by' => $this->string('by')->toString(),
            'on' => $this->boolean('on'),
            'at' => $this->filled('x') ? ['x' => $this->float('x'), 'y' => $this->float('y')] : null,
            'cell' => $this->filled('column') ? ['column' => $this->integer('column'), 'row' => $this->integer('row')] : null,
        ];
    }
}
