<?php

declare(strict_types=1);

namespace App\Keeping;

use Illuminate\Support\Carbon;

/**
 * What the commands that look over and copy the data found, for the first page to say. A small file beside the database,
 * as that may be what is wrong.
 */
final readonly class KeepingRecord
{
    /** A copy is made every night; older than two of them, nights were missed. */
    private const NIGHTS = 2;

    private string $file;

    public function __construct(string $data)
    {
        $this->file = "{$data}/keeping.json";
    }

    public function databaseIsDamaged(): bool
    {
        return ($this->all()['damaged'] ?? null) === true;
    }

    public function setDamaged(bool $damaged): void
    {
        $this->write(['damaged' => $damaged]);
    }

    public function copied(Carbon $now): void
    {
        $this->write(['copied' => $now->getTimestamp(), 'failed' => null]);
    }

    /** @param  string  $why  as it is said */
    public function copyFailed(string $why): void
    {
        $this->write(['failed' => $why]);
    }

    /** Why the last copy could not be made; null where it could. */
    public function whyNotCopied(): ?string
    {
        $failed = $this->all()['failed'] ?? null;

        return is_string($failed) ? $failed : null;
    }

    /** When the last good copy was made; null where it is not so long ago that nights were missed. */
    public function lastCopyIfOld(Carbon $now): ?Carbon
    {
        $copied = $this->all()['copied'] ?? null;
        $at = is_int($copied) ? Carbon::createFromTimestamp($copied) : null;

        return $at !== null && $at < $now->copy()->subDays(self::NIGHTS) ? $at : null;
    }

    /** @return array<array-key, mixed> */
    private function all(): array
    {
        $all = json_decode((string) @file_get_contents($this->file), true);

        return is_array($all) ? $all : [];
    }

    /** @param  array<string, mixed>  $what */
    private function write(array $what): void
    {
        $part = "{$this->file}.".getmypid().'.part';
        // On a full disk it cannot be said: nothing else may fail for it.
        if (@file_put_contents($part, (string) json_encode([...$this->all(), ...$what])) !== false) {
            @rename($part, $this->file);
        }
        @unlink($part);
    }
}
