<?php

declare(strict_types=1);

namespace App\Press\Writers;

use App\Press\Line;
use App\Press\Page;
use App\Press\Picture;
use App\Press\Text;
use App\Press\Writer;

/** SVG 1.1 with one user unit to the millimetre. */
final class SvgWriter implements Writer
{
    public function mime(): string
    {
        return 'image/svg+xml';
    }

    public function write(Page $page): string
    {
        $xml = new \XMLWriter;
        $xml->openMemory();
        $xml->startDocument('1.0', 'UTF-8');
        $this->element($xml, 'svg', [
            'xmlns' => 'http://www.w3.org/2000/svg', 'xmlns:xlink' => 'http://www.w3.org/1999/xlink', 'version' => '1.1',
            'width' => self::number($page->width).'mm', 'height' => self::number($page->height).'mm',
            'viewBox' => '0 0 '.self::number($page->width).' '.self::number($page->height),
        ]);
        $xml->writeElement('title', $page->title);
        foreach ($page->marks as $mark) {
            match (true) {
                $mark instanceof Line => $this->element($xml, 'line', ['x1' => $mark->x1, 'y1' => $mark->y1, 'x2' => $mark->x2, 'y2' => $mark->y2, 'stroke' => $mark->colour, 'stroke-width' => $mark->width]),
                $mark instanceof Picture => $this->element($xml, 'image', ['x' => $mark->x, 'y' => $mark->y, 'width' => $mark->width, 'height' => $mark->height, 'preserveAspectRatio' => 'none', 'xlink:href' => 'data:image/jpeg;base64,'.base64_encode($mark->jpeg)]),
                $mark instanceof Text => $this->element($xml, 'text', ['x' => $mark->x, 'y' => $mark->y, 'font-size' => $mark->size, 'font-family' => 'sans-serif', 'text-anchor' => $mark->anchor->value, 'fill' => $mark->colour], $mark->words),
            };
            $xml->endElement();
        }
        $xml->endElement();

        return $xml->outputMemory();
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
