<?php

declare(strict_types=1);

namespace App\Keeping;

use PDO;
use PDOException;
use SQLite3;

/** One SQLite file, asked past the framework: it may be damaged, half there, or of another version. */
final readonly class SqliteFile
{
    /** Seconds that a lock of another program is waited for. */
    private const PATIENCE = 5;

    public function __construct(public string $path)
    {
    }

    /** SQLite's primary result code; 0 where the driver gives none. */
    public static function code(PDOException $e): int
    {
        $code = $e->errorInfo[1] ?? 0;

        return is_int($code) ? $code & 0xFF : 0;
    }

    /** @throws PDOException */
    public function open(): PDO
    {
        return new PDO("sqlite:{$this->path}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::ATTR_TIMEOUT => self::PATIENCE]);
    }

    /**
     * @return list<string|int>
     *
     * @throws PDOException
     */
    public function column(string $query): array
    {
        $answer = $this->open()->query($query);

        return $answer === false ? [] : array_values($answer->fetchAll(PDO::FETCH_COLUMN));
    }

    /**
     * Every page, every index, every row (https://sqlite.org/pragma.html#pragma_integrity_check).
     *
     * @throws PDOException
     */
    public function isWhole(): bool
    {
        return $this->column('pragma integrity_check') === ['ok'];
    }

    /**
     * Its tables, those that others point at first.
     *
     * @return list<string>
     *
     * @throws PDOException
     */
    public function tables(): array
    {
        $open = $this->open();
        $left = [];
        $all = $this->column("select name from sqlite_master where type = 'table' and name not like 'sqlite\\_%' escape '\\'");
        foreach ($all as $table) {
            $answer = $open->query("pragma foreign_key_list(\"{$table}\")");
            $needs = $answer === false ? [] : array_column($answer->fetchAll(PDO::FETCH_ASSOC), 'table');
            $left[(string) $table] = array_diff($needs, [$table]);
        }
        $ordered = [];
        while ($left !== []) {
            $ready = array_keys(array_filter($left, static fn (array $needs): bool => array_intersect($needs, array_keys($left)) === []));
            // Tables that point at each other come in any order.
            $ready = $ready === [] ? array_keys($left) : $ready;
            $ordered = [...$ordered, ...$ready];
            $left = array_diff_key($left, array_flip($ready));
        }

        return array_map(strval(...), $ordered);
    }

    /**
     * Copies it while it is in use, by SQLite's online backup (https://sqlite.org/backup.html): beside the new place first,
     * then renamed. One file, with no journal beside it.
     *
     * @param  \Closure(self): void|null  $before  what is done with the whole copy before it gets its name
     * @return bool false where it could not be copied; then nothing is left behind
     */
    public function copyTo(string $to, ?\Closure $before = null): bool
    {
        $part = "{$to}.part";
        @unlink($part);
        try {
            if (! $this->isCopied($part)) {
                return false;
            }
            if ($before !== null) {
                $before(new self($part));
            }

            return rename($part, $to);
        } finally {
            @unlink($part);
        }
    }

    private function isCopied(string $part): bool
    {
        try {
            $live = new SQLite3($this->path, SQLITE3_OPEN_READONLY);
            $live->enableExceptions(true);
            $live->busyTimeout(1000 * self::PATIENCE);
            $copy = new SQLite3($part);
            $copy->enableExceptions(true);
            $live->backup($copy);
            $copy->exec('PRAGMA journal_mode = DELETE');
            $copy->close();
            $live->close();

            return (new self($part))->isWhole();
        } catch (\Exception) {
            // The extension throws no class of its own before PHP 8.3.
            return false;
        }
    }
}
