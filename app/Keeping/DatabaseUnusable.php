<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Exceptions\DiskRoom;
use InchLadder\Impossible;
use PDOException;

/** A database that cannot be used now, and is not damaged: its file stays as it is. */
final class DatabaseUnusable extends Impossible
{
    /** SQLite's primary result codes (https://sqlite.org/rescode.html). */
    private const LOCKED = [5, 6];

    private const FULL = 13;

    public static function because(PDOException $e, string $file): self
    {
        $code = SqliteFile::code($e);
        $reason = match (true) {
            in_array($code, self::LOCKED, true) => 'locked',
            $code === self::FULL || DiskRoom::isGone(dirname($file)) => 'full',
            default => 'unreadable',
        };

        return new self($reason, ['file' => $file, 'said' => $e->getMessage()]);
    }

    /** Written by a newer version of Inch Ladder: this one would drop what it does not know. */
    public static function newer(string $file): self
    {
        return new self('newer', ['file' => $file]);
    }

    /** The copy that every upgrade begins with could not be made. */
    public static function notCopied(string $file): self
    {
        return new self('not copied', ['file' => $file]);
    }

    public function choice(): string
    {
        return 'database';
    }
}
