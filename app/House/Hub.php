<?php

declare(strict_types=1);

namespace App\House;

use App\Models\PairedDevice;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\PendingRequest;
use Illuminate\Support\Facades\Http;

/**
 * Tells open pages what has become of a drawing. They hang on a hub beside the workers (bin/serve.sh), which holds
 * their streams, so that none of them holds a worker. Who misses something asks anew; so nothing waits for the hub,
 * and nothing fails where there is none.
 */
final class Hub
{
    /** The shelf, where drawings have their ids. */
    public const SHELF = 'shelf';

    private const PATIENCE_SECONDS = 0.5;

    /** Said to the hub, which asks which stream it is to give instead of this answer. */
    public const HEADER = 'X-Accel-Redirect';

    /** Null where there is no hub. */
    public static function stream(string $channel, Visitor $visitor): ?string
    {
        return self::address() === null ? null : "/hear/{$channel}/{$visitor->id()}";
    }

    /** @param  array<string, mixed>  $message */
    public static function tell(string $channel, array $message): void
    {
        self::ask(static fn (PendingRequest $hub) => $hub->withBody((string) json_encode($message))->post("/tell/{$channel}"));
    }

    /** Ends every stream of a device. */
    public static function close(PairedDevice $device): void
    {
        self::ask(static fn (PendingRequest $hub) => $hub->delete("/tell/{$device->id}"));
    }

    /** @param  \Closure(PendingRequest): mixed  $request */
    private static function ask(\Closure $request): void
    {
        $address = self::address();
        if ($address === null) {
            return;
        }
        [$base, $curl] = str_starts_with($address, '/') ? ['http://hub', [CURLOPT_UNIX_SOCKET_PATH => $address]] : [$address, []];
        try {
            $request(Http::baseUrl($base)->timeout(self::PATIENCE_SECONDS)->withOptions(['proxy' => '', 'curl' => $curl]));
        } catch (ConnectionException) {
            // The hub is being started again; pages ask anew when it is back.
        }
    }

    /** A socket of this machine, or where the hub of several machines is: `http://10.0.0.1:8401`. */
    private static function address(): ?string
    {
        $file = config('inch.data').'/hub.address';

        return is_file($file) ? trim((string) file_get_contents($file)) : null;
    }
}
