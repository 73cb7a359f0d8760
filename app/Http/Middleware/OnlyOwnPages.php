<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\House\Door;
use App\Wording\Say;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/**
 * Another site's page, open in the same browser, must neither write here nor read what is drawn; nor may it come in
 * under a name of its own that it lets lead here (DNS rebinding).
 */
final class OnlyOwnPages
{
    /** Fetch metadata of requests that no other site has a hand in (W3C Fetch Metadata, 2.4). */
    private const OWN = ['none', 'same-origin'];

    public function handle(Request $request, Closure $next): Response
    {
        $door = Door::of($request);
        if (! $door->isCalledByName()) {
            throw new HttpException(421, Say::it($door->isHouse ? 'http.not of this house' : 'http.not this machine'));
        }
        if ($request->getMethod() !== $request->getRealMethod()) {
            throw new HttpException(405, Say::it('http.method overridden'));
        }
        if ($this->comesFromElsewhere($request, $door)) {
            throw new HttpException(403, Say::it('http.other site'));
        }

        return $next($request);
    }

    private function comesFromElsewhere(Request $request, Door $door): bool
    {
        $origin = $request->headers->get('Origin');
        if ($origin !== null && strtolower($origin) !== $door->origin()) {
            return true;
        }
        if (in_array($request->headers->get('Sec-Fetch-Site', 'none'), self::OWN, true)) {
            return false;
        }

        // A link from elsewhere may open one of the pages, which show nothing to the page it stands on.
        return $request->is('api/*') || ! $request->isMethodSafe() || $request->headers->get('Sec-Fetch-Mode') !== 'navigate';
    }
}
