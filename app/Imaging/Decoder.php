<?php

declare(strict_types=1);

namespace App\Imaging;

use App\Exceptions\StorageFailed;
use App\Wording\Say;
use Imagick;
use ImagickException;
use Symfony\Component\Process\Process;

/**
 * Pixels out of a file: turned upright, in sRGB, without anything the camera
 * wrote beside them. Every decode is bounded in memory, and in time by the pixels
 * a picture may have. (The library's own time limit counts from the start of the
 * process, and ends it: no use to a server.)
 */
final class Decoder
{
    /** How far from the side asked for a smaller copy may be left. */
    /** Pixels: a PNG with more would not stay in memory once decoded, so it is made smaller strip by strip. */
    private const LARGE_PNG = 40_000_000;

    private const NEAR_BELOW = 0.875;

    private const NEAR_ABOVE = 1.35;

    /** Under which a decoded picture carries what there is to be said of it. */
    public const REMARK = 'inch-ladder:remark';

    /** Longest look for pixels that break off. */
    private const SECONDS = 20;

    private const MEMORY = 768 * 1024 * 1024;

    /**
     * Checks a file before a pixel is decoded.
     *
     * @return array{ImageFormat, int, int} kind, and width and height in pixels after the camera's own turn
     *
     * @throws PhotoRefused
     */
    public function inspect(string $path): array
    {
        clearstatcache(true, $path);
        $bytes = (int) filesize($path);
        if ($bytes === 0) {
            throw PhotoRefused::empty();
        }
        if ($bytes > config('inch.photo.most_bytes')) {
            throw PhotoRefused::tooHeavy();
        }
        $kind = ImageFormat::of($path);
        try {
            $image = $this->imagick();
            $image->pingImage("{$kind->decoder()}:{$path}[0]");
        } catch (ImagickException) {
            throw $kind->isWhole($path) ? PhotoRefused::notAPicture() : PhotoRefused::cutShort();
        }
        [$wide, $high] = [$image->getImageWidth(), $image->getImageHeight()];
        if ($wide * $high > config('inch.photo.most_pixels')) {
            throw PhotoRefused::tooManyPixels($wide, $high);
        }
        if (min($wide, $high) < config('inch.photo.least_side')) {
            throw PhotoRefused::tooSmall($wide, $high);
        }
        if (max($wide, $high) > config('inch.photo.most_side')) {
            throw PhotoRefused::tooLong($wide, $high);
        }
        if (! $kind->isWhole($path) || $bytes < $kind->leastBytes($wide, $high)) {
            throw PhotoRefused::cutShort();
        }

        return $image->getImageOrientation() >= Imagick::ORIENTATION_LEFTTOP ? [$kind, $high, $wide] : [$kind, $wide, $high];
    }

    /**
     * Every pixel of a picture.
     *
     * @throws PhotoRefused when the pixels turn out to be damaged
     */
    public function decode(string $path, ImageFormat $kind): Imagick
    {
        return $this->read($path, $kind, null);
    }

    /**
     * A smaller copy: its longer side is about what is asked for, if the picture has as many pixels.
     *
     * A JPEG is made of blocks of 8 × 8, and can be decoded with 1, 2, 3, 4 or all 8 of each
     * block's sides for a fraction of the work (ITU-T T.81, A.3); the nearest of these above
     * or a little below the wish is taken as it is.
     *
     * @param  int  $side  longer side in pixels
     *
     * @throws PhotoRefused when the pixels turn out to be damaged
     */
    public function decodeSmall(string $path, ImageFormat $kind, int $side): Imagick
    {
        return $this->read($path, $kind, $side);
    }

    private function read(string $path, ImageFormat $kind, ?int $side): Imagick
    {
        try {
            $image = $this->imagick();
            if ($side !== null && $kind === ImageFormat::Jpeg) {
                $this->hint($image, $path, $side);
            }
            $this->readInto($image, $path, $kind, $side);
            if ($kind === ImageFormat::Jpeg && self::mayBreakOff($image) && self::breaksOff($path)) {
                throw PhotoRefused::cutShort();
            }
            if ($side !== null && max($image->getImageWidth(), $image->getImageHeight()) > $side * self::NEAR_ABOVE) {
                $image->resizeImage($side, $side, Imagick::FILTER_TRIANGLE, 1, true);
            }
            Orientation::upright($image, $image->getImageOrientation());
            $known = $this->manageColour($image);
            if ($image->getImageAlphaChannel()) {
                $image->setImageBackgroundColor('white');
                $image->setImageAlphaChannel(Imagick::ALPHACHANNEL_REMOVE);
            }
            $image->stripImage();
            $known || $image->setImageProperty(self::REMARK, Say::it('refused.colour profile'));

            return $image;
        } catch (ImagickException) {
            throw PhotoRefused::cutShort();
        }
    }

