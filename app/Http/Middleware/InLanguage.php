<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Wording\Languages;
use App\Wording\Say;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Answers in the language that is asked for, where there is one beside English. */
final class InLanguage
{
    public function handle(Request $request, Closure $next): Response
    {
        // Symfony writes `en-XA` as `en_XA`.
        Say::in(in_array(strtr(Languages::PSEUDO, '-', '_'), $request->getLanguages(), true) ? Languages::PSEUDO : 'en');
        $response = $next($request);
        $response->setVary('Accept-Language', false);

        return $response;
    }
}
