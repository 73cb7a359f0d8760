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
        return self::socket() === null ? null : "/hear/{$channel}/{$visitor->id()}";
    }

    /** @param  array<string, mixed>  $message */
    public static function tell(string $channel, array $message): void
    {
        self::ask(static fn (PendingRequest $hub) => $hub->withBody((string) json_encode($message))->post("http://hub/tell/{$channel}"));
    }

    /** Ends every stream of a device. */
    public static function close(PairedDevice $device): void
    {
        self::ask(static fn (PendingRequest $hub) => $hub->delete("http://hub/tell/{$device->id}"));
    }

    /** @param  \Closure(PendingRequest): mixed  $request */
    private static function ask(\Closure $request): void
    {
        $socket = self::socket();
        if ($socket === null) {
            return;
        }
        try {
            $request(Http::timeout(self::PATIENCE_SECONDS)->withOptions(['proxy' => '', 'curl' => [CURLOPT_UNIX_SOCKET_PATH => $socket]]));
        } catch (ConnectionException) {
            // The hub is being started again; pages ask anew when it is back.
        }
    }

    private static function socket(): ?string
    {
        $file = config('inch.data').'/hub.address';

        return is_file($file) ? (string) file_get_contents($file) : null;
    }
}
