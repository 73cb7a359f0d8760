<?php

declare(strict_types=1);

namespace App\Imaging;

use App\Models\Photo;
use Imagick;
use InchLadder\Grid\Lab;

/** A coarse picture of a picture: enough to know what colours lie under a line. */
final readonly class Samples
{
    public const SIDE = 32;

    private string $rgb;

    public function __construct(Photo $photo)
    {
        $this->rgb = (string) base64_decode($photo->samples, true);
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
}
