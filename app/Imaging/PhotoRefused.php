<?php

declare(strict_types=1);

namespace App\Imaging;

use InchLadder\Impossible;

/** A file that cannot be taken as a reference. */
final class PhotoRefused extends Impossible
{
    /** @param  string  $path  as it was given; empty where none was */
    public static function missing(string $path = ''): self
    {
        return $path === '' ? new self('missing') : new self('no such file', ['path' => $path]);
    }

    public static function empty(): self
    {
        return new self('empty');
    }

    public static function tooHeavy(): self
    {
        return new self('too heavy');
    }

    public static function notAPicture(): self
    {
        return new self('not a picture');
    }

    public static function cutShort(): self
    {
        return new self('cut short');
    }

    public static function tooManyPixels(int $wide, int $high): self
    {
        return new self('too many pixels', ['wide' => number_format($wide), 'high' => number_format($high)]);
    }

    public static function tooSmall(int $wide, int $high): self
    {
        return new self('too small', ['wide' => number_format($wide), 'high' => number_format($high)]);
    }

    public static function tooLong(int $wide, int $high): self
    {
        return new self('too long', ['wide' => number_format($wide), 'high' => number_format($high)]);
    }

    public function choice(): string
    {
        return 'photo';
    }
}
