<?php

declare(strict_types=1);

namespace App\Imaging;

use Imagick;

/**
 * A picture's file without what the camera and its owner wrote into it: place, time, names, other pictures.
 *
 * Only what is needed to show the picture is copied over, part by part, up to the picture's own end; whatever
 * else a file may hold is not known and not wanted. JPEG, PNG and WebP keep every byte of their picture, its turn
 * and its colour profile; others, and WebP that moves, are written anew as PNG, which loses nothing.
 */
final readonly class MetadataStripper
{
    /** Chunks of PNG that show the picture (ISO/IEC 15948:2004, 11.2 and 11.3; PNG third edition, 11.3.2.6). */
    private const PNG = ['IHDR', 'PLTE', 'IDAT', 'IEND', 'tRNS', 'cHRM', 'gAMA', 'iCCP', 'sBIT', 'sRGB', 'cICP', 'pHYs'];

    /** Chunks of WebP that show a picture which stands still (WebP Container Specification). */
    private const WEBP = ['VP8X', 'VP8 ', 'VP8L', 'ALPH', 'ICCP'];

    private const WEBP_ANIMATION = 0b10;

    private const WEBP_EXIF_AND_XMP = 0b1100;

    private function __construct(public string $bytes, public string $ending, public bool $isReduced = false)
    {
    }

    public static function of(string $path, ImageFormat $kind, Decoder $decoder): self
    {
        $bytes = (string) file_get_contents($path);
        $bare = match ($kind) {
            ImageFormat::Jpeg => self::jpeg($bytes, self::orientation($path)),
            ImageFormat::Png => self::png($bytes),
            ImageFormat::WebP => self::webp($bytes),
            default => null,
        };

        return $bare === null ? new self(self::anew($decoder->decode($path, $kind)), 'png') : new self($bare, $kind->ending());
    }

    /** A smaller copy in place of an original that was lost. */
    public static function reduced(string $jpeg): self
    {
        return new self($jpeg, 'jpg', true);
    }

    /**
     * JPEG (ITU-T T.81, Annex B): tables, frame, scans, and nothing after the end of the picture. Of the application
     * segments only the colour profile (APP2, ICC.1:2022, B.4) and how colours are coded (APP14; JFIF without its
     * thumbnail) stay. The turn is written back alone, as an Exif of one entry.
     *
     * @return string|null null when its parts do not follow one another as they should
     */
    private static function jpeg(string $bytes, int $orientation): ?string
    {
        $kept = "\xFF\xD8".($orientation > 1 ? self::exifOfTurn($orientation) : '');
        for ($at = 2; isset($bytes[$at + 1]); $at += $length) {
            if ($bytes[$at] !== "\xFF") {
                return null;
            }
            $marker = ord($bytes[$at + 1]);
            if ($marker === 0xFF) {
                $length = 1;

                continue;
            }
            if ($marker === 0xD9) {
                return $kept."\xFF\xD9";
            }
            $length = 2 + (unpack('n', substr($bytes, $at + 2, 2).'  ')[1] ?? 0);
            $segment = substr($bytes, $at, $length);
            $content = substr($segment, 4);
            $kept .= match (true) {
                // Tables, frame headers, restart interval, the start of a scan.
                in_array($marker, [0xC4, 0xCC, 0xDB, 0xDC, 0xDD, 0xDA], true), $marker >= 0xC0 && $marker <= 0xCF && $marker !== 0xC8 => $segment,
                $marker === 0xE0 && str_starts_with($content, "JFIF\0") => "\xFF\xE0\0\x10".substr($content, 0, 12)."\0\0",
                $marker === 0xE2 && str_starts_with($content, "ICC_PROFILE\0"), $marker === 0xEE && str_starts_with($content, 'Adobe') => $segment,
                default => '',
            };
            if ($marker === 0xDA) {
                // After it the coded pixels, in which FF is followed by 00 or a restart (B.1.1.5).
                $scan = preg_match('/\xFF(?![\x00\xD0-\xD7\xFF])/', $bytes, $found, PREG_OFFSET_CAPTURE, $at + $length) === 1 ? $found[0][1] - $at - $length : 0;
                $kept .= substr($bytes, $at + $length, $scan);
                $length += $scan;
            }
        }

        return null;
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

    /** PNG (ISO/IEC 15948, 5): a signature, and chunks up to IEND. */
    private static function png(string $bytes): ?string
    {
        $kept = substr($bytes, 0, 8);
        for ($at = 8; isset($bytes[$at + 11]); $at += $length) {
            $length = 12 + (unpack('N', $bytes, $at)[1] ?? 0);
            $name = substr($bytes, $at + 4, 4);
            $kept .= in_array($name, self::PNG, true) ? substr($bytes, $at, $length) : '';
            if ($name === 'IEND') {
                return $kept;
            }
        }

        return null;
    }

    /** WebP (a RIFF file): chunks of even length, up to the length the file gives itself; without the flags of what is left out. */
    private static function webp(string $bytes): ?string
    {
        $kept = '';
        $end = min(strlen($bytes), 8 + (unpack('V', $bytes, 4)[1] ?? 0));
        for ($at = 12; $at + 8 <= $end; $at += $length) {
            $size = unpack('V', $bytes, $at + 4)[1] ?? 0;
            $length = 8 + $size + $size % 2;
            $name = substr($bytes, $at, 4);
            $chunk = str_pad(substr($bytes, $at, $length), $length, "\0");
            if ($name === 'VP8X') {
                $flags = ord($chunk[8]);
                if (($flags & self::WEBP_ANIMATION) !== 0) {
                    return null;
                }
                $chunk[8] = chr($flags & ~self::WEBP_EXIF_AND_XMP);
            }
            $kept .= in_array($name, self::WEBP, true) ? $chunk : '';
        }

        return 'RIFF'.pack('V', 4 + strlen($kept)).'WEBP'.$kept;
    }

    private static function anew(Imagick $image): string
    {
        $image->setImageFormat('png');
        // The writer’s own words: when the file was made, and by what.
        $image->setOption('png:exclude-chunks', 'date,tIME,tEXt,zTXt,iTXt,eXIf');

        return $image->getImageBlob();
    }
}
