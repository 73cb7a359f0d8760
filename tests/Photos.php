<?php

namespace Tests;

use Imagick;
use ImagickDraw;

/** Photos made for tests: four coloured quarters, so that a turn, a crop or a cut can be told by looking. */
final class Photos
{
    /** Top left, top right, bottom left, bottom right. */
    public const QUARTERS = ['#c03020', '#20a040', '#2040c0', '#d0c020'];

    /** @var array<string, string> bytes of photos, by what was asked for */
    private static array $made = [];

    /** @param  array<string, string>  $profiles name => bytes */
    public static function make(int $wide = 600, int $high = 400, string $format = 'jpeg', int $orientation = 1, array $profiles = []): string
    {
        $bytes = self::$made[serialize(func_get_args())] ??= self::quarters($wide, $high, $format, $profiles);

        return self::file($orientation === 1 ? $bytes : self::oriented($bytes, $orientation), ".{$format}");
    }

    /** @param  array<string, string>  $profiles */
    private static function quarters(int $wide, int $high, string $format, array $profiles): string
    {
        $image = new Imagick;
        $image->newImage($wide, $high, 'white');
        $draw = new ImagickDraw;
        foreach (self::QUARTERS as $i => $colour) {
            [$x, $y] = [$i % 2 * intdiv($wide, 2), intdiv($i, 2) * intdiv($high, 2)];
            $draw->setFillColor($colour);
            $draw->rectangle($x, $y, $x + $wide / 2, $y + $high / 2);
        }
        $image->drawImage($draw);
        $image->setImageFormat($format);
        $image->setImageCompressionQuality(95);
        foreach ($profiles as $name => $bytes) {
            $image->profileImage($name, $bytes);
        }

        return $image->getImageBlob();
    }

    /** A photo that no compression makes small. */
    public static function noise(int $wide, int $high): string
    {
        $image = new Imagick;
        $image->newImage($wide, $high, 'grey');
        $image->importImagePixels(0, 0, $wide, $high, 'RGB', Imagick::PIXEL_CHAR, array_values((array) unpack('C*', random_bytes(3 * $wide * $high))));
        $image->setImageFormat('png');

        return self::file($image->getImageBlob(), '.png');
    }

    /** A JPEG with the texture of a real photo: grain enlarged at several scales. Each number gives another. */
    public static function photographic(int $wide, int $high, int $number): string
    {
        $image = new Imagick;
        // A grey that is not quite one: of plain grey the library would make a picture of greys only.
        $image->newImage($wide, $high, '#80807c');
        foreach ([12, 96, 600] as $grain) {
            mt_srand($number * $grain);
            $layer = new Imagick;
            $layer->newImage($grain, $grain, '#80807c');
            $layer->importImagePixels(0, 0, $grain, $grain, 'RGB', Imagick::PIXEL_CHAR, array_map(static fn (): int => mt_rand(0, 255), range(1, 3 * $grain ** 2)));
            $layer->resizeImage($wide, $high, Imagick::FILTER_TRIANGLE, 1);
            $layer->setImageOpacity(0.5);
            $image->compositeImage($layer, Imagick::COMPOSITE_OVER, 0, 0);
        }
        $image->setImageFormat('jpeg');
        $image->setImageCompressionQuality(92);

        return self::file($image->getImageBlob());
    }

    public static function file(string $bytes, string $ending = '.jpg'): string
    {
        $path = getenv('INCH_DATA').'/'.bin2hex(random_bytes(6)).$ending;
        file_put_contents($path, $bytes);

        return $path;
    }

    /** A PNG that claims to be of any size: its header alone, with one row of pixels. */
    public static function claiming(int $wide, int $high): string
    {
        $chunk = fn (string $type, string $data): string => pack('N', strlen($data)).$type.$data.pack('N', crc32($type.$data));

        return self::file("\x89PNG\r\n\x1a\n".$chunk('IHDR', pack('NNCCCCC', $wide, $high, 8, 0, 0, 0, 0)).$chunk('IDAT', (string) gzcompress("\0")).$chunk('IEND', ''), '.png');
    }

    /**
     * The sRGB profile with its red and green primaries changed over, so that a colour
     * managed picture has red where its bytes say green.
     */
    public static function swappedProfile(): string
    {
        return strtr((string) file_get_contents(resource_path('colour/srgb.icc')), ['rXYZ' => 'gXYZ', 'gXYZ' => 'rXYZ']);
    }

    /** The colour at a share of a picture, `[r, g, b]`. */
    public static function colourAt(string $jpeg, float $x, float $y): array
    {
        $image = new Imagick;
        $image->readImageBlob($jpeg);
        $pixel = $image->getImagePixelColor((int) ($x * $image->getImageWidth()), (int) ($y * $image->getImageHeight()))->getColor();

        return [$pixel['r'], $pixel['g'], $pixel['b']];
    }

    /** Which quarter of the test photo a colour is from; null when it is none. */
    public static function quarter(array $rgb): ?int
    {
        foreach (self::QUARTERS as $i => $colour) {
            $wanted = array_map(hexdec(...), str_split(substr($colour, 1), 2));
            if (max(array_map(fn ($a, $b) => abs($a - $b), $rgb, $wanted)) < 40) {
                return $i;
            }
        }

        return null;
    }

    /** Puts an Exif segment with nothing but an orientation after the start of a JPEG (Exif 2.3, 4.6.4). */
    private static function oriented(string $jpeg, int $orientation): string
    {
        $tiff = "MM\0*".pack('N', 8).pack('n', 1).pack('nnNnn', 0x0112, 3, 1, $orientation, 0).pack('N', 0);
        $segment = "Exif\0\0".$tiff;

        return substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($segment) + 2).$segment.substr($jpeg, 2);
    }
}
