<?php

declare(strict_types=1);

namespace App\Keeping;

use Illuminate\Filesystem\Filesystem;

/** Keeps what can be made anew (previews held some way, tiles, tone pictures, sheets) within bounds. */
final readonly class CacheCare
{
    /** As much as some hundred photos take. */
    private const MOST_BYTES = 3_000_000_000;

    public function __construct(private string $data, private int $most = self::MOST_BYTES)
    {
    }

    /**
     * Half-made files of a process that ended go, and then the oldest things until the rest fits.
     *
     * @return int bytes that were freed
     */
    public function tidy(): int
    {
        $files = new Filesystem;
        $freed = 0;
        $made = [];
        foreach (glob("{$this->data}/cache/*/*/*") ?: [] as $path) {
            if (str_ends_with($path, '.part') && filemtime($path) < time() - 3600) {
                $freed += self::size($path);
                is_dir($path) ? $files->deleteDirectory($path) : @unlink($path);
            } elseif (! str_ends_with($path, '.lock') && basename($path) !== 'preview.jpg') {
                $made[] = [(int) @filemtime($path), $path, self::size($path)];
            }
        }
        sort($made);
        $held = array_sum(array_column($made, 2));
        foreach ($made as [, $path, $size]) {
            if ($held <= $this->most) {
                break;
            }
            is_dir($path) ? $files->deleteDirectory($path) : @unlink($path);
            $held -= $size;
            $freed += $size;
        }

        return $freed;
    }

    private static function size(string $path): int
    {
        if (! is_dir($path)) {
            return (int) @filesize($path);
        }
        $size = 0;
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($path, \FilesystemIterator::SKIP_DOTS)) as $file) {
            $size += $file instanceof \SplFileInfo ? $file->getSize() : 0;
        }

        return $size;
    }
}
