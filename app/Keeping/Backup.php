<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Exceptions\StorageFailed;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Carbon;
use PDOException;

/**
 * Copies of the data folder, elsewhere: of each night a database, and beside them the photos they all need, once
 * each, under the SHA-256 of their bytes. Made while the app is in use. A copy gets its name last, once its photos are
 * there and all of it was read again: what breaks off on the way is no copy. Which copy is the newest is counted in
 * the copies themselves, as a clock may be set.
 */
final readonly class Backup
{
    /** Older copies of the database go (ours). */
    private const KEPT = 7;

    private const PREFIX = 'inch-ladder-';

    private const DATE = 'Y-m-d-His';

    /** A night begins, and with it the next copy. */
    private const NIGHT_BEGINS_HOUR = 3;

    private SqliteFile $live;

    public function __construct(private string $data, private string $folder, private Filesystem $files = new Filesystem)
    {
        $this->live = new SqliteFile("{$data}/inch-ladder.sqlite");
    }

    /**
     * @throws StorageFailed
     * @throws BackupImpossible
     */
    public function make(Carbon $now): BackedUp
    {
        is_file($this->live->path) || throw BackupImpossible::noData($this->data);
        $this->folderOf("{$this->folder}/photos");
        $name = $this->unusedName($now);
        $nth = $this->nth($this->all()[0] ?? null) + 1;
        $made = null;
        $this->live->copyTo("{$this->folder}/{$name}", function (SqliteFile $copy) use (&$made, $name, $nth): void {
            $copy->open()->exec("PRAGMA user_version = {$nth}");
            $photos = self::photosOf($copy);
            $lost = array_values(array_filter($photos, fn (string $photo): bool => ! $this->copyPhoto($photo)));
            // Who was paired stays paired: the devices trust the house's own certificate.
            if ($this->files->isDirectory("{$this->data}/house")) {
                $this->files->copyDirectory("{$this->data}/house", $this->folderOf("{$this->folder}/house"));
            }
            $made = new BackedUp($name, self::drawingsOf($copy), count($photos) - count($lost), $lost);
        });
        $made instanceof BackedUp || throw StorageFailed::writing("{$this->folder}/{$name}");
        $this->letGo();

        return $made;
    }

    /** Whether there is one of this night already. One that is dated ahead was made by a clock that was wrong, and does not count. */
    public function isMadeOfNight(Carbon $now): bool
    {
        $night = $now->copy()->subHours(self::NIGHT_BEGINS_HOUR)->startOfDay()->addHours(self::NIGHT_BEGINS_HOUR);
        $last = $this->all()[0] ?? null;
        $made = $last === null ? '' : substr($last, strlen(self::PREFIX), 17);

        return $made >= $night->format(self::DATE) && $made <= $now->format(self::DATE);
    }

    /**
     * Puts a copy into a data folder that holds nothing yet: no drawing, and nothing of an artist's own settings.
     *
     * @param  string|null  $name  of the database's copy; null takes the newest
     * @param  bool  $anyway  though photos are missing from the copy
     *
     * @throws BackupImpossible
     * @throws StorageFailed
     */
    public function restore(?string $name, bool $anyway = false): BackedUp
    {
        $name ??= $this->all()[0] ?? throw BackupImpossible::nothingThere($this->folder);
        $copy = new SqliteFile("{$this->folder}/".basename($name));
        is_file($copy->path) || throw BackupImpossible::unknown($name, $this->all());
        self::isWhole($copy) || throw BackupImpossible::damaged($name);
        $this->refuseUnlessEmpty();
        $photos = self::photosOf($copy);
        $lost = array_values(array_filter($photos, fn (string $photo): bool => ! self::isPhoto($this->kept($photo), $photo)));
        $lost === [] || $anyway || throw BackupImpossible::photosLost($name, $lost, count($photos));
        foreach (array_diff($photos, $lost) as $photo) {
            $this->copy($this->kept($photo), $this->original($photo), static fn (string $to): bool => self::isPhoto($to, $photo));
        }
        if ($this->files->isDirectory("{$this->folder}/house") && ! $this->files->isDirectory("{$this->data}/house")) {
            $this->files->copyDirectory("{$this->folder}/house", $this->folderOf("{$this->data}/house"));
        }
        $this->files->delete(["{$this->live->path}-wal", "{$this->live->path}-shm"]);
        // The database last: without it, nothing was restored.
        $this->copy($copy->path, $this->live->path, static fn (string $to): bool => self::isWhole(new SqliteFile($to)));

        return new BackedUp($name, self::drawingsOf($copy), count($photos) - count($lost), $lost);
    }

    /** @return list<string> names of what was copied, the newest first */
    public function all(): array
    {
        $all = array_map(basename(...), glob("{$this->folder}/".self::PREFIX.'*.sqlite') ?: []);
        usort($all, fn (string $a, string $b): int => [$this->nth($b), $b] <=> [$this->nth($a), $a]);

        return $all;
    }

    /** How many copies were made before it; 0 for none, for one that cannot be read, and for one made before copies were counted. */
    private function nth(?string $name): int
    {
        try {
            return $name === null ? 0 : (int) ((new SqliteFile("{$this->folder}/{$name}"))->column('PRAGMA user_version')[0] ?? 0);
        } catch (PDOException) {
            return 0;
        }
    }

    private function unusedName(Carbon $now): string
    {
        for ($at = $now->copy(); is_file($path = "{$this->folder}/".self::PREFIX.$at->format(self::DATE).'.sqlite'); $at->addSecond());

        return basename($path);
    }

    /** One that cannot be read may hold anything, and is not taken for empty. */
    private function refuseUnlessEmpty(): void
    {
        if (! is_file($this->live->path) || filesize($this->live->path) === 0) {
            return;
        }
        try {
            foreach (array_diff($this->live->tables(), ['migrations']) as $table) {
                $this->live->column("select exists(select 1 from \"{$table}\")")[0] === 0 || throw BackupImpossible::notEmpty($this->data);
            }
        } catch (PDOException) {
            throw BackupImpossible::unreadable($this->data);
        }
    }

    /** @return bool whether it is there now; a copy made before stays, though the original was lost since */
    private function copyPhoto(string $photo): bool
    {
        if (self::isPhoto($this->kept($photo), $photo)) {
            return true;
        }
        if (! self::isPhoto($this->original($photo), $photo)) {
            return false;
        }
        $this->copy($this->original($photo), $this->kept($photo), static fn (string $to): bool => self::isPhoto($to, $photo));

        return true;
    }

    private static function isPhoto(string $path, string $photo): bool
    {
        return is_file($path) && hash_file('sha256', $path) === $photo;
    }

    /** @param  \Closure(string): bool  $isWhole */
    private function copy(string $from, string $to, \Closure $isWhole): void
    {
        $this->folderOf(dirname($to));
        if (! (@copy($from, "{$to}.part") && $isWhole("{$to}.part") && rename("{$to}.part", $to))) {
            @unlink("{$to}.part");
            throw StorageFailed::writing($to);
        }
    }

    /** The oldest copies go, and with them the photos that no copy needs any more. */
    private function letGo(): void
    {
        $this->files->delete(array_map(fn (string $name): string => "{$this->folder}/{$name}", array_slice($this->all(), self::KEPT)));
        try {
            $copies = array_map(fn (string $name): SqliteFile => new SqliteFile("{$this->folder}/{$name}"), $this->all());
            $needed = array_merge(...array_map(self::photosOf(...), $copies));
        } catch (PDOException) {
            // A copy that cannot be read may need any of them.
            return;
        }
        foreach (glob("{$this->folder}/photos/*") ?: [] as $photo) {
            in_array(basename($photo), $needed, true) || $this->files->delete($photo);
        }
    }

    /** @return list<string> SHA-256 of each photo a database knows */
    private static function photosOf(SqliteFile $database): array
    {
        return in_array('photos', $database->tables(), true)
            ? array_map(strval(...), $database->column('select sha256 from photos order by sha256'))
            : [];
    }

    /** One that has no tables yet holds nothing. */
    private static function drawingsOf(SqliteFile $database): int
    {
        return in_array('drawings', $database->tables(), true) ? (int) $database->column('select count(*) from drawings')[0] : 0;
    }

    private static function isWhole(SqliteFile $database): bool
    {
        try {
            return $database->isWhole();
        } catch (PDOException) {
            return false;
        }
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
