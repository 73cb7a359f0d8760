<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Documents\ChoicesReader;
use PDOException;

/** What a database of another version of Inch Ladder asks for: refused where it is newer, copied aside where it is older. */
final readonly class Upgrade
{
    /** Copies from before an upgrade that stay (ours). */
    private const KEPT = 3;

    private const PREFIX = 'before-upgrade-';

    private SqliteFile $file;

    public function __construct(private string $data, private string $migrations)
    {
        $this->file = new SqliteFile("{$data}/inch-ladder.sqlite");
    }

    /**
     * @return string|null the copy that was made; null where nothing is to be upgraded
     *
     * @throws DatabaseUnusable
     */
    public function prepare(): ?string
    {
        $known = array_map(static fn (string $path): string => basename($path, '.php'), glob("{$this->migrations}/*.php") ?: []);
        try {
            if (! in_array('migrations', $this->file->tables(), true)) {
                return null;
            }
            $made = array_map(strval(...), $this->file->column('select migration from migrations'));
            $format = in_array('drawings', $this->file->tables(), true)
                ? max([0, ...array_map(intval(...), $this->file->column("select max(json_extract(choices, '$.format')) from drawings where json_valid(choices)"))])
                : 0;
        } catch (PDOException $e) {
            throw DatabaseUnusable::because($e, $this->file->path);
        }
        if (array_diff($made, $known) !== [] || $format > ChoicesReader::FORMAT) {
            throw DatabaseUnusable::newer($this->file->path);
        }

        return $made === [] || array_diff($known, $made) === [] ? null : $this->copy(count($made));
    }

    private function copy(int $steps): string
    {
        $to = "{$this->data}/".self::PREFIX.date('Y-m-d-His')."-of-{$steps}.sqlite";
        $this->file->copyTo($to) || throw DatabaseUnusable::notCopied($this->file->path);
        $all = glob("{$this->data}/".self::PREFIX.'*.sqlite') ?: [];
        // By when they were made, whatever the clock said.
        usort($all, static fn (string $a, string $b): int => [filemtime($b), $b] <=> [filemtime($a), $a]);
        array_map(unlink(...), array_slice(array_values(array_diff($all, [$to])), self::KEPT - 1));

        return $to;
    }
}
