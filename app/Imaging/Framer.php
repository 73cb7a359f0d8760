<?php

declare(strict_types=1);

namespace App\Imaging;

use Imagick;
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
        $turning = $framing->turning;
        if ($turning->quarters !== 0) {
            $image->rotateImage('white', 90 * $turning->quarters);
        }
        if ($turning->mirrored) {
            $image->flopImage();
        }
        if ($turning->degrees !== 0.0) {
            // Turned about the middle on a canvas of the same size: what swings out of it is not kept anyway.
            $image->setImageVirtualPixelMethod(Imagick::VIRTUALPIXELMETHOD_EDGE);
            $image->distortImage(Imagick::DISTORTION_SCALEROTATETRANSLATE, [$turning->degrees], false);
        }
        $left = intdiv($image->getImageWidth() - $cut['keptWide'], 2) + $cut['left'];
        $top = intdiv($image->getImageHeight() - $cut['keptHigh'], 2) + $cut['top'];
        $image->setImagePage(0, 0, 0, 0);
        $image->cropImage($cut['width'], $cut['height'], $left, $top);
        $image->setImagePage(0, 0, 0, 0);

        return $image;
    }

    /** One name for one framing, for files derived by it; empty for a photo as it lies. */
    public static function key(Framing $framing): string
    {
        return $framing->isPlain() ? '' : '-'.substr(sha1(serialize($framing)), 0, 16);
    }
}
