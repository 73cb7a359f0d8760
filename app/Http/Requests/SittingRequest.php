<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Wording\Say;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use InchLadder\Copying\Pass;
use InchLadder\Sittings\Sitting;

/** What was worked at, and for how long, since it was told of last. */
final class SittingRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['rung' => ['required', 'string', 'regex:/^[a-z]{3,12}$/D'], 'pass' => ['nullable', Rule::enum(Pass::class)], 'seconds' => ['required', 'integer', 'between:1,'.Sitting::LONGEST_REPORT]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['rung' => Say::it('log.asked.rung'), 'pass' => Say::it('log.asked.pass'), 'seconds' => Say::it('log.asked.seconds', ['most' => Sitting::LONGEST_REPORT])];
    }

    /** `check`, `copy place` */
    public function what(): string
    {
        $pass = $this->validated('pass');

        return $this->string('rung').($this->string('rung')->toString() === 'copy' && is_string($pass) ? " {$pass}" : '');
    }

    public function seconds(): int
    {
        return $this->integer('seconds');
    }
}
