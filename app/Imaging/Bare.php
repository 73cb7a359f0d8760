<?php

declare(strict_types=1);

namespace App\Imaging;

use Imagick;

/**
 * A picture's file without what the camera and its owner wrote into it: place, time, names.
 * JPEG, PNG and WebP keep every byte of their picture, its turn and its colour profile; others
 * are written anew as PNG, which loses nothing.
 */
final readonly class Bare
{
    private function __construct(public string $bytes, public string $ending)
    {
    }

    public static function of(string $path, Kind $kind, Decoder $decoder): self
    {
        $bytes = (string) file_get_contents($path);

        return match ($kind) {
            Kind::Jpeg => new self(self::jpeg($bytes, self::orientation($path)), 'jpg'),
            Kind::Png => new self(self::png($bytes), 'png'),
            Kind::WebP => new self(self::webp($bytes), 'webp'),
            default => new self(self::anew($decoder->decode($path, $kind)), 'png'),
        };
    }

    /**
     * JPEG (ITU-T T.81, B.1): the segments before the first scan, less those that only describe:
     * APP1 (Exif, XMP), APP3 to APP13 and comments. APP2 is the colour profile, APP14 says how
     * colours are coded. The turn is written back alone, as an Exif of one entry.
     */
    private static function jpeg(string $bytes, int $orientation): string
    {
        $kept = "\xFF\xD8".($orientation > 1 ? self::exifOfTurn($orientation) : '');
        for ($at = 2; isset($bytes[$at + 3]) && $bytes[$at] === "\xFF";) {
            $marker = ord($bytes[$at + 1]);
            if ($marker === 0xDA) {
                return $kept.substr($bytes, $at);
            }
            if ($marker === 0xFF) {
                $at++;

                continue;
            }
            $length = 2 + (unpack('n', $bytes, $at + 2)[1] ?? 0);
            $describes = $marker === 0xFE || $marker === 0xE1 || ($marker >= 0xE3 && $marker <= 0xED) || $marker === 0xEF;
            $profile = $marker === 0xE2 && ! str_starts_with(substr($bytes, $at + 4, 12), "ICC_PROFILE\0");
            $kept .= $describes || $profile ? '' : substr($bytes, $at, $length);
            $at += $length;
        }

        return $bytes;
    }

    /** Exif 2.3, 4.6: a TIFF of one entry, tag 0x0112, in an APP1 segment. */
    private static function exifOfTurn(int $orientation): string
    {
        $tiff = "MM\0*".pack('N', 8).pack('n', 1).pack('nnNnn', 0x0112, 3, 1, $orientation, 0).pack('N', 0);

        return "\xFF\xE1".pack('n', 2 + 6 + strlen($tiff))."Exif\0\0".$tiff;
    }

    private static function orientation(string $path): int
    {
        $image = new Imagick;
        $image->pingImage("jpeg:{$path}[0]");

        return max(1, $image->getImageOrientation());
    }

    /** PNG (ISO/IEC 15948, 5): a signature and chunks; those with words, times and Exif are left out. */
    private static function png(string $bytes): string
    {
        $kept = substr($bytes, 0, 8);
        for ($at = 8; isset($bytes[$at + 11]); $at += $length) {
            $length = 12 + (unpack('N', $bytes, $at)[1] ?? 0);
            $kept .= in_array(substr($bytes, $at + 4, 4), ['tEXt', 'zTXt', 'iTXt', 'tIME', 'eXIf'], true) ? '' : substr($bytes, $at, $length);
        }

        return $kept;
    }

    /** WebP (a RIFF file): chunks of even length; Exif and XMP are left out, with their flags in VP8X. */
    private static function webp(string $bytes): string
    {
        $kept = '';
        for ($at = 12; isset($bytes[$at + 7]); $at += $length) {
            $size = unpack('V', $bytes, $at + 4)[1] ?? 0;
            $length = 8 + $size + $size % 2;
            $name = substr($bytes, $at, 4);
            $chunk = substr($bytes, $at, $length);
            if ($name === 'VP8X') {
                $chunk[8] = chr(ord($chunk[8]) & ~0b1100);
            }
            $kept .= in_array($name, ['EXIF', 'XMP '], true) ? '' : $chunk;
        }

        return 'RIFF'.pack('V', 4 + strlen($kept)).'WEBP'.$kept;
    }

    private static function anew(Imagick $image): string
    {
        $image->setImageFormat('png');

        return $image->getImageBlob();
    }
}
