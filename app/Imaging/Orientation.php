<?php

declare(strict_types=1);

namespace App\Imaging;

use Imagick;

/** How a camera stored a photo, and how it is held upright: Exif 2.3, 4.6.4, tag 0x0112, 1 to 8. */
final class Orientation
{
    /**
     * Where a part of the upright photo lies in it as it is stored.
     *
     * @param  int  $wide  pixels of the upright photo
     * @return array{int, int, int, int} left, top, width, height
     */
    public static function stored(int $orientation, int $wide, int $high, int $left, int $top, int $width, int $height): array
    {
        [$right, $bottom] = [$wide - $left - $width, $high - $top - $height];

        return match ($orientation) {
            2 => [$right, $top, $width, $height],
            3 => [$right, $bottom, $width, $height],
            4 => [$left, $bottom, $width, $height],
            5 => [$top, $left, $height, $width],
            6 => [$top, $right, $height, $width],
            7 => [$bottom, $right, $height, $width],
            8 => [$bottom, $left, $height, $width],
            default => [$left, $top, $width, $height],
        };
    }

    /** Turns pixels as they are stored. */
    public static function upright(Imagick $image, int $orientation): void
    {
        $image->setImageOrientation(max(1, min(8, $orientation)));
        $image->autoOrient();
        $image->setImageOrientation(Imagick::ORIENTATION_TOPLEFT);
        $image->setImagePage(0, 0, 0, 0);
    }
}
