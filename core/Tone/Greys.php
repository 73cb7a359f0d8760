<?php

declare(strict_types=1);

namespace InchLadder\Tone;

use InchLadder\Pixels\Lab;

/** The greys of a screen by their lightness: L* of each of the 256 bytes, and back. */
final class Greys
{
    /** @return non-empty-list<float> L* by byte, rising */
    public static function lightness(): array
    {
        /** @var non-empty-list<float>|null $table */
        static $table = null;

        return $table ??= array_map(static fn (int $byte): float => Lab::fromSrgb($byte, $byte, $byte)->lightness, range(0, 255));
    }

    /** The byte whose grey is nearest to a lightness. */
    public static function byte(float $lightness): int
    {
        $table = self::lightness();
        [$low, $high] = [0, 255];
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            $table[$middle] <= $lightness ? $low = $middle : $high = $middle;
        }

        return $lightness - $table[$low] <= $table[$high] - $lightness ? $low : $high;
    }

    /** `#rrggbb` */
    public static function hex(float $lightness): string
    {
        return '#'.str_repeat(sprintf('%02x', self::byte($lightness)), 3);
    }
}
