<?php

declare(strict_types=1);

namespace App\Printing\Writers;

use App\Printing\Dash;
use App\Printing\Element;
use App\Printing\Face;
use App\Printing\Fill;
use App\Printing\Line;
use App\Printing\Page;
use App\Printing\Picture;
use App\Printing\Text;

/** SVG 1.1 with one user unit to the millimetre. */
final class SvgWriter extends PageWriter
{
    public function mime(): string
    {
        return 'image/svg+xml';
    }

    public static function of(Page $page): string
    {
        return (new self)->page($page);
    }

    protected function page(Page $page): string
    {
        $xml = new \XMLWriter;
        $xml->openMemory();
        $xml->startDocument('1.0', 'UTF-8');
        $this->element($xml, 'svg', [
            'xmlns' => 'http://www.w3.org/2000/svg', 'xmlns:xlink' => 'http://www.w3.org/1999/xlink', 'version' => '1.1',
            'width' => self::number($page->width).'mm', 'height' => self::number($page->height).'mm',
            'viewBox' => '0 0 '.self::number($page->width).' '.self::number($page->height),
            'font-family' => Face::FAMILIES,
        ]);
        $xml->writeElement('title', $page->title);
        foreach ($page->marks as $mark) {
            $this->mark($xml, $mark);
        }
        $xml->endElement();

        return $xml->outputMemory();
    }

    private function mark(\XMLWriter $xml, Element $mark): void
    {
        match (true) {
            $mark instanceof Line => $this->element($xml, 'line', [
                'x1' => $mark->x1, 'y1' => $mark->y1, 'x2' => $mark->x2, 'y2' => $mark->y2, 'stroke' => $mark->colour, 'stroke-width' => $mark->width,
                ...$mark->dash === Dash::None ? [] : ['stroke-dasharray' => implode(' ', $mark->dash->pattern())],
            ]),
            $mark instanceof Fill => $this->element($xml, 'rect', ['x' => $mark->place->x, 'y' => $mark->place->y, 'width' => $mark->place->width, 'height' => $mark->place->height, 'fill' => $mark->colour]),
            $mark instanceof Picture => $this->picture($xml, $mark),
            $mark instanceof Text => $this->element($xml, 'text', [
                'x' => $mark->x, 'y' => $mark->y, 'font-size' => $mark->size, 'fill' => $mark->colour,
                'textLength' => $mark->width(), 'lengthAdjust' => 'spacingAndGlyphs', ...$mark->strong ? ['font-weight' => 'bold'] : [],
            ], $mark->words),
            default => throw new \LogicException('There is no way to draw '.$mark::class.'.'),
        };
        $xml->endElement();
    }

    /** A window is an svg within the svg: what lies outside it is not shown. */
    private function picture(\XMLWriter $xml, Picture $picture): void
    {
        $window = $picture->window;
        if ($window !== null) {
            $this->element($xml, 'svg', ['x' => $window->x, 'y' => $window->y, 'width' => $window->width, 'height' => $window->height, 'viewBox' => implode(' ', array_map(self::number(...), [$window->x, $window->y, $window->width, $window->height]))]);
        }
        $this->element($xml, 'image', [
            'x' => $picture->place->x, 'y' => $picture->place->y, 'width' => $picture->place->width, 'height' => $picture->place->height,
            'preserveAspectRatio' => 'none', 'xlink:href' => 'data:image/jpeg;base64,'.base64_encode($picture->jpeg),
        ]);
        if ($window !== null) {
            $xml->endElement();
        }
    }

    /** @param  array<string, string|float>  $attributes */
    private function element(\XMLWriter $xml, string $name, array $attributes, string $words = ''): void
    {
        $xml->startElement($name);
        foreach ($attributes as $attribute => $value) {
            $xml->writeAttribute($attribute, is_float($value) ? self::number($value) : $value);
        }
        $xml->text($words);
    }

    /** A ten-thousandth of a millimetre is finer than any printer. */
    private static function number(float $value): string
    {
        return rtrim(rtrim(number_format($value, 4, '.', ''), '0'), '.');
    }
}
