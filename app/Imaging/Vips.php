<?php

declare(strict_types=1);

namespace App\Imaging;

use App\Exceptions\StorageFailed;
use Imagick;
use Symfony\Component\Process\Exception\RuntimeException;
use Symfony\Component\Process\Process;

/**
 * What libvips does better than the picture library at hand: it goes through a picture in strips, so that
 * 119 megapixels are cut into tiles in a few seconds and little memory, and it turns pixels ten times faster.
 */
final class Vips
{
    private const SECONDS = 100;

    /**
     * Cuts a picture into JPEG tiles, `column_row.jpg`.
     *
     * @param  int  $side  of a tile in pixels; the last ones are smaller
     * @return string the folder they lie in
     *
     * @throws StorageFailed
     */
    public static function tiles(string $source, string $folder, int $side, int $quality): string
    {
        self::run(['vips', 'dzsave', $source, "{$folder}/tiles", '--depth', 'one', '--tile-size', (string) $side, '--overlap', '0', '--suffix', ".jpg[Q={$quality},strip,background=255]"]);

        return "{$folder}/tiles_files/0";
    }

    /**
     * A piece of a picture turned: each place (x, y) of it goes to (a·x + b·y + dx, c·x + d·y + dy), and what comes to lie
     * in the rectangle from (0, 0) on is kept. Places are counted from the top left corner of the first pixel.
     *
     * @param  array{float, float, float, float}  $matrix  a, b, c, d
     *
     * @throws StorageFailed
     */
    public static function affine(Imagick $piece, array $matrix, float $dx, float $dy, int $wide, int $high): Imagick
    {
        [$a, $b, $c, $d] = $matrix;
        // There pixels lie on whole numbers, here half a pixel further on.
        [$dx, $dy] = [$dx + ($a + $b) / 2 - 0.5, $dy + ($c + $d) / 2 - 0.5];
        [$from, $to] = [self::scratch(), self::scratch()];
        try {
            $piece->setImageFormat('ppm');
            $piece->setImageDepth(8);
            $piece->writeImage("ppm:{$from}");
            $number = static fn (float $number): string => sprintf('%.9F', $number);
            // A blank before the numbers: a sign alone would be taken for an option.
            self::run(['vips', 'affine', "{$from}[access=random]", "{$to}.ppm", ' '.implode(' ', array_map($number, $matrix)), "--odx={$number($dx)}", "--ody={$number($dy)}", '--oarea', "0 0 {$wide} {$high}", '--interpolate', 'bicubic', '--extend', 'copy']);

            return new Imagick("ppm:{$to}.ppm");
        } finally {
            array_map(static fn (string $path): bool => @unlink($path), [$from, $to, "{$to}.ppm"]);
        }
    }

    /**
     * A smaller copy of a picture too large to be held in memory at once, as a PNG with its colour profile; made in strips.
     *
     * @param  int  $side  pixels along its longer side at most
     * @return string its path, for the caller to take away
     *
     * @throws StorageFailed also where the file is cut short
     */
    public static function shrunk(string $source, int $side): string
    {
        $to = self::scratch();
        self::run(['vips', 'thumbnail', $source, "{$to}.png[compression=1]", (string) $side, '--fail-on', 'truncated', '--height', (string) $side, '--size', 'down', '--no-rotate']);
        @unlink($to);

        return "{$to}.png";
    }

    private static function scratch(): string
    {
        return (string) tempnam(sys_get_temp_dir(), 'inch');
    }

    /** @param  list<string>  $command */
    private static function run(array $command): void
    {
        try {
            $process = new Process($command, timeout: self::SECONDS);
            $process->run();
        } catch (RuntimeException) {
            throw StorageFailed::savingPicture();
        }
        if (! $process->isSuccessful()) {
            report(new \RuntimeException($process->getErrorOutput()));

            throw StorageFailed::savingPicture();
        }
    }
}
