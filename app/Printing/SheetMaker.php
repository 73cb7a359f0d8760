<?php

declare(strict_types=1);

namespace App\Printing;

use App\Exceptions\StorageFailed;
use App\Models\Drawing;
use Illuminate\Support\Str;

/** Makes files of sheets: one of a kind that binds pages, else one a page, in a zip when there are several. */
final readonly class SheetMaker
{
    /** Seconds that a file made beforehand waits to be fetched. */
    private const KEPT = 3600;

    public function __construct(private PrintableSheet $sheet, private Format $format)
    {
    }

    /** @throws SheetImpossible */
    public function pages(Drawing $drawing, PrintOptions $options): Pages
    {
        return $this->sheet->pages($drawing, $options);
    }

    /**
     * Refuses what would take longer to make than anyone waits, before any of it is made.
     *
     * @throws SheetImpossible
     */
    public function withinBounds(Pages $pages): Pages
    {
        return count($pages) > $this->format->mostPages() ? throw SheetImpossible::tooManyFiles(count($pages), $this->format) : $pages;
    }

    /**
     * Writes the sheet where it is wanted; what holds no more than a page goes into several files, `name-1.svg`, `name-2.svg`.
     *
     * @return list<string> the files
     *
     * @throws StorageFailed
     */
    public function files(Pages $pages, string $path): array
    {
        $writer = $this->format->writer();
        if ($writer->binds() || count($pages) === 1) {
            $this->write($writer, $pages, $path);

            return [$path];
        }
        $ending = pathinfo($path, PATHINFO_EXTENSION);
        $files = [];
        foreach ($pages as $i => $page) {
            $files[] = $file = substr($path, 0, -strlen($ending) - 1).'-'.($i + 1).".{$ending}";
            $this->write($writer, [$page], $file);
        }

        return $files;
    }

    /**
     * Makes one file to be sent, and says after each page how far it is.
     *
     * @param  \Closure(int): void  $made  pages done
     * @return array{string, string} its path and its type
     */
    public function single(Pages $pages, \Closure $made): array
    {
        $path = self::shelf().'/'.Str::random(40);
        $writer = $this->format->writer();
        $told = static function () use ($pages, $made): \Generator {
            foreach ($pages as $i => $page) {
                yield $i => $page;
                $made($i + 1);
            }
        };
        if ($writer->binds() || count($pages) === 1) {
            $this->write($writer, $told(), $path);

            return [$path, $writer->mime()];
        }
        $zip = new \ZipArchive;
        $zip->open($path, \ZipArchive::CREATE) === true || throw StorageFailed::savingPicture();
        foreach ($told() as $i => $page) {
            $bytes = fopen('php://temp', 'w+') ?: throw StorageFailed::savingPicture();
            $writer->write([$page], $bytes);
            $zip->addFromString("{$this->sheet->key()}-".($i + 1).".{$this->format->value}", (string) stream_get_contents($bytes, null, 0));
        }
        $zip->close() || throw StorageFailed::savingPicture();

        return [$path, 'application/zip'];
    }

    /** A name to save the file under. */
    public function name(Pages $pages): string
    {
        $binds = $this->format->writer()->binds() || count($pages) === 1;

        return (Str::slug($pages->title) ?: 'drawing')."-{$this->sheet->key()}.".($binds ? $this->format->value : 'zip');
    }

    /** Where files wait that were made beforehand; those nobody fetched are thrown away. */
    public static function shelf(): string
    {
        $folder = config('inch.data').'/cache/sheets';
        is_dir($folder) || @mkdir($folder, 0o755, true) || is_dir($folder) || throw StorageFailed::savingPicture();
        foreach (glob("{$folder}/*") ?: [] as $file) {
            if ((int) @filemtime($file) < time() - self::KEPT) {
                @unlink($file);
            }
        }

        return $folder;
    }

    /** @param  iterable<Page>  $pages */
    private function write(Writer $writer, iterable $pages, string $path): void
    {
        $to = @fopen($path, 'w+b') ?: throw StorageFailed::writing($path);
        try {
            $writer->write($pages, $to);
        } catch (\ErrorException) {
            throw StorageFailed::writing($path);
        } finally {
            $done = fflush($to) && fclose($to);
        }
        $done || throw StorageFailed::writing($path);
    }
}
