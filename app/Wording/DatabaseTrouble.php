<?php

declare(strict_types=1);

namespace App\Wording;

use App\Exceptions\DiskRoom;
use Illuminate\Database\SQLiteDatabaseDoesNotExistException;

/** What a failing database means for the artist. */
final class DatabaseTrouble
{
    /** What SQLite says, and what is said of it. */
    private const SAYS = [
        'busy' => ['database is locked'],
        'readonly' => ['readonly database'],
        'full' => ['database or disk is full'],
        'disk' => ['disk I/O error'],
        'damaged' => ['malformed', 'not a database', 'file is encrypted'],
        'missing' => ['does not exist', 'unable to open', 'no such table'],
    ];

    private function __construct(public string $sentence, public bool $isFull)
    {
    }

    /** Null when it is a fault of ours. */
    public static function of(SQLiteDatabaseDoesNotExistException|\PDOException $e): ?self
    {
        foreach (self::SAYS as $key => $words) {
            foreach ($words as $word) {
                if (str_contains($e->getMessage(), $word)) {
                    return self::named($key);
                }
            }
        }

        return null;
    }

    private static function named(string $key): self
    {
        // A journal that finds no room is told as an I/O error, or as a file that cannot be opened.
        $isFull = $key === 'full' || (in_array($key, ['disk', 'missing'], true) && DiskRoom::isGoneForData());

        return new self(Say::it('database.'.($isFull ? 'full' : $key)), $isFull);
    }
}
