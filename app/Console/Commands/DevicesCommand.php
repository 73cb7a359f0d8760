<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Exceptions\DeviceUnknown;
use App\Models\PairedDevice;
use App\Wording\HouseWording;
use App\Wording\Say;

/** The devices of the house that were let in, and the way out for one of them. */
final class DevicesCommand extends Planning
{
    protected $signature = 'inch:devices
        {--disconnect= : Disconnect the device of this id or name at once}
        {--json : As JSON}';

    protected const FORMERLY = ['off' => 'disconnect'];

    protected $description = 'List the connected devices, or disconnect one';

    protected function answer(): void
    {
        $off = $this->option('disconnect');
        is_string($off) ? $this->takeOff($off) : $this->list(array_values(PairedDevice::query()->latest('seen_at')->get()->all()));
    }

    /** @param  list<PairedDevice>  $devices */
    private function list(array $devices): void
    {
        if ($this->option('json') === true) {
            $this->line((string) json_encode(array_map(static fn (PairedDevice $device): array => [
                'id' => $device->id, 'name' => $device->name, 'seen' => $device->seen_at->toIso8601String(), 'may_pair' => $device->may_pair,
            ], $devices), JSON_UNESCAPED_UNICODE));

            return;
        }
        if ($devices === []) {
            $this->line(Say::it('house.no device'));

            return;
        }
        $this->table(['id', 'name', 'seen last', 'may let in others'], array_map(static fn (PairedDevice $device): array => [
            $device->id, $device->name, HouseWording::seen(now()->getTimestamp() - $device->seen_at->getTimestamp()), $device->may_pair ? 'yes' : 'no',
        ], $devices));
    }

    /** @throws DeviceUnknown */
    private function takeOff(string $which): void
    {
        $devices = PairedDevice::query()->where('id', $which)->orWhere('name', $which)->get();
        $device = $devices->count() > 1 ? throw DeviceUnknown::ambiguous($which, $devices->count()) : $devices->first() ?? throw DeviceUnknown::named($which);
        $device->delete();
        $this->line("{$device->name} is off.");
    }
}
