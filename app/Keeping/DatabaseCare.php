<?php

declare(strict_types=1);

namespace App\Keeping;

use PDO;
use PDOException;

/**
 * Looks the database over before anything is asked of it. A damaged one is put aside, never thrown away,
 * and every row of it that can still be read is taken over into a new one.
 */
final readonly class DatabaseCare
{
    /** In the order that what points at others comes after them. */
    private const TABLES = ['photos', 'drawings', 'revisions', 'cell_notes', 'mark_ticks', 'sittings', 'keepsakes', 'printers', 'paired_devices'];

    private string $file;

    public function __construct(private string $data)
    {
        $this->file = "{$data}/inch-ladder.sqlite";
    }

    /** Whether it is one, and whole, as far as a quick look tells. */
    public function isSound(): bool
    {
        if (! is_file($this->file) || filesize($this->file) === 0) {
            return true;
        }
        try {
            $answer = $this->open($this->file)->query('PRAGMA quick_check(1)');

            return $answer !== false && $answer->fetchColumn() === 'ok';
        } catch (PDOException) {
            return false;
        }
    }

    /** Moves it to a dated folder beside. @return string that folder */
    public function putAside(): string
    {
        $folder = "{$this->data}/damaged-".date('Y-m-d-His');
        mkdir($folder, 0o755, true);
        foreach (['', '-wal', '-shm'] as $part) {
            is_file($this->file.$part) && rename($this->file.$part, "{$folder}/inch-ladder.sqlite{$part}");
        }

        return $folder;
    }

    /**
     * Takes over what can be read of one that was put aside, into the new one, which has its tables already.
     *
     * @return int drawings that were saved
     */
    public function salvage(string $folder): int
    {
        try {
            $old = $this->open("{$folder}/inch-ladder.sqlite");
            $new = $this->open($this->file);
        } catch (PDOException) {
            return 0;
        }
        $new->exec('PRAGMA foreign_keys = OFF');
        foreach (self::TABLES as $table) {
            $known = array_column($this->all($new, "PRAGMA table_info({$table})"), 'name');
            foreach ($this->rows($old, $table) as $row) {
                $row = array_intersect_key($row, array_flip($known));
                if ($row === []) {
                    continue;
                }
                try {
                    $columns = implode(', ', array_map(static fn (string $column): string => "\"{$column}\"", array_keys($row)));
                    $new->prepare("INSERT OR IGNORE INTO {$table} ({$columns}) VALUES (".implode(', ', array_fill(0, count($row), '?')).')')->execute(array_values($row));
                } catch (PDOException) {
                    continue;
                }
            }
        }
        // What points at nothing any more is of no use.
        foreach (['revisions', 'cell_notes', 'mark_ticks', 'sittings'] as $table) {
            $new->exec("DELETE FROM {$table} WHERE drawing_id NOT IN (SELECT id FROM drawings)");
        }
        $new->exec('UPDATE drawings SET photo_id = NULL WHERE photo_id NOT IN (SELECT id FROM photos)');

        return (int) ($this->all($new, 'SELECT count(*) AS drawings FROM drawings')[0]['drawings'] ?? 0);
    }

    /**
     * Row by row, from either end: where a page is damaged, what lies on both sides of it is still there.
     *
     * @return \Generator<int, array<string, mixed>>
     */
    private function rows(PDO $old, string $table): \Generator
    {
        foreach (['ASC', 'DESC'] as $way) {
            try {
                foreach ($old->query("SELECT * FROM {$table} ORDER BY rowid {$way}", PDO::FETCH_ASSOC) ?: [] as $row) {
                    yield $row;
                }

                return;
            } catch (PDOException) {
                continue;
            }
        }
    }

    /** @return list<array<string, mixed>> */
    private function all(PDO $database, string $query): array
    {
        $answer = $database->query($query);

        return $answer === false ? [] : array_values($answer->fetchAll(PDO::FETCH_ASSOC));
    }

    private function open(string $file): PDO
    {
        return new PDO("sqlite:{$file}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
    }
}
