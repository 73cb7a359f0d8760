<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * The app has no log-in and listens on this machine only; a page of another site
 * must not write to it through the artist's browser.
 */
final class RefuseOtherSites
{
    public function handle(Request $request, Closure $next): Response
    {
        $from = $request->headers->get('Sec-Fetch-Site', 'none');
        abort_if(! $request->isMethodSafe() && ! in_array($from, ['none', 'same-origin'], true), 403, 'Only Inch Ladder’s own pages may change a drawing.');

        return $next($request);
    }
}
