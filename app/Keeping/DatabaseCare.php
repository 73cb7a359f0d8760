<?php

declare(strict_types=1);

namespace App\Keeping;

use PDO;
use PDOException;

/**
 * Looks the database over before anything is asked of it. A damaged one is put aside, never thrown away,
 * and every row of it that can still be read is taken over into a new one. Nothing but damage is taken for damage:
 * a full disk or a lock stops the start, and the file stays as it is.
 */
final readonly class DatabaseCare
{
    /** SQLite's result codes for damage: "database disk image is malformed", "file is not a database" (https://sqlite.org/rescode.html). */
    private const DAMAGED = [11, 26];

    /** What an integrity check says of an index alone (https://sqlite.org/pragma.html#pragma_integrity_check). */
    private const OF_AN_INDEX = '/^(row \d+ missing from index|wrong # of entries in index|non-unique entry in index)\b/';

    private SqliteFile $file;

    public function __construct(private string $data)
    {
        $this->file = new SqliteFile("{$data}/inch-ladder.sqlite");
    }

    /**
     * @param  bool  $wholly  every index too, which takes long on a large file
     *
     * @throws DatabaseUnusable where it cannot be told
     */
    public function state(bool $wholly = false): DatabaseState
    {
        if (! is_file($this->file->path) || filesize($this->file->path) === 0) {
            return DatabaseState::Sound;
        }
        try {
            $found = $this->file->column($wholly ? 'pragma integrity_check' : 'pragma quick_check(1)');
        } catch (PDOException $e) {
            return in_array(SqliteFile::code($e), self::DAMAGED, true)
                ? DatabaseState::Damaged
                : throw DatabaseUnusable::because($e, $this->file->path);
        }
        $other = array_filter($found, static fn (string|int $said): bool => preg_match(self::OF_AN_INDEX, (string) $said) !== 1);

        return match (true) {
            $found === ['ok'] => DatabaseState::Sound,
            $other === [] => DatabaseState::IndexDamaged,
            default => DatabaseState::Damaged,
        };
    }

    /**
     * Makes every index anew from its table.
     *
     * @return bool whether the database is sound then
     *
     * @throws DatabaseUnusable
     */
    public function reindex(): bool
    {
        try {
            $this->file->open()->exec('REINDEX');
        } catch (PDOException) {
            return false;
        }

        return $this->state(wholly: true) === DatabaseState::Sound;
    }

    /** Moves it to a dated folder beside. */
    public function putAside(): PutAside
    {
        $aside = PutAside::begin($this->data);
        foreach (['', '-wal', '-shm'] as $part) {
            is_file($this->file->path.$part) && rename($this->file->path.$part, $aside->database().$part);
        }

        return $aside;
    }

    /**
     * Takes over what can be read of one that was put aside, into this one, which has its tables already. What is there already stays.
     *
     * @return int drawings that were saved
     */
    public function salvage(PutAside $aside): int
    {
        try {
            $old = $this->openAside($aside);
            $new = $this->file->open();
            $tables = array_diff($this->file->tables(), ['migrations']);
            $count = static fn (): int => (int) ($new->query('SELECT count(*) FROM drawings') ?: throw new PDOException)->fetchColumn();
            $before = $count();
        } catch (PDOException) {
            return 0;
        }
        $new->exec('PRAGMA foreign_keys = OFF');
        foreach ($tables as $table) {
            $known = array_column(self::all($new, "PRAGMA table_info(\"{$table}\")"), 'name');
            foreach ($this->rows($old, $table) as $row) {
                $row = array_intersect_key($row, array_flip($known));
                if ($row !== [] && ! self::insert($new, $table, $row) && self::isNumberTaken($new, $table, $row)) {
                    self::insert($new, $table, array_diff_key($row, ['id' => 0]));
                }
            }
        }
        $this->dropWhatPointsNowhere($new, $tables);
        $saved = $count() - $before;
        // Whatever it holds, it was looked through whole, and is offered no more.
        $saved > 0 && $aside->settle(PutAside::TAKEN_OVER);

        return $saved;
    }

    /** Opened apart from its place, so that looking changes nothing in it. */
    private function openAside(PutAside $aside): PDO
    {
        return (new SqliteFile($aside->database()))->open();
    }

    /**
     * @param  array<string, mixed>  $row
     * @return bool false where it is there already, or does not fit
     */
    private static function insert(PDO $new, string $table, array $row): bool
    {
        $columns = implode(', ', array_map(static fn (string $column): string => "\"{$column}\"", array_keys($row)));
        try {
            $values = implode(', ', array_fill(0, count($row), '?'));
            $insert = $new->prepare("INSERT OR IGNORE INTO \"{$table}\" ({$columns}) VALUES ({$values})");
            $insert->execute(array_values($row));

            return $insert->rowCount() > 0;
        } catch (PDOException) {
            // One row that no longer fits costs no other.
            return false;
        }
    }

    /**
     * Whether the row's number, which is counted and means nothing, is another drawing's here.
     *
     * @param  array<string, mixed>  $row
     */
    private static function isNumberTaken(PDO $new, string $table, array $row): bool
    {
        if (! is_int($row['id'] ?? null) || ! isset($row['drawing_id'])) {
            return false;
        }
        $same = $new->prepare("SELECT drawing_id FROM \"{$table}\" WHERE id = ?");
        $same->execute([$row['id']]);

        return $same->fetchColumn() !== $row['drawing_id'];
    }

    /**
     * Rows whose drawing could not be read are of no use; a drawing whose photo could not be read keeps its plan.
     *
     * @param  array<string>  $tables  those that others point at first
     */
    private function dropWhatPointsNowhere(PDO $new, array $tables): void
    {
        foreach ($tables as $table) {
            foreach (self::all($new, "PRAGMA foreign_key_list(\"{$table}\")") as $key) {
                $from = $key['from'];
                $lost = "\"{$from}\" IS NOT NULL AND \"{$from}\" NOT IN (SELECT \"{$key['to']}\" FROM \"{$key['table']}\")";
                $goes = $key['on_delete'] === 'CASCADE';
                $new->exec($goes ? "DELETE FROM \"{$table}\" WHERE {$lost}" : "UPDATE \"{$table}\" SET \"{$from}\" = NULL WHERE {$lost}");
            }
        }
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
                foreach ($old->query("SELECT * FROM \"{$table}\" ORDER BY rowid {$way}", PDO::FETCH_ASSOC) ?: [] as $row) {
                    yield $row;
                }

                return;
            } catch (PDOException) {
                continue;
            }
        }
    }

    /** @return list<array<string, mixed>> */
    private static function all(PDO $database, string $query): array
    {
        $answer = $database->query($query);

        return $answer === false ? [] : array_values($answer->fetchAll(PDO::FETCH_ASSOC));
    }
}
