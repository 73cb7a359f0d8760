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

    /** Pixels from one place of a map to the next; between them it is straight to a hundredth of a pixel, on a shot taken 35° askew. */
    private const STEP = 16;

    /**
     * Where nothing lies, nothing is loaded: readers of other formats, which JPEG and its own format do without, take a
     * third of the time of a small step.
     */
    private const WITHOUT_MODULES = ['VIPSHOME' => '/nonexistent'];

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
     * in the rectangle from (0, 0) on is kept; what comes from beyond the piece is white. Places are counted from the top
     * left corner of the first pixel.
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
            self::run(['vips', 'affine', "{$from}[access=random]", "{$to}.ppm", ' '.implode(' ', array_map($number, $matrix)), "--odx={$number($dx)}", "--ody={$number($dy)}", '--oarea', "0 0 {$wide} {$high}", '--interpolate', 'bicubic', '--extend', 'copy', '--background', '255']);

            return new Imagick("ppm:{$to}.ppm");
        } finally {
            array_map(static fn (string $path): bool => @unlink($path), [$from, $to, "{$to}.ppm"]);
        }
    }

    /**
     * A picture looked up place by place: what comes to lie at a place is what the map says, between pixels in a straight
     * line. The map is given every STEP pixels, and lies on straight lines between.
     *
     * @param  string  $source  a picture's file
     * @param  bool  $darkest  of a picture in greys: half as many pixels a side: the darkest of each four, so that thin lines stay
     * @param  \Closure(float, float): array{float, float}  $map  from places of the new picture to places of the old, both from the top left edge of the first pixel
     *
     * @throws StorageFailed
     */
    public static function mapped(string $source, \Closure $map, int $wide, int $high, bool $darkest = false): Imagick
    {
        $raw = self::scratch();
        [$across, $down] = [intdiv($wide, self::STEP) + 2, intdiv($high, self::STEP) + 2];
        try {
            $floats = '';
            for ($y = 0; $y < $down; $y++) {
                for ($x = 0; $x < $across; $x++) {
                    // There pixels lie on whole numbers, here half a pixel further on.
                    [$u, $v] = $map($x * self::STEP + 0.5, $y * self::STEP + 0.5);
                    $floats .= pack('g2', $u - 0.5, $v - 0.5);
                }
            }
            // In the library's own format: a head of 64 bytes, then the samples.
            file_put_contents("{$raw}-1.v", self::head($across, $down).$floats);
            $number = (string) self::STEP;
            self::run(['vips', 'affine', "{$raw}-1.v", "{$raw}-2.v", "{$number} 0 0 {$number}", '--interpolate', 'bilinear', '--oarea', "0 0 {$wide} {$high}", '--extend', 'copy'], self::WITHOUT_MODULES);
            self::run(['vips', 'mapim', "{$source}[access=random]", "{$raw}.ppm", "{$raw}-2.v", '--interpolate', 'bilinear', '--background', '128', '--extend', 'background'], self::WITHOUT_MODULES);
            if (! $darkest) {
                return new Imagick("ppm:{$raw}.ppm");
            }
            self::run(['vips', 'rank', "{$raw}.ppm", "{$raw}.pgm", '2', '2', '0'], self::WITHOUT_MODULES);
            $picture = new Imagick("pgm:{$raw}.pgm");
            // Each is the darkest of itself and what lies to its left and above it; every second is taken.
            $picture->rollImage(-1, -1);
            $picture->sampleImage(intdiv($wide, 2), intdiv($high, 2));

            return $picture;
        } finally {
            array_map(static fn (string $path): bool => @unlink($path), [$raw, "{$raw}.ppm", "{$raw}.pgm", ...glob("{$raw}-*.v") ?: []]);
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

    /**
     * The colours of a picture in CIE L*a*b*, each sample the mean of a square of pixels, lightly smoothed.
     *
     * @param  int  $shrink  pixels along the side of that square; a JPEG is decoded that much smaller as far as it can be
     *                       (ITU-T T.81, A.3)
     * @param  float  $smooth  standard deviation of the Gaussian, in samples
     * @param  bool  $profiled  whether it has a colour profile of its own
     * @return array{int, int, string} samples across and down, and their L*, a*, b* as little-endian 32-bit floats
     *
     * @throws StorageFailed
     */
    public static function lab(string $source, bool $isJpeg, int $shrink, float $smooth, bool $profiled): array
    {
        $scratch = self::scratch();
        try {
            $decoded = match (true) {
                ! $isJpeg => 1, $shrink % 8 === 0 => 8, $shrink % 4 === 0 => 4, $shrink % 2 === 0 => 2, default => 1,
            };
            $from = $source.($isJpeg && $decoded > 1 ? "[shrink={$decoded}]" : '');
            $left = (string) intdiv($shrink, $decoded);
            $steps = [
                // What can be seen through lies on white, as everywhere.
                ! $isJpeg && self::isSeenThrough($source) ? ['flatten', '--background', '255'] : [],
                $left === '1' ? [] : ['shrink', $left, $left, '--ceil'],
                $profiled ? ['icc_transform', resource_path('colour/srgb.icc'), '--embedded', '--depth', '8'] : [],
                ['colourspace', 'lab'],
                ['gaussblur', (string) $smooth, '--precision', 'float'],
            ];
            foreach (array_values(array_filter($steps)) as $i => $step) {
                $to = "{$scratch}-{$i}.v";
                self::run(['vips', $step[0], $from, $to, ...array_slice($step, 1)], $isJpeg || $i > 0 ? self::WITHOUT_MODULES : []);
                $from = $to;
            }
            // A picture in the library's own format: a head of 64 bytes, with its sides in the machine's order, then the samples.
            $head = (string) file_get_contents($from, false, null, 0, 64);
            /** @var array{1: int<1, 100000>, 2: int<1, 100000>} $sides */
            $sides = unpack('V2', $head, 4);

            return [$sides[1], $sides[2], (string) file_get_contents($from, false, null, 64, 12 * $sides[1] * $sides[2])];
        } finally {
            array_map(static fn (string $path): bool => @unlink($path), [$scratch, ...glob("{$scratch}-*.v") ?: []]);
        }
    }

    /** The head of a picture of two floats a place, in the library's own format on a little-endian machine. */
    private static function head(int $wide, int $high): string
    {
        return "\xb6\xa6\xf2\x08".pack('V7', $wide, $high, 2, 32, 6, 0, 0).pack('g2', 1, 1).str_repeat("\0", 24);
    }

    /** Whether there is a band of opacity beside its one or three of colour. */
    private static function isSeenThrough(string $source): bool
    {
        return (int) self::run(['vipsheader', '-f', 'bands', $source]) % 2 === 0;
    }

    private static function scratch(): string
    {
        return (string) tempnam(sys_get_temp_dir(), 'inch');
    }

    /**
     * @param  list<string>  $command
     * @param  array<string, string>  $environment
     * @return string what it printed
     */
    private static function run(array $command, array $environment = []): string
    {
        try {
            $process = new Process($command, env: $environment, timeout: self::SECONDS);
            $process->run();
        } catch (RuntimeException) {
            throw StorageFailed::savingPicture();
        }
        if (! $process->isSuccessful()) {
            report(new \RuntimeException($process->getErrorOutput()));

            throw StorageFailed::savingPicture();
        }

        return $process->getOutput();
    }
}
