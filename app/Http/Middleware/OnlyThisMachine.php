<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Wording\Say;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/**
 * The app has no log-in and is for this machine only. Another site's page, open in the same
 * browser, must neither write here nor read what is drawn; nor may it come in under a name
 * of its own that it lets lead here (DNS rebinding).
 */
final class OnlyThisMachine
{
    /** The loopback names (RFC 6761, 6.3; RFC 5735; RFC 4291, 2.5.3), without their port. */
    private const NAMES = ['localhost', '127.0.0.1', '[::1]'];

    /** Fetch metadata of requests that no other site has a hand in (W3C Fetch Metadata, 2.4). */
    private const OWN = ['none', 'same-origin'];

    public function handle(Request $request, Closure $next): Response
    {
        $host = strtolower((string) $request->headers->get('Host'));
        if (! in_array((string) preg_replace('/:\d{1,5}$/', '', $host), self::NAMES, true)) {
            throw new HttpException(421, Say::it('http.not this machine'));
        }
        if ($request->getMethod() !== $request->getRealMethod()) {
            throw new HttpException(405, Say::it('http.method overridden'));
        }
        if ($this->comesFromElsewhere($request, $host)) {
            throw new HttpException(403, Say::it('http.other site'));
        }

        return $next($request);
    }

    private function comesFromElsewhere(Request $request, string $host): bool
    {
        $origin = $request->headers->get('Origin');
        if ($origin !== null && strtolower($origin) !== "http://{$host}" && strtolower($origin) !== "https://{$host}") {
            return true;
        }
        if (in_array($request->headers->get('Sec-Fetch-Site', 'none'), self::OWN, true)) {
            return false;
        }

        // A link from elsewhere may open one of the pages, which show nothing to the page it stands on.
        return $request->is('api/*') || ! $request->isMethodSafe() || $request->headers->get('Sec-Fetch-Mode') !== 'navigate';
    }
}
