<?php

declare(strict_types=1);

namespace App\Wire;

use App\House\Certificate;
use App\House\Door;
use App\House\Pairing;
use App\House\Visitor;
use App\Models\PairedDevice;
use App\Wire\Json\CodeJson;
use App\Wire\Json\DeviceJson;
use App\Wire\Json\HouseJson;
use App\Wording\HouseWording;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\Request;

/** Who of the house is let in. */
final class HouseWriter
{
    public function house(Request $request): HouseJson
    {
        $visitor = Visitor::of($request);
        $devices = PairedDevice::query()->when(! $visitor->mayPair(), static fn (Builder $devices) => $devices->whereKey($visitor->id()))->latest('seen_at')->get()->all();

        return new HouseJson(
            Door::of($request)->addresses(),
            Certificate::fingerprint(),
            $visitor->mayPair(),
            $visitor->mayPair() && Pairing::isOpen(),
            ($until = Pairing::closedUntil()) === null ? null : HouseWording::closed($until->getTimestamp() - now()->getTimestamp()),
            array_values(array_map(static fn (PairedDevice $device): DeviceJson => new DeviceJson(
                $device->id, $device->name, HouseWording::seen(now()->getTimestamp() - $device->seen_at->getTimestamp()), $visitor->isAt($device), $device->may_pair,
            ), $devices)),
        );
    }

    public function code(Request $request, string $code): CodeJson
    {
        return new CodeJson($code, array_map(static fn (string $address): string => "{$address}/pair?code={$code}", Door::of($request)->addresses()), 60 * Pairing::MINUTES);
    }
}
