<?php

declare(strict_types=1);

namespace App\Printing\Writers;

use App\Printing\Element;
use App\Printing\Fill;
use App\Printing\Line;
use App\Printing\Page;
use App\Printing\Picture;
use App\Printing\Rectangle;
use App\Printing\Text;
use App\Printing\Type;
use Imagick;
use ImagickDraw;

/** PNG with its resolution recorded, so that it prints at the size it was made for. */
final class PngWriter extends PageWriter
{
    private const DOTS_PER_INCH = 300;

    /** A wall-sized page gets fewer dots to the inch rather than more pixels than this. */
    private const MOST_PIXELS = 36_000_000;

    private ?Imagick $metrics = null;

    public function mime(): string
    {
        return 'image/png';
    }

    protected function page(Page $page): string
    {
        // PNG records whole pixels to the metre, so the page is drawn at a whole number of them.
        $perMm = floor(1000 * min(self::DOTS_PER_INCH / 25.4, sqrt(self::MOST_PIXELS / ($page->width * $page->height)))) / 1000;
        $image = new Imagick;
        $image->newImage((int) round($page->width * $perMm), (int) round($page->height * $perMm), 'white');
        // Strokes are gathered and drawn at once: a pass over a wall of pixels for each would take minutes.
        $draw = new ImagickDraw;
        $foreign = false;
        foreach ($page->marks as $mark) {
            match (true) {
                $mark instanceof Picture => $this->picture($image, $mark, $perMm),
                Scripts::isForeign($mark) => $foreign = true,
                default => $this->mark($draw, $mark, $perMm),
            };
        }
        $image->drawImage($draw);
        if ($foreign) {
            $over = new Imagick;
            $over->readImageBlob(Scripts::png(Scripts::svg($page), $image->getImageWidth(), $image->getImageHeight()));
            $image->compositeImage($over, Imagick::COMPOSITE_OVER, 0, 0);
        }
        $image->setImageFormat('png');
        $image->setOption('png:compression-level', '3');
        $image->setImageUnits(Imagick::RESOLUTION_PIXELSPERCENTIMETER);
        $image->setImageResolution($perMm * 10, $perMm * 10);

        return $image->getImageBlob();
    }

    private function mark(ImagickDraw $draw, Element $mark, float $perMm): void
    {
        match (true) {
            $mark instanceof Line => $this->line($draw, $mark, $perMm),
            $mark instanceof Text => $this->text($draw, $mark, $perMm),
            $mark instanceof Fill => $this->fill($draw, $mark->place, $mark->colour, $perMm),
            default => throw new \LogicException('There is no way to draw '.$mark::class.'.'),
        };
    }

    private function picture(Imagick $image, Picture $picture, float $perMm): void
    {
        $jpeg = new Imagick;
        $jpeg->readImageBlob($picture->jpeg);
        $shown = $picture->box();
        $part = $shown->of($picture->place)->in(new Rectangle(0, 0, $jpeg->getImageWidth(), $jpeg->getImageHeight()));
        [$wide, $high] = [max(1, (int) round($shown->width * $perMm)), max(1, (int) round($shown->height * $perMm))];
        // What shows is drawn anew from its true place between the pixels.
        $jpeg->setImageVirtualPixelMethod(Imagick::VIRTUALPIXELMETHOD_EDGE);
        if ($picture->window === null) {
            $jpeg->resizeImage($wide, $high, Imagick::FILTER_TRIANGLE, 1);
        } else {
            $jpeg->setImageArtifact('distort:viewport', "{$wide}x{$high}+0+0");
            $jpeg->distortImage(Imagick::DISTORTION_AFFINEPROJECTION, [$wide / $part->width, 0, 0, $high / $part->height, -$part->x * $wide / $part->width, -$part->y * $high / $part->height], false);
            $jpeg->setImagePage(0, 0, 0, 0);
        }
        $image->compositeImage($jpeg, Imagick::COMPOSITE_COPY, (int) round($shown->x * $perMm), (int) round($shown->y * $perMm));
    }

    private function line(ImagickDraw $draw, Line $line, float $perMm): void
    {
        $draw->push();
        $draw->setFillColor('none');
        $draw->setStrokeColor($line->colour);
        $draw->setStrokeWidth($line->width * $perMm);
        $pattern = array_map(static fn (float $mm): float => $mm * $perMm, $line->dash->pattern());
        $pattern === [] || $draw->setStrokeDashArray($pattern);
        $draw->line($line->x1 * $perMm, $line->y1 * $perMm, $line->x2 * $perMm, $line->y2 * $perMm);
        $draw->pop();
    }

    private function fill(ImagickDraw $draw, Rectangle $box, string $colour, float $perMm): void
    {
        $draw->setStrokeColor('none');
        $draw->setFillColor($colour);
        $draw->rectangle($box->x * $perMm, $box->y * $perMm, $box->right() * $perMm, $box->bottom() * $perMm);
    }

    private function text(ImagickDraw $draw, Text $text, float $perMm): void
    {
        $draw->setFont(config($text->strong ? 'inch.sheet_font_strong' : 'inch.sheet_font'));
        $draw->setFontSize($text->size * $perMm);
        $draw->setStrokeColor('none');
        $draw->setFillColor($text->colour);
        // Letters are set on whole pixels, and a long line would outgrow the width it was measured with: the difference is shared out.
        $draw->setTextKerning(0);
        $set = ($this->metrics ??= new Imagick)->queryFontMetrics($draw, $text->words)['textWidth'];
        $draw->setTextKerning((Type::width($text->words, $text->size, $text->strong) * $perMm - $set) / max(1, mb_strlen($text->words)));
        $draw->annotation($text->x * $perMm, $text->y * $perMm, $text->words);
    }
}
