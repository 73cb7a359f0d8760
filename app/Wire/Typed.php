<?php

declare(strict_types=1);

namespace App\Wire;

use App\Wording\Refusal;
use Illuminate\Validation\ValidationException;
use InchLadder\Impossible;

/** What was typed, read; what cannot be is said beside the field it was typed in. */
final class Typed
{
    /**
     * @template T
     *
     * @param  \Closure(): T  $read
     * @return T
     *
     * @throws ValidationException
     */
    public static function beside(string $field, \Closure $read): mixed
    {
        try {
            return $read();
        } catch (Impossible $e) {
            throw ValidationException::withMessages([$field => Refusal::of($e)]);
        }
    }
}
