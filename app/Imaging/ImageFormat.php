<?php

declare(strict_types=1);

namespace App\Imaging;

/** The picture formats taken in, told by content and never by name. */
enum ImageFormat: string
{
    case Jpeg = 'image/jpeg';
    case Png = 'image/png';
    case WebP = 'image/webp';
    case Heic = 'image/heic';
    case Avif = 'image/avif';

    /** @throws PhotoRefused */
    public static function of(string $path): self
    {
        $mime = (string) (new \finfo(FILEINFO_MIME_TYPE))->file($path);

        return self::tryFrom($mime === 'image/heif' ? 'image/heic' : $mime) ?? throw PhotoRefused::notAPicture();
    }

    /** Imagick's name, put before a path so that no other decoder is ever tried. */
    public function decoder(): string
    {
        return strtolower($this->name);
    }

    /** Of a file's name. */
    public function ending(): string
    {
        return $this === self::Jpeg ? 'jpg' : $this->decoder();
    }

    /**
     * The fewest bytes so many pixels can be coded in; a file of less claims more than it has.
     *
     * In JPEG each block of 8 × 8 takes at least a bit for its first coefficient, in scans or not (ITU-T T.81, F.1.2
     * and G.1.2); deflate makes data at most 1,032 times smaller (zlib, technical details), and in PNG a pixel is at
     * least a bit. The others have no such bound.
     */
    public function leastBytes(int $wide, int $high): int
    {
        return match ($this) {
            self::Jpeg => intdiv($wide * $high, 64 * 8),
            self::Png => intdiv($wide * $high, 8 * 1032),
            default => 0,
        };
    }

    /**
     * Whether the file reaches its own end mark. Decoders forgive a missing end;
     * an artist should not find half the photo grey.
     */
    public function isWhole(string $path): bool
    {
        $bytes = (string) file_get_contents($path);

        return match ($this) {
            self::Jpeg => self::jpegIsWhole($bytes),
            // PNG (ISO/IEC 15948): the datastream ends with an IEND chunk.
            self::Png => str_contains(substr($bytes, -4096), "\0\0\0\0IEND"),
            // RIFF: bytes 4…7 give the length of what follows.
            self::WebP => strlen($bytes) >= 8 + (unpack('V', $bytes, 4)[1] ?? PHP_INT_MAX),
            self::Heic, self::Avif => self::boxesAreWhole($bytes),
        };
    }

    /**
     * JPEG (ITU-T T.81, B.1): after the last scan stands the end marker FF D9. Segments are stepped over by their
     * length, since a thumbnail in one has an end marker of its own. An end that was put on behind pixels that
     * break off is found out when they are decoded (see Decoder).
     */
    private static function jpegIsWhole(string $bytes): bool
    {
        for ($at = 2; ($bytes[$at] ?? '') === "\xFF" && isset($bytes[$at + 1]); $at += $length) {
            $marker = ord($bytes[$at + 1]);
            if ($marker === 0xD9) {
                return true;
            }
            $length = $marker === 0xFF ? 1 : 2 + (unpack('n', substr($bytes, $at + 2, 2).'  ')[1] ?? 0);
            if ($marker === 0xDA) {
                if (preg_match('/\xFF(?![\x00\xD0-\xD7\xFF])/', $bytes, $found, PREG_OFFSET_CAPTURE, min(strlen($bytes), $at + $length)) !== 1) {
                    return false;
                }
                $length = $found[0][1] - $at;
            }
        }

        return false;
    }

    /** ISO base media file format (ISO/IEC 14496-12, 4.2): boxes follow one another, each with its length first; 0 runs to the end. */
    private static function boxesAreWhole(string $bytes): bool
    {
        for ($at = 0; $at + 8 <= strlen($bytes); $at += $length) {
            $length = unpack('N', $bytes, $at)[1] ?? 0;
            if ($length === 1) {
                $length = unpack('J', $bytes, $at + 8)[1] ?? 0;
            }
            if ($length === 0) {
                return true;
            }
            if ($length < 8 || $at + $length > strlen($bytes)) {
                return false;
            }
        }

        return true;
    }
}
