<?php

declare(strict_types=1);

namespace App\Wire;

use Illuminate\Http\Request;

/** Words of a request, whatever was sent in their place. */
final class Said
{
    /** Trimmed, without control characters; what is no word, a list say, counts as unsaid. */
    public static function text(Request $request, string $name, string $unsaid = ''): string
    {
        $value = $request->input($name);

        return is_scalar($value) ? trim((string) preg_replace('/\p{Cc}+/u', ' ', (string) $value)) : $unsaid;
    }
}
