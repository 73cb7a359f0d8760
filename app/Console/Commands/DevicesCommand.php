<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\House\Hub;
use App\Models\PairedDevice;
use App\Wording\HouseWording;
use Illuminate\Console\Command;

/** The devices of the house that were let in, and the way out for one of them. */
final class DevicesCommand extends Command
{
    protected $signature = 'inch:devices {--off= : take off the device of this id or name, at once} {--json}';

    protected $description = 'List the paired devices of the house, or take one off';

    public function handle(): int
    {
        $off = $this->option('off');
        if (is_string($off)) {
            return $this->takeOff($off);
        }
        $devices = array_values(PairedDevice::query()->latest('seen_at')->get()->map(static fn (PairedDevice $device): array => [
            'id' => $device->id, 'name' => $device->name,
            'seen' => $device->seen_at->toIso8601String(), 'may_pair' => $device->may_pair,
        ])->all());
        if ($this->option('json') === true) {
            $this->line((string) json_encode($devices, JSON_UNESCAPED_UNICODE));
        } else {
            $this->table(['id', 'name', 'seen last', 'may let in others'], array_map(static fn (array $device): array => [
                $device['id'], $device['name'], HouseWording::seen(now()->getTimestamp() - (int) strtotime($device['seen'])), $device['may_pair'] ? 'yes' : 'no',
            ], $devices));
        }

        return self::SUCCESS;
    }

    private function takeOff(string $which): int
    {
        $devices = PairedDevice::query()->where('id', $which)->orWhere('name', $which)->get();
        if ($devices->count() !== 1) {
            $this->getOutput()->getErrorStyle()->writeln($devices->isEmpty() ? "No paired device is called “{$which}”." : "{$devices->count()} devices are called “{$which}”; give the id of the one that is meant.");

            return self::FAILURE;
        }
        $device = $devices->firstOrFail();
        $device->delete();
        Hub::close($device);
        $this->line("{$device->name} is off.");

        return self::SUCCESS;
    }
}
