<?php

declare(strict_types=1);

namespace App\Imaging;

/** The picture formats taken in, told by content and never by name. */
enum Kind: string
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
     * JPEG (ITU-T T.81, B.1): after the last scan stands the end marker FF D9. The
     * segments before the first scan are stepped over, since a thumbnail in them has
     * an end marker of its own.
     */
    private static function jpegIsWhole(string $bytes): bool
    {
        $at = 2;
        while (($bytes[$at] ?? '') === "\xFF" && isset($bytes[$at + 3])) {
            if ($bytes[$at + 1] === "\xDA") {
                return strpos($bytes, "\xFF\xD9", $at) !== false;
            }
            $at += $bytes[$at + 1] === "\xFF" ? 1 : 2 + (unpack('n', $bytes, $at + 2)[1] ?? 0);
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
