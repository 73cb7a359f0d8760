<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\House\DeviceKeys;
use App\House\Door;
use App\House\Visitor;
use App\Models\PairedDevice;
use App\Wording\Say;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** By the door of the house only paired devices get in; to all others there is one page, on which they are paired. */
final class OnlyPaired
{
    public const PAGE = 'pair';

    /** A device that was disconnected keeps nothing of the drawings (W3C Clear Site Data, 3.1). */
    private const CLEARED = ['Clear-Site-Data' => '"cache", "storage"'];

    /** Said by the front, which asks who sends something before it takes any of it (bin/serve.sh). */
    private const ASKS = 'INCH_ASKS';

    public function handle(Request $request, Closure $next): Response
    {
        if (! Door::of($request)->isHouse) {
            return $next($request);
        }
        $key = DeviceKeys::shown($request);
        $device = $key === '' ? null : PairedDevice::showing($key);
        if ($device === null) {
            return $request->is(self::PAGE) && $request->server(self::ASKS) === null ? $next($request) : $this->turnAway($request, $key !== '');
        }
        if ($request->server(self::ASKS) === null && ! DeviceKeys::isOwnPage($request, $device)) {
            throw new HttpException(403, Say::it('http.other site'));
        }
        if ($request->server(self::ASKS) === 'paired') {
            return new Response(status: 204);
        }
        Visitor::mark($request, $device);
        $nextKey = $device->nextKey($key);
        $response = $next($request);
        $nextKey === null || DeviceKeys::give($request, $response, $device, $nextKey);

        return $response;
    }

    private function turnAway(Request $request, bool $hadKey): Response
    {
        if ($request->is('api/*') || ! $request->isMethodSafe() || $request->server(self::ASKS) !== null) {
            throw new HttpException(401, Say::it('house.not paired'), headers: $hadKey ? self::CLEARED : []);
        }
        $response = new RedirectResponse('/'.self::PAGE, 303);
        if ($hadKey) {
            $response->headers->add(self::CLEARED);
            DeviceKeys::takeBack($request, $response);
        }

        return $response;
    }
}
