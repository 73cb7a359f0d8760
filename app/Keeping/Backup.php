<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Exceptions\StorageFailed;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Carbon;
use PDO;
use PDOException;
use SQLite3;

/**
 * Copies of the data folder, elsewhere: of each night a database, and beside them the photos they all stand on, once
 * each, under the SHA-256 of their bytes. Made while the app is in use, by SQLite's own online backup
 * (https://sqlite.org/backup.html); nothing counts as copied before it was read again and found whole.
 */
final readonly class Backup
{
    /** Older copies of the database go (ours). */
    private const KEPT = 7;

    private const PREFIX = 'inch-ladder-';

    private const DATE = 'Y-m-d-His';

    /** A night begins, and with it the next copy. */
    private const NIGHT_BEGINS_HOUR = 3;

    public function __construct(private string $data, private string $folder, private Filesystem $files = new Filesystem)
    {
    }

    /**
     * @throws StorageFailed
     * @throws BackupImpossible
     */
    public function make(Carbon $now): BackedUp
    {
        is_file($this->database()) || throw BackupImpossible::noData($this->data);
        $this->folderOf("{$this->folder}/photos");
        $name = self::PREFIX.$now->format(self::DATE).'.sqlite';
        $this->copyDatabase("{$this->folder}/{$name}");
        $lost = array_values(array_filter($this->photosOf("{$this->folder}/{$name}"), fn (string $photo): bool => ! $this->copyPhoto($photo)));
        // Who was paired stays paired: the devices trust the house's own certificate.
        $this->files->isDirectory("{$this->data}/house") && $this->files->copyDirectory("{$this->data}/house", $this->folderOf("{$this->folder}/house"));
        $this->letGo();

        return new BackedUp($name, $this->drawingsOf("{$this->folder}/{$name}"), count($this->photosOf("{$this->folder}/{$name}")) - count($lost), $lost);
    }

    /** Whether there is one of this night already. */
    public function isMadeOfNight(Carbon $now): bool
    {
        $night = $now->copy()->subHours(self::NIGHT_BEGINS_HOUR)->startOfDay()->addHours(self::NIGHT_BEGINS_HOUR);
        $last = $this->all()[0] ?? null;

        return $last !== null && substr($last, strlen(self::PREFIX), 17) >= $night->format(self::DATE);
    }

    /**
     * Puts a copy into a data folder that holds nothing yet.
     *
     * @param  string|null  $name  of the database's copy; null takes the newest
     *
     * @throws BackupImpossible
     * @throws StorageFailed
     */
    public function restore(?string $name): BackedUp
    {
        $name ??= $this->all()[0] ?? throw BackupImpossible::nothingThere($this->folder);
        $copy = "{$this->folder}/".basename($name);
        is_file($copy) || throw BackupImpossible::unknown($name, $this->all());
        self::isWhole($copy) || throw BackupImpossible::damaged($name);
        is_file($this->database()) && $this->drawingsOf($this->database()) > 0 && throw BackupImpossible::notEmpty($this->data);
        $lost = [];
        foreach ($this->photosOf($copy) as $photo) {
            $there = $this->kept($photo);
            $isWhole = is_file($there) && hash_file('sha256', $there) === $photo;
            $isWhole ? $this->copy($there, $this->original($photo), fn (string $to): bool => hash_file('sha256', $to) === $photo) : $lost[] = $photo;
        }
        $this->files->isDirectory("{$this->folder}/house") && $this->files->copyDirectory("{$this->folder}/house", $this->folderOf("{$this->data}/house"));
        array_map(fn (string $part): bool => $this->files->delete($this->database().$part), ['-wal', '-shm']);
        // The database last: without it, nothing was restored.
        $this->copy($copy, $this->database(), self::isWhole(...));

        return new BackedUp($name, $this->drawingsOf($copy), count($this->photosOf($copy)) - count($lost), $lost);
    }

    /** @return list<string> names of what was copied, the newest first */
    public function all(): array
    {
        $all = array_map('basename', glob("{$this->folder}/".self::PREFIX.'*.sqlite') ?: []);
        rsort($all);

        return $all;
    }

    private function copyDatabase(string $to): void
    {
        $part = "{$to}.part";
        $this->files->delete($part);
        try {
            $live = new SQLite3($this->database(), SQLITE3_OPEN_READONLY);
            $live->enableExceptions(true);
            $live->busyTimeout(10_000);
            $copy = new SQLite3($part);
            $live->backup($copy);
            // One file, whatever it is copied to next: no journal beside it.
            $copy->exec('PRAGMA journal_mode = DELETE');
            $copy->close();
            $live->close();
        } catch (\Exception) {
            $this->files->delete($part);
            throw StorageFailed::writing($to);
        }
        self::isWhole($part) && rename($part, $to) || throw StorageFailed::writing($to);
    }

    /** @return bool whether it is there now; a copy made before stays, though the original was lost since */
    private function copyPhoto(string $photo): bool
    {
        $isThere = is_file($this->kept($photo)) && hash_file('sha256', $this->kept($photo)) === $photo;
        $original = $this->original($photo);
        if (! $isThere && is_file($original) && hash_file('sha256', $original) === $photo) {
            $this->copy($original, $this->kept($photo), fn (string $to): bool => hash_file('sha256', $to) === $photo);
            $isThere = true;
        }

        return $isThere;
    }

    /** @param  \Closure(string): bool  $isWhole */
    private function copy(string $from, string $to, \Closure $isWhole): void
    {
        $this->folderOf(dirname($to));
        @copy($from, "{$to}.part") && $isWhole("{$to}.part") && rename("{$to}.part", $to) || throw StorageFailed::writing($to);
    }

    /** The oldest copies go, and with them the photos that none stands on any more. */
    private function letGo(): void
    {
        $this->files->delete(array_map(fn (string $name): string => "{$this->folder}/{$name}", array_slice($this->all(), self::KEPT)));
        $needed = array_merge(...array_map(fn (string $name): array => $this->photosOf("{$this->folder}/{$name}"), $this->all()));
        foreach (glob("{$this->folder}/photos/*") ?: [] as $photo) {
            in_array(basename($photo), $needed, true) || $this->files->delete($photo);
        }
    }

    /** @return list<string> SHA-256 of each photo a database knows */
    private function photosOf(string $database): array
    {
        return array_map(strval(...), self::column($database, 'select sha256 from photos order by sha256'));
    }

    private function drawingsOf(string $database): int
    {
        try {
            return (int) (self::column($database, 'select count(*) from drawings')[0] ?? 0);
        } catch (PDOException) {
            // One that has no tables yet holds nothing.
            return 0;
        }
    }

    /** Every page, every index, every row (https://sqlite.org/pragma.html#pragma_integrity_check). */
    private static function isWhole(string $database): bool
    {
        try {
            return self::column($database, 'pragma integrity_check') === ['ok'];
        } catch (PDOException) {
            return false;
        }
    }

    /** @return list<string|int> */
    private static function column(string $database, string $query): array
    {
        $answer = (new PDO("sqlite:{$database}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]))->query($query);

        return $answer === false ? [] : array_values($answer->fetchAll(PDO::FETCH_COLUMN));
    }

    private function database(): string
    {
        return "{$this->data}/inch-ladder.sqlite";
    }

    private function kept(string $photo): string
    {
        return "{$this->folder}/photos/{$photo}";
    }

    private function original(string $photo): string
    {
        return "{$this->data}/photos/".substr($photo, 0, 2)."/{$photo}";
    }

    /** Made where it is missing, for one's own eyes alone. */
    private function folderOf(string $folder): string
    {
        is_dir($folder) || @mkdir($folder, 0o700, true) || throw StorageFailed::writing($folder);

        return $folder;
    }
}
