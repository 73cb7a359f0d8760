<?php

declare(strict_types=1);

namespace App\Exceptions;

/** Whether a disk is really full. SQLite and PHP report other troubles in the same words. */
final class DiskRoom
{
    /** Bytes. With less, a page of the database and its journal do not fit (ours). */
    private const LEAST = 262_144;

    public static function isGone(string $folder): bool
    {
        $free = @disk_free_space($folder);

        return $free !== false && $free < self::LEAST;
    }

    /** Of the disk that the data is on. */
    public static function isGoneForData(): bool
    {
        return self::isGone((string) config('inch.data'));
    }
}
