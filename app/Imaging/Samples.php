<?php

declare(strict_types=1);

namespace App\Imaging;

use Imagick;
use InchLadder\Pixels\Lab;

/** A coarse picture of a picture: enough to know what colours lie under a line. */
final readonly class Samples
{
    public const SIDE = 32;

    private string $rgb;

    /** @param  string  $base64  as taken */
    public function __construct(string $base64)
    {
        $this->rgb = (string) base64_decode($base64, true);
    }

    /** base64 of SIDE × SIDE RGB triples, the picture squeezed to a square. */
    public static function take(Imagick $image): string
    {
        $small = clone $image;
        $small->resizeImage(self::SIDE, self::SIDE, Imagick::FILTER_BOX, 1);
        /** @var list<int> $pixels */
        $pixels = $small->exportImagePixels(0, 0, self::SIDE, self::SIDE, 'RGB', Imagick::PIXEL_CHAR);

        return base64_encode(pack('C*', ...$pixels));
    }

    /**
     * @param  float  $x  share of the picture's width, 0…1
     * @param  float  $y  share of its height
     */
    public function at(float $x, float $y): Lab
    {
        $index = static fn (float $share): int => max(0, min(self::SIDE - 1, (int) floor($share * self::SIDE)));
        $start = 3 * ($index($y) * self::SIDE + $index($x));

        return Lab::fromSrgb(ord($this->rgb[$start]), ord($this->rgb[$start + 1]), ord($this->rgb[$start + 2]));
    }

    /**
     * The picture's main tones, lightest first: the mean colour of each fifth of its places, by lightness.
     *
     * @return list<string> `#rrggbb`
     */
    public function tones(int $count = 5): array
    {
        $places = [];
        foreach (str_split($this->rgb, 3) as $pixel) {
            [$red, $green, $blue] = [ord($pixel[0]), ord($pixel[1]), ord($pixel[2])];
            // Luma (Rec. ITU-R BT.709-6) puts them in the order of their lightness nearly enough, for far less work.
            $places[] = [2126 * $red + 7152 * $green + 722 * $blue, $red, $green, $blue];
        }
        rsort($places);

        return array_map(static function (array $band): string {
            $mean = static fn (int $channel): int => (int) round(array_sum(array_column($band, $channel)) / count($band));

            return sprintf('#%02x%02x%02x', $mean(1), $mean(2), $mean(3));
        }, array_chunk($places, max(1, (int) ceil(count($places) / $count))));
    }
}
