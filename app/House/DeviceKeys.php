<?php

declare(strict_types=1);

namespace App\House;

use App\Models\PairedDevice;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Response;

/**
 * What a paired device shows with each request: its key, in a cookie that no script reads, that goes over HTTPS and to
 * its own pages alone (`__Host-`: RFC 6265bis, 4.1.3.2); and with each change the word of its own pages, in a header.
 */
final class DeviceKeys
{
    /** As long as browsers keep one (RFC 6265bis, 5.5). */
    private const DAYS = 400;

    private const PAGE_TOKEN_HEADER = 'X-Inch-Page';

    public static function shown(Request $request): string
    {
        $key = $request->cookies->get(self::keyName($request));

        return is_string($key) ? $key : '';
    }

    /** Whether a change was asked for by one of its own pages. */
    public static function isOwnPage(Request $request, PairedDevice $device): bool
    {
        return $request->isMethodSafe() || hash_equals($device->pageToken(), (string) $request->headers->get(self::PAGE_TOKEN_HEADER));
    }

    public static function give(Request $request, Response $response, PairedDevice $device, string $key): void
    {
        $until = now()->addDays(self::DAYS);
        $cookie = static fn (string $name, string $value, bool $httpOnly): Cookie => new Cookie($name, $value, $until, '/', null, true, $httpOnly, true, Cookie::SAMESITE_STRICT);
        $response->headers->setCookie($cookie(self::keyName($request), $key, true));
        $response->headers->setCookie($cookie(self::tokenName($request), $device->pageToken(), false));
    }

    public static function takeBack(Request $request, Response $response): void
    {
        $response->headers->clearCookie(self::keyName($request), '/', null, true, true, Cookie::SAMESITE_STRICT);
        $response->headers->clearCookie(self::tokenName($request), '/', null, true, false, Cookie::SAMESITE_STRICT);
    }

    private static function keyName(Request $request): string
    {
        return '__Host-inch-ladder-'.Door::of($request)->port();
    }

    private static function tokenName(Request $request): string
    {
        return '__Host-inch-page-'.Door::of($request)->port();
    }
}
