<?php

declare(strict_types=1);

namespace App\Wording;

/** What is said of the devices of the house. */
final class HouseWording
{
    /** @param  int  $seconds  since a device was seen last */
    public static function seen(int $seconds): string
    {
        [$unit, $count] = match (true) {
            $seconds < 90 => ['now', 0],
            $seconds < 90 * 60 => ['minutes', intdiv($seconds + 30, 60)],
            $seconds < 36 * 3600 => ['hours', intdiv($seconds + 1800, 3600)],
            default => ['days', intdiv($seconds + 43200, 86400)],
        };

        return Say::counted("house.seen.{$unit}", $count);
    }

    /** @param  int  $seconds  until devices are let in again */
    public static function closed(int $seconds): string
    {
        return Say::counted('house.closed', max(1, (int) ceil($seconds / 60)));
    }
}
