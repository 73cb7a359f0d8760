<?php

declare(strict_types=1);

namespace App\Devices;

use App\Printing\Page;
use App\Printing\Writers\PngWriter;
use Imagick;
use ImagickDraw;
use InchLadder\Colour\Reflectance;
use InchLadder\Colour\SwatchPage;

/** A printed page of swatches, filled in by a hand that is known. */
final readonly class FilledSwatches
{
    /** Pixels to a mm. */
    private const FINE = 8;

    /**
     * @param  Page  $printed  one page of the sheet
     * @param  array<int, array{Reflectance|null, Reflectance|null}>  $filled  by the box's place on its page: firmly, lightly; null is left empty
     */
    public static function picture(Page $printed, array $filled): Imagick
    {
        $file = fopen('php://temp', 'w+b');
        (new PngWriter)->write([$printed], $file ?: throw CameraMisset::nothingToDraw());
        $picture = new Imagick;
        $picture->readImageBlob((string) stream_get_contents($file, null, 0));
        [$wide, $high] = [$printed->width, $printed->height];
        $picture->resizeImage((int) round(self::FINE * $wide), (int) round(self::FINE * $high), Imagick::FILTER_BOX, 1);
        $picture->transformImageColorspace(Imagick::COLORSPACE_SRGB);
        $page = SwatchPage::on($wide, $high) ?? throw CameraMisset::nothingToDraw();
        $draw = new ImagickDraw;
        foreach ($filled as $place => $pair) {
            foreach ($pair as $lightly => $colour) {
                $colour === null || self::fill($draw, $page->box($place, $lightly === 1), $colour);
            }
        }
        $picture->drawImage($draw);

        return $picture;
    }

    /** @param  array{float, float}  $at */
    private static function fill(ImagickDraw $draw, array $at, Reflectance $colour): void
    {
        $draw->setFillColor($colour->hex());
        $draw->rectangle(self::FINE * ($at[0] + 0.4), self::FINE * ($at[1] + 0.4), self::FINE * ($at[0] + SwatchPage::BOX_WIDE - 0.4), self::FINE * ($at[1] + SwatchPage::BOX_HIGH - 0.4));
    }
}
