<?php

declare(strict_types=1);

namespace App\House;

/** What a device is known by. */
final class DeviceName
{
    private const LONGEST = 60;

    /** @throws PairingRefused where it is none, or too long */
    public static function of(string $typed): string
    {
        $name = trim($typed);

        return $name !== '' && mb_strlen($name) <= self::LONGEST ? $name : throw PairingRefused::nameless();
    }
}
