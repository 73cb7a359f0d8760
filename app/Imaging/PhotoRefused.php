<?php

declare(strict_types=1);

namespace App\Imaging;

use InchLadder\Impossible;

/** A file that cannot be taken as a reference. */
final class PhotoRefused extends Impossible
{
    public static function missing(): self
    {
        return new self('No photo came with this; choose a JPEG, PNG, WebP or HEIC file.');
    }

    public static function empty(): self
    {
        return new self('This file is empty (0 bytes); choose the photo again, or copy it anew from where it came.');
    }

    public static function tooHeavy(): self
    {
        return new self('This file is larger than 64 MB; save the photo as a JPEG of good quality, and it will fit.');
    }

    public static function notAPicture(): self
    {
        return new self('This file is not a picture that can be read here; choose a JPEG, PNG, WebP or HEIC photo.');
    }

    public static function cutShort(): self
    {
        return new self('This photo is cut short: its end is missing. Copy it again from the camera or phone, and drop it anew.');
    }

    public static function tooManyPixels(int $wide, int $high): self
    {
        return new self(sprintf('This picture unfolds to %s × %s pixels; the limit is 120 megapixels, so save a smaller copy.', number_format($wide), number_format($high)));
    }

    public static function tooSmall(int $wide, int $high): self
    {
        return new self(sprintf('This picture is %s × %s %s; it needs at least 64 on its shorter side to be copied from.', number_format($wide), number_format($high), $wide * $high === 1 ? 'pixel' : 'pixels'));
    }

    public static function tooLong(int $wide, int $high): self
    {
        return new self(sprintf('This picture is %s × %s pixels; the limit is 30,000 on the longer side, so crop or shrink it first.', number_format($wide), number_format($high)));
    }

    public function choice(): string
    {
        return 'photo';
    }
}
