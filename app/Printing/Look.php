<?php

declare(strict_types=1);

namespace App\Printing;

use Imagick;

/** How the picture is printed to trace from. */
enum Look: string
{
    case Photo = 'photo';
    case Grey = 'grey';
    case Outline = 'outline';
    /** As few as are counted on the Tone rung: RasterLayer asks for them, since they are told over the whole picture. */
    case Tones = 'tones';

    public function of(Imagick $image): Imagick
    {
        if ($this === self::Photo || $this === self::Tones) {
            return $image;
        }
        $image->transformImageColorspace(Imagick::COLORSPACE_GRAY);
        if ($this === self::Outline) {
            // Differences of two blurs (Marr and Hildreth, 1980): dark where tones meet, white in between, whatever the tones.
            $fine = max(0.8, max($image->getImageWidth(), $image->getImageHeight()) / 1600);
            $wide = clone $image;
            $image->blurImage(0, $fine);
            $wide->blurImage(0, 1.6 * $fine);
            $image->compositeImage($wide, Imagick::COMPOSITE_DIFFERENCE, 0, 0);
            $image->normalizeImage();
            $image->negateImage(false);
            $image->sigmoidalContrastImage(true, 8, 0.82 * Imagick::getQuantumRange()['quantumRangeLong']);
        }

        return $image;
    }
}
