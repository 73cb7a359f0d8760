<?php

declare(strict_types=1);

namespace App\Devices;

use App\Imaging\PhotoContours;
use App\Imaging\Vips;
use App\Models\Drawing;
use Imagick;
use ImagickDraw;
use InchLadder\Copying\ContoursInGrid;
use InchLadder\Plan\Comparison;

/**
 * A stand-in for a telephone over the drawing table: draws the reference's contours on the sheet, with mistakes that are
 * known, and photographs it: askew, through a lens that bends, in uneven light, with grain, a little blurred. A seed
 * repeats it to the byte.
 */
final readonly class SimulatedCamera
{
    private const GRAIN = 256;

    private const STEP = 3.0;

    public function __construct(private PhotoContours $contours)
    {
    }

    /**
     * @return array{string, array<string, mixed>} a JPEG, and the truth about it
     *
     * @throws CameraMisset
     */
    public function shoot(Drawing $drawing, Mistakes $mistakes, Exposure $exposure): array
    {
        $photo = $drawing->photo ?? throw CameraMisset::nothingToDraw();
        $sheet = new DrawnSheet($drawing->plan(), $mistakes);
        $layout = $sheet->plan()->layout;
        $pose = $exposure->pose($layout->sheet->width->toFloat(), $layout->sheet->height->toFloat());
        $picture = new Imagick;
        $picture->newImage($pose->wide, $pose->high, 'rgb(92,84,76)');
        $picture->drawImage($this->paper($sheet, $pose));
        $exposure->grid && $picture->drawImage($this->grid($sheet, $pose));
        $contours = $this->contours->inCells($photo, $layout);
        $map = ContoursInGrid::toCrop($contours, $layout);
        $chance = new Chance($exposure->seed, 'hand');
        $lines = [];
        foreach ($contours->all as $contour) {
            $lines[] = [$this->line($sheet, $pose, $contour->x, $contour->y, $map, $chance), min(1.0, $contour->contrast() / 45)];
        }
        $picture->drawImage($this->pencil($lines, $pose, $mistakes->faint, $sheet));

        return [$this->develop($picture, $exposure), [...(new Truth($sheet, $pose))->all(), 'seed' => $exposure->seed]];
    }

    /**
     * A page that lies on a table, photographed.
     *
     * @param  float  $wide  mm
     * @return string a JPEG
     */
    public function photograph(Imagick $page, float $wide, float $high, Exposure $exposure): string
    {
        $pose = $exposure->pose($wide, $high);
        $table = new Imagick;
        [$across, $down] = [$page->getImageWidth(), $page->getImageHeight()];
        [$left, $top] = [intdiv($across, 2), intdiv($down, 2)];
        $table->newImage($across + 2 * $left, $down + 2 * $top, 'rgb(92,84,76)');
        $table->compositeImage($page, Imagick::COMPOSITE_COPY, $left, $top);
        $table->setImageFormat('ppm');
        $source = (string) tempnam(sys_get_temp_dir(), 'inch');
        try {
            $table->writeImage("ppm:{$source}");
            $picture = Vips::mapped($source, static function (float $u, float $v) use ($pose, $wide, $across, $left, $top): array {
                [$x, $y] = $pose->lies($u, $v);

                return [$left + $x * $across / $wide, $top + $y * $across / $wide];
            }, $pose->wide, $pose->high);
        } finally {
            @unlink($source);
        }

        return $this->develop($picture, $exposure);
    }

    private function paper(DrawnSheet $sheet, CameraPose $pose): ImagickDraw
    {
        $draw = new ImagickDraw;
        $draw->setFillColor($sheet->plan()->choices->colour->hex());
        $draw->polygon(self::places($this->rectangle($sheet, $pose, 0, 0, $sheet->plan()->layout->sheet->width->toFloat(), $sheet->plan()->layout->sheet->height->toFloat())));

        return $draw;
    }

    private function grid(DrawnSheet $sheet, CameraPose $pose): ImagickDraw
    {
        $draw = $this->stroke($pose, $sheet, 0.3);
        $draw->setStrokeColor('rgba(80,80,86,0.55)');
        $grid = $sheet->plan()->layout->grid;
        foreach ($grid->columns as $share) {
            $x = $sheet->left + $share->toFloat() * $sheet->wide;
            $draw->polyline(self::places($this->straight($pose, $x, $sheet->top, $x, $sheet->top + $sheet->high)));
        }
        foreach ($grid->rows as $share) {
            $y = $sheet->top + $share->toFloat() * $sheet->high;
            $draw->polyline(self::places($this->straight($pose, $sheet->left, $y, $sheet->left + $sheet->wide, $y)));
        }

        return $draw;
    }

    /**
     * @param  list<array{list<list<array{float, float}>>, float}>  $lines  the pieces of each on the sheet, and how dark it is, 0 to 1
     */
    private function pencil(array $lines, CameraPose $pose, float $faint, DrawnSheet $sheet): ImagickDraw
    {
        $draw = $this->stroke($pose, $sheet, 0.55);
        foreach ($lines as [$pieces, $dark]) {
            $draw->setStrokeColor(sprintf('rgba(52,50,50,%.3F)', (1 - $faint) * (0.55 + 0.45 * $dark)));
            foreach ($pieces as $piece) {
                $draw->polyline(self::places($piece));
            }
        }

        return $draw;
    }

    private function stroke(CameraPose $pose, DrawnSheet $sheet, float $mm): ImagickDraw
    {
        [$x, $y] = $pose->see($sheet->left + $sheet->wide / 2, $sheet->top + $sheet->high / 2);
        [$u, $v] = $pose->see($sheet->left + $sheet->wide / 2 + 1, $sheet->top + $sheet->high / 2);
        $draw = new ImagickDraw;
        $draw->setFillColor('none');
        // A larger sheet is drawn with a broader line.
        $draw->setStrokeWidth($mm * Comparison::stepBack($sheet->plan()) * hypot($u - $x, $v - $y));
        $draw->setStrokeLineCap(Imagick::LINECAP_ROUND);
        $draw->setStrokeLineJoin(Imagick::LINEJOIN_ROUND);

        return $draw;
    }

    /**
     * A contour as it came out, in the pieces of it that lie in the drawing.
     *
     * @param  list<float>  $x  samples of the picture
     * @param  list<float>  $y
     * @param  array{float, float, float, float, float, float}  $map  to shares of the crop
     * @return list<list<array{float, float}>>
     */
    private function line(DrawnSheet $sheet, CameraPose $pose, array $x, array $y, array $map, Chance $chance): array
    {
        [$a, $b, $c, $d, $e, $f] = $map;
        [$pieces, $piece] = [[], []];
        [$waverX, $waverY] = [0.0, 0.0];
        $last = count($x) - 1;
        for ($i = 0; $i <= $last; $i = $i < $last ? (int) min($last, $i + self::STEP) : $last + 1) {
            [$u, $v] = [$a * $x[$i] + $b * $y[$i] + $c, $d * $x[$i] + $e * $y[$i] + $f];
            if ($u < 0 || $v < 0 || $u > 1 || $v > 1) {
                count($piece) > 1 && $pieces[] = $piece;
                $piece = [];

                continue;
            }
            // A hand wavers slowly: each step is mostly the one before.
            if ($sheet->mistakes->wobble > 0) {
                $waverX = 0.97 * $waverX + 0.24 * $sheet->mistakes->wobble * $chance->normal();
                $waverY = 0.97 * $waverY + 0.24 * $sheet->mistakes->wobble * $chance->normal();
            }
            [$mx, $my] = $sheet->cameOut($u, $v);
            $piece[] = $pose->see($mx + $waverX, $my + $waverY);
        }
        count($piece) > 1 && $pieces[] = $piece;

        return $pieces;
    }

    /** @return list<array{float, float}> */
    private function rectangle(DrawnSheet $sheet, CameraPose $pose, float $left, float $top, float $right, float $bottom): array
    {
        return [
            ...$this->straight($pose, $left, $top, $right, $top), ...$this->straight($pose, $right, $top, $right, $bottom),
            ...$this->straight($pose, $right, $bottom, $left, $bottom), ...$this->straight($pose, $left, $bottom, $left, $top),
        ];
    }

    /** @return list<array{float, float}> */
    private function straight(CameraPose $pose, float $x, float $y, float $toX, float $toY): array
    {
        return array_map(static fn (int $i): array => $pose->see($x + $i / 40 * ($toX - $x), $y + $i / 40 * ($toY - $y)), range(0, 40));
    }

    private function develop(Imagick $picture, Exposure $exposure): string
    {
        $chance = new Chance($exposure->seed, 'light');
        [$wide, $high] = [$picture->getImageWidth(), $picture->getImageHeight()];
        $picture->gaussianBlurImage(0, $exposure->blur);
        // Light that falls off to one side, and to the corners.
        [$side, $from] = [$chance->between(0.0, $exposure->uneven), $chance->between(0, 2 * M_PI)];
        $field = [];
        for ($y = 0; $y < 24; $y++) {
            for ($x = 0; $x < 32; $x++) {
                [$u, $v] = [($x - 15.5) / 16, ($y - 11.5) / 12];
                $level = $exposure->light * (1 - $side * (1 + $u * cos($from) + $v * sin($from)) / 2 - 0.25 * $exposure->uneven * ($u * $u + $v * $v) / 2);
                array_push($field, ...array_map(static fn (float $tint): int => (int) max(0, min(255, round(255 * $level * $tint))), $exposure->tint));
            }
        }
        $light = new Imagick;
        $light->newImage(32, 24, 'white');
        $light->importImagePixels(0, 0, 32, 24, 'RGB', Imagick::PIXEL_CHAR, $field);
        $light->resizeImage($wide, $high, Imagick::FILTER_TRIANGLE, 1);
        $exposure->linear ? self::lit($picture, $light) : $picture->compositeImage($light, Imagick::COMPOSITE_MULTIPLY, 0, 0);
        $picture->compositeImage($this->grain($chance, $wide, $high, $exposure->noise), Imagick::COMPOSITE_LINEARLIGHT, 0, 0);
        $picture->setImageFormat('jpeg');
        $picture->setImageCompressionQuality($exposure->quality);
        $exposure->upsideDown && $picture->rotateImage('white', 180);

        return $picture->getImageBlob();
    }

    /** As light does fall: less of it is less of every tone, before the camera makes a picture of it, with some contrast added. */
    private static function lit(Imagick $picture, Imagick $light): void
    {
        $picture->transformImageColorspace(Imagick::COLORSPACE_RGB);
        $light->transformImageColorspace(Imagick::COLORSPACE_RGB);
        $picture->compositeImage($light, Imagick::COMPOSITE_MULTIPLY, 0, 0);
        $picture->transformImageColorspace(Imagick::COLORSPACE_SRGB);
        $picture->sigmoidalContrastImage(true, 1.5, Imagick::getQuantum() / 2);
    }

    private function grain(Chance $chance, int $wide, int $high, float $spread): Imagick
    {
        $tile = new Imagick;
        $tile->newImage(self::GRAIN, self::GRAIN, 'gray50');
        $bytes = $chance->grain(self::GRAIN * self::GRAIN, $spread / 2);
        $tile->importImagePixels(0, 0, self::GRAIN, self::GRAIN, 'I', Imagick::PIXEL_CHAR, array_values((array) unpack('C*', $bytes)));
        $whole = new Imagick;
        $whole->newImage($wide, $high, 'gray50');

        return $whole->textureImage($tile);
    }

    /**
     * @param  list<array{float, float}>  $places
     * @return list<array{x: float, y: float}>
     */
    private static function places(array $places): array
    {
        return array_map(static fn (array $at): array => ['x' => $at[0] - 0.5, 'y' => $at[1] - 0.5], $places);
    }
}
