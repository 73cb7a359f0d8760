<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What every answer tells the browser: run nothing but what ships, show nothing inside another page, tell nobody where from. */
final class GuardAnswers
{
    private const HEADERS = [
        // Styles are also set on elements as a drawing moves; scripts come from files alone (W3C CSP Level 3).
        'Content-Security-Policy' => "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'",
        'X-Content-Type-Options' => 'nosniff',
        'X-Frame-Options' => 'DENY',
        // Its own pages know where from: a form that is sent says no origin under `no-referrer` (Fetch Standard, 3.2).
        'Referrer-Policy' => 'same-origin',
        'Cross-Origin-Resource-Policy' => 'same-origin',
        'Cross-Origin-Opener-Policy' => 'same-origin',
    ];

    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        foreach (self::HEADERS as $name => $value) {
            $response->headers->set($name, $value);
        }
        $response->headers->set('X-Inch-Build', (string) config('inch.build'));
        header_remove('X-Powered-By');

        return $response;
    }
}