    private function readInto(Imagick $image, string $path, ImageFormat $kind, ?int $side): void
    {
        [$wide, $high] = $side !== null && $kind === ImageFormat::Png ? (getimagesize($path) ?: [0, 0]) : [0, 0];
        if ($wide * $high <= self::LARGE_PNG) {
            $image->readImage("{$kind->decoder()}:{$path}[0]");

            return;
        }
        try {
            $small = Vips::shrunk($path, (int) $side);
        } catch (StorageFailed) {
            throw PhotoRefused::cutShort();
        }
        try {
            $image->readImage("png:{$small}");
        } finally {
            @unlink($small);
        }
    }

    /** Tells the JPEG decoder how coarse a picture will do. */
    private function hint(Imagick $image, string $path, int $side): void
    {
        $header = $this->imagick();
        $header->pingImage("jpeg:{$path}[0]");
        [$wide, $high] = [$header->getImageWidth(), $header->getImageHeight()];
        foreach ([8 => 1, 4 => 2, 3 => 3, 2 => 4] as $divisor => $eighths) {
            if (max($wide, $high) * $eighths / 8 >= $side * self::NEAR_BELOW) {
                $image->setOption('jpeg:size', intdiv($wide, $divisor).'x'.intdiv($high, $divisor));

                return;
            }
        }
    }

    private function imagick(): Imagick
    {
        Imagick::setResourceLimit(Imagick::RESOURCETYPE_MEMORY, self::MEMORY);
        Imagick::setResourceLimit(Imagick::RESOURCETYPE_MAP, 2 * self::MEMORY);

        return new Imagick;
    }

    /**
     * A file whose pixels can be gone through in strips as they are stored: itself, or where that is not possible
     * (HEIC, AVIF, colours for print, more than 8 bits) an upright copy in sRGB.
     *
     * @param  string  $folder  where a copy may lie
     * @return array{string, int, string} path, orientation, colour profile; the last is empty for sRGB
     *
     * @throws PhotoRefused
     */
    public function asStored(string $path, ImageFormat $kind, string $folder): array
    {
        $header = $this->imagick();
        $header->pingImage("{$kind->decoder()}:{$path}[0]");
        $plain = in_array($kind, [ImageFormat::Jpeg, ImageFormat::Png, ImageFormat::WebP], true) && $header->getImageDepth() <= 8
            && in_array($header->getImageColorspace(), [Imagick::COLORSPACE_SRGB, Imagick::COLORSPACE_GRAY], true);
        if ($plain) {
            return [$path, max(1, $header->getImageOrientation()), $header->getImageProfiles('icc')['icc'] ?? ''];
        }
        $copy = "{$folder}/copy.ppm";
        $image = $this->decode($path, $kind);
        $image->setImageDepth(8);
        $image->setImageFormat('ppm');
        $image->writeImage("ppm:{$copy}");

        return [$copy, 1, ''];
    }

    /** Brings pixels in some profile to sRGB; in a profile that is none they are taken for that. */
    public function toSrgb(Imagick $image, string $profile): void
    {
        $image->setImageProfile('icc', $profile);
        $this->manageColour($image);
        $image->stripImage();
    }

    /** @return bool whether its colours are known: false when it has a profile that is none */
    private function manageColour(Imagick $image): bool
    {
        $profile = $image->getImageProfiles('icc');
        if ($profile === []) {
            $image->getImageColorspace() === Imagick::COLORSPACE_SRGB || $image->transformImageColorspace(Imagick::COLORSPACE_SRGB);

            return true;
        }
        try {
            return $image->profileImage('icc', (string) file_get_contents(resource_path('colour/srgb.icc')));
        } catch (ImagickException) {
            $image->removeImageProfile('icc');
            $image->transformImageColorspace(Imagick::COLORSPACE_SRGB);

            return false;
        }
    }

    /** Where the pixels of a JPEG break off, the rest is filled with the middle grey that coefficients of 0 make; one in scans breaks off unseen. */
    private static function mayBreakOff(Imagick $image): bool
    {
        [$wide, $high] = [min(4, $image->getImageWidth()), min(2, $image->getImageHeight())];
        $corner = $image->exportImagePixels($image->getImageWidth() - $wide, $image->getImageHeight() - $high, $wide, $high, 'RGB', Imagick::PIXEL_CHAR);

        return $image->getImageInterlaceScheme() !== Imagick::INTERLACE_NO || array_unique($corner) === [128];
    }

    /** The JPEG library of the system says so itself, and needs no memory for it. */
    private static function breaksOff(string $path): bool
    {
        $decode = new Process(['djpeg', '-fast', '-scale', '1/8', '-outfile', '/dev/null', $path], timeout: self::SECONDS);
        $decode->run();

        return str_contains($decode->getErrorOutput(), 'premature end');
    }
}
