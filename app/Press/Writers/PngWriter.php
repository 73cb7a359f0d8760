<?php

declare(strict_types=1);

namespace App\Press\Writers;

use App\Press\Anchor;
use App\Press\Line;
use App\Press\Page;
use App\Press\Picture;
use App\Press\Text;
use App\Press\Writer;
use Imagick;
use ImagickDraw;

/** PNG with its resolution recorded, so that it prints at the size it was made for. */
final class PngWriter implements Writer
{
    private const DOTS_PER_INCH = 300;

    /** A wall-sized page gets fewer dots to the inch rather than more pixels than this. */
    private const MOST_PIXELS = 36_000_000;

    public function mime(): string
    {
        return 'image/png';
    }

    public function write(Page $page): string
    {
        // PNG records whole pixels to the metre, so the page is drawn at a whole number of them.
        $perMm = floor(1000 * min(self::DOTS_PER_INCH / 25.4, sqrt(self::MOST_PIXELS / ($page->width * $page->height)))) / 1000;
        $image = new Imagick;
        $image->newImage((int) round($page->width * $perMm), (int) round($page->height * $perMm), 'white');
        // Strokes are gathered and drawn at once: a pass over a wall of pixels for each would take minutes.
        $draw = new ImagickDraw;
        foreach ($page->marks as $mark) {
            match (true) {
                $mark instanceof Picture => $this->picture($image, $mark, $perMm),
                $mark instanceof Line => $this->line($draw, $mark, $perMm),
                $mark instanceof Text => $this->text($draw, $mark, $perMm),
            };
        }
        $image->drawImage($draw);
        $image->setImageFormat('png');
        $image->setOption('png:compression-level', '3');
        $image->setImageUnits(Imagick::RESOLUTION_PIXELSPERCENTIMETER);
        $image->setImageResolution($perMm * 10, $perMm * 10);

        return $image->getImageBlob();
    }

    private function picture(Imagick $image, Picture $picture, float $perMm): void
    {
        $jpeg = new Imagick;
        $jpeg->readImageBlob($picture->jpeg);
        $jpeg->resizeImage((int) round($picture->width * $perMm), (int) round($picture->height * $perMm), Imagick::FILTER_TRIANGLE, 1);
        $image->compositeImage($jpeg, Imagick::COMPOSITE_COPY, (int) round($picture->x * $perMm), (int) round($picture->y * $perMm));
    }

    private function line(ImagickDraw $draw, Line $line, float $perMm): void
    {
        $draw->setStrokeColor($line->colour);
        $draw->setStrokeWidth($line->width * $perMm);
        $draw->line($line->x1 * $perMm, $line->y1 * $perMm, $line->x2 * $perMm, $line->y2 * $perMm);
    }

    private function text(ImagickDraw $draw, Text $text, float $perMm): void
    {
        $draw->setFont(config('inch.sheet_font'));
        $draw->setFontSize($text->size * $perMm);
        $draw->setStrokeColor('none');
        $draw->setFillColor($text->colour);
        $draw->setTextAlignment(match ($text->anchor) {
            Anchor::Start => Imagick::ALIGN_LEFT,
            Anchor::Middle => Imagick::ALIGN_CENTER,
            Anchor::End => Imagick::ALIGN_RIGHT,
        });
        $draw->annotation($text->x * $perMm, $text->y * $perMm, $text->words);
    }
}
