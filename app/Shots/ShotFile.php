<?php

declare(strict_types=1);

namespace App\Shots;

use App\Imaging\Decoder;
use App\Imaging\PhotoRefused;
use App\Imaging\PhotoStore;
use App\Imaging\ShotPixels;
use App\Models\Photo;

/** The pixels of a shot, from a file or from the store: as many as can be told anything by. */
final readonly class ShotFile
{
    /** Pixels along its longer side; a sheet of A2 is told to a fifth of a millimetre by so many, and more are only waited for. */
    private const SIDE = 4100;

    public function __construct(private Decoder $decoder, private PhotoStore $photos)
    {
    }

    /** @throws PhotoRefused */
    public function pixels(string $path): ShotPixels
    {
        [$kind, $wide, $high] = $this->decoder->inspect($path);

        return ShotPixels::of(max($wide, $high) > self::SIDE ? $this->decoder->decodeSmall($path, $kind, self::SIDE) : $this->decoder->decode($path, $kind), $wide, $high);
    }

    public function ofPhoto(Photo $photo): ShotPixels
    {
        return ShotPixels::of($this->photos->decode($photo, null, self::SIDE), $photo->width, $photo->height);
    }
}
