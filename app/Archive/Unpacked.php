<?php

declare(strict_types=1);

namespace App\Archive;

use App\Exceptions\StorageFailed;
use ZipArchive;

/**
 * How much an archive may still unpack to, those in it among it. Pictures hardly shrink in a zip, so an honest archive is
 * about as large as what is in it; one that says it holds far more is refused before anything is unpacked.
 */
final class Unpacked
{
    /** An archive of another sheet is unpacked twice: out of this one, and its own entries (ours). */
    private const TIMES = 3;

    /** Bytes on top: documents and lists do shrink (ours). */
    private const MORE = 60_000_000;

    private int $left;

    /** @var list<string> */
    private array $places = [];

    public function __construct(string $archive)
    {
        $this->left = self::TIMES * (int) filesize($archive) + self::MORE;
    }

    public function left(): int
    {
        return $this->left;
    }

    /** @throws ArchiveRefused where the entries say that they are larger, all together, than what is left */
    public function assertRoomFor(ZipArchive $zip): void
    {
        $all = 0;
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $all += (int) ($zip->statIndex($i)['size'] ?? 0);
        }
        $all <= $this->left || throw ArchiveRefused::tooLarge();
    }

    /** @throws ArchiveRefused where more came out than was said */
    public function take(int $bytes): void
    {
        $this->left -= $bytes;
        $this->left >= 0 || throw ArchiveRefused::tooLarge();
    }

    /** A new file for what is unpacked, on the disk of the data. */
    public function place(): string
    {
        $folder = config('inch.data').'/incoming';
        is_dir($folder) || @mkdir($folder, 0o700, true);
        $path = is_dir($folder) ? tempnam($folder, 'inch') : false;

        return $this->places[] = $path === false ? throw StorageFailed::writing("{$folder}/x") : $path;
    }

    /** Deletes what was unpacked. */
    public function clear(): void
    {
        array_map(static fn (string $path): bool => @unlink($path), $this->places);
        $this->places = [];
    }
}
