<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\SittingRow;
use App\Wording\Say;
use Illuminate\Foundation\Http\FormRequest;

/** What a sitting taught, in one line; an empty one takes it away. */
final class LessonRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['lesson' => ['present', 'nullable', 'string', 'max:'.SittingRow::MOST_LESSON, 'regex:/^\P{Cc}*$/uD']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['lesson' => Say::it('log.asked.lesson', ['most' => SittingRow::MOST_LESSON])];
    }

    public function lesson(): string
    {
        return trim($this->string('lesson')->toString());
    }
}
