<?php

declare(strict_types=1);

namespace App\Imaging;

use Imagick;
use InchLadder\Fit\Crop;
use InchLadder\Layout\PictureMap;
use InchLadder\Photo\Framing;

/** Holds pixels the way a framing says: quarter turns, mirror, straightening, and the border cut off. */
final class Framer
{
    /** Works at any scale: a preview is framed like the whole photo. */
    public static function frame(Imagick $image, Framing $framing): Imagick
    {
        if ($framing->isPlain()) {
            return $image;
        }
        $cut = $framing->pixels($image->getImageWidth(), $image->getImageHeight());

        return self::part($image, $framing, $image->getImageWidth(), $image->getImageHeight(), 0, 0, 0, 0, $cut['width'], $cut['height']);
    }

    /**
     * The pixels of a photo, as it lies, that a part of the framed picture is made of.
     *
     * @param  int  $wide  pixels of the photo as it lies
     * @param  int  $left  of the part, in pixels of the framed picture
     * @return array{int, int, int, int} left, top, width, height
     */
    public static function source(Framing $framing, int $wide, int $high, int $left, int $top, int $width, int $height): array
    {
        // A straightened piece takes its neighbours into account.
        $margin = $framing->turning->degrees === 0.0 ? 0 : 3;
        [$a, $b, $c, $d, $e, $f] = self::toFile($framing, $wide, $high);
        $corners = [[$left, $top], [$left + $width, $top], [$left, $top + $height], [$left + $width, $top + $height]];
        $xs = array_map(static fn (array $at): float => $a * $at[0] + $b * $at[1] + $c, $corners);
        $ys = array_map(static fn (array $at): float => $d * $at[0] + $e * $at[1] + $f, $corners);
        $from = static fn (float $least, int $most): int => (int) max(0, min($most - 1, floor($least + 1e-6) - $margin));
        $to = static fn (float $greatest, int $most): int => (int) max(1, min($most, ceil($greatest - 1e-6) + $margin));
        [$x, $y] = [$from(min($xs), $wide), $from(min($ys), $high)];

        return [$x, $y, max(1, $to(max($xs), $wide) - $x), max(1, $to(max($ys), $high) - $y)];
    }

    /**
     * A part of the framed picture, made of the piece of the photo it lies in.
     *
     * @param  Imagick  $piece  of the photo as it lies, from (fromX, fromY) on
     * @param  int  $wide  pixels of the whole photo as it lies
     */
    public static function part(Imagick $piece, Framing $framing, int $wide, int $high, int $fromX, int $fromY, int $left, int $top, int $width, int $height): Imagick
    {
        [$a, $b, $c, $d, $e, $f] = self::toFile($framing, $wide, $high);
        if ($framing->turning->degrees !== 0.0) {
            // From the photo to the framed picture: the inverse, and seen from both corners.
            $area = $a * $e - $b * $d;
            $matrix = [$e / $area, -$b / $area, -$d / $area, $a / $area];
            [$x, $y] = [$fromX - $c, $fromY - $f];

            return Vips::affine($piece, $matrix, $matrix[0] * $x + $matrix[1] * $y - $left, $matrix[2] * $x + $matrix[3] * $y - $top, $width, $height);
        }
        // Whole pixels to whole pixels: nothing is resampled.
        [$x, $y, $wideThere, $highThere] = self::source($framing, $wide, $high, $left, $top, $width, $height);
        if ([$x - $fromX, $y - $fromY, $wideThere, $highThere] !== [0, 0, $piece->getImageWidth(), $piece->getImageHeight()]) {
            $piece->cropImage($wideThere, $highThere, $x - $fromX, $y - $fromY);
            $piece->setImagePage(0, 0, 0, 0);
        }
        if ($framing->turning->quarters !== 0) {
            $piece->rotateImage('white', 90 * $framing->turning->quarters);
        }
        if ($framing->turning->mirrored) {
            $piece->flopImage();
        }
        $piece->setImagePage(0, 0, 0, 0);

        return $piece;
    }

    /** One name for one framing, for files derived by it; empty for a photo as it lies. */
    public static function key(Framing $framing): string
    {
        return $framing->isPlain() ? '' : '-'.substr(sha1(serialize($framing)), 0, 16);
    }

    /**
     * From pixels of the framed picture to pixels of the photo as it lies; exact on whole pixels where nothing is straightened.
     *
     * @return array{float, float, float, float, float, float}
     */
    private static function toFile(Framing $framing, int $wide, int $high): array
    {
        [$partLeft, $partTop, $partWide, $partHigh] = $framing->part->pixels(...$framing->turning->quarterTurned($wide, $high));
        $cut = $framing->pixels($wide, $high);
        [$a, $b, $c, $d, $e, $f] = PictureMap::of($framing, Crop::whole(), $partWide, $partHigh)->pictureToFile()->floats();
        // Shares to pixels, on both sides.
        [$a, $b, $d, $e] = [$a * $wide / $cut['width'], $b * $wide / $cut['height'], $d * $high / $cut['width'], $e * $high / $cut['height']];
        if ($framing->turning->degrees !== 0.0) {
            return [$a, $b, $c * $wide, $d, $e, $f * $high];
        }
        // A border that ends between two pixels is cut where Framing::pixels rounds it to; turns and mirrors are by whole sides.
        [$a, $b, $d, $e] = array_map(static fn (float $number): float => round(max(-1.0, min(1.0, $number))), [$a, $b, $d, $e]);

        // The part as it lies in the file.
        [$x, $y, $across, $down] = match ($framing->turning->quarters) {
            1 => [$partTop, $high - $partLeft - $partWide, $partHigh, $partWide],
            2 => [$wide - $partLeft - $partWide, $high - $partTop - $partHigh, $partWide, $partHigh],
            3 => [$wide - $partTop - $partHigh, $partLeft, $partHigh, $partWide],
            default => [$partLeft, $partTop, $partWide, $partHigh],
        };

        return [
            $a, $b, $x + ($a < 0 || $b < 0 ? $across : 0) + $a * $cut['left'] + $b * $cut['top'],
            $d, $e, $y + ($d < 0 || $e < 0 ? $down : 0) + $d * $cut['left'] + $e * $cut['top'],
        ];
    }
}
