<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Wording\Say;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/** Refuses bytes that are no text, and lists where one word is asked for, before anything is made of them. */
final class PlainText
{
    public function handle(Request $request, Closure $next): Response
    {
        foreach ($request->query->all() as $name => $value) {
            if (is_array($value)) {
                throw ValidationException::withMessages([(string) $name => Say::it('http.said once', ['name' => mb_scrub(mb_strimwidth((string) $name, 0, 40, '…'))])]);
            }
        }
        $form = $request->isJson() ? [] : $request->request->all();
        array_walk_recursive($form, self::check(...));
        $query = $request->query->all();
        array_walk_recursive($query, self::check(...));

        return $next($request);
    }

    private static function check(mixed $value, int|string $name): void
    {
        if (! mb_check_encoding((string) $name, 'UTF-8') || (is_string($value) && ! mb_check_encoding($value, 'UTF-8'))) {
            throw ValidationException::withMessages([mb_scrub((string) $name) => Say::it('http.no text')]);
        }
    }
}
