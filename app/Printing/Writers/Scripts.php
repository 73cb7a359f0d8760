<?php

declare(strict_types=1);

namespace App\Printing\Writers;

use App\Exceptions\StorageFailed;
use App\Printing\Face;
use App\Printing\Page;
use App\Printing\Text;
use Symfony\Component\Process\Process;

/**
 * Runs of type in scripts that neither the PDF's own fonts nor one font file has: set by librsvg, which shapes them
 * and looks for a face, and laid over the page they belong to.
 */
final class Scripts
{
    private const SECONDS = 60;

    /** A page with its foreign runs alone, as SVG. */
    public static function svg(Page $page): string
    {
        $texts = array_values(array_filter($page->marks, self::isForeign(...)));

        return SvgWriter::of(new Page($page->title, $page->width, $page->height, $texts));
    }

    public static function isForeign(mixed $mark): bool
    {
        return $mark instanceof Text && ! Face::isWestern($mark->words);
    }

    /**
     * Lays pages of foreign runs over those of a PDF.
     *
     * @param  resource  $pdf  a stream it was written to, and can be read from; it is written anew
     * @param  list<string>  $pages  SVG, one a page of the PDF
     *
     * @throws StorageFailed
     */
    public static function layOver($pdf, array $pages): void
    {
        $base = (string) tempnam(sys_get_temp_dir(), 'inch');
        $files = [$base, "{$base}.type", "{$base}.set"];
        try {
            rewind($pdf);
            file_put_contents($base, $pdf);
            foreach ($pages as $i => $svg) {
                file_put_contents($files[] = "{$base}.{$i}.svg", $svg);
            }
            self::run(['rsvg-convert', '--format=pdf', "--output={$base}.type", ...array_slice($files, 3)]);
            self::run(['qpdf', $base, '--overlay', "{$base}.type", '--', "{$base}.set"]);
            $set = fopen("{$base}.set", 'r') ?: throw StorageFailed::savingPicture();
            rewind($pdf);
            ftruncate($pdf, 0);
            stream_copy_to_stream($set, $pdf);
            fclose($set);
        } finally {
            array_map(static fn (string $file): bool => @unlink($file), $files);
        }
    }

    /**
     * A page of foreign runs as PNG on nothing.
     *
     * @throws StorageFailed
     */
    public static function png(string $svg, int $wide, int $high): string
    {
        $process = new Process(['rsvg-convert', '--format=png', "--width={$wide}", "--height={$high}"], input: $svg, timeout: self::SECONDS);
        $process->run();

        return $process->isSuccessful() ? $process->getOutput() : throw StorageFailed::savingPicture();
    }

    /** @param  list<string>  $command */
    private static function run(array $command): void
    {
        $process = new Process($command, timeout: self::SECONDS);
        if ($process->run() !== 0) {
            report(new \RuntimeException($process->getErrorOutput()));

            throw StorageFailed::savingPicture();
        }
    }
}
