<?php

namespace Tests;

use App\Models\Drawing;
use App\Printing\Format;
use App\Printing\Line;
use App\Printing\Page;
use App\Printing\Pages;
use App\Printing\PrintableSheets;
use App\Printing\PrintOptions;

/** Sheets made and read back. */
final class Sheets
{
    /** @param  array<string, mixed>  $asked */
    public static function leaves(Drawing $drawing, string $kind, array $asked = []): Pages
    {
        return PrintableSheets::named($kind)->pages($drawing, PrintOptions::of($asked, $drawing->plan()->choices->notation->unit));
    }

    /** @param  Page|iterable<Page>  $pages */
    public static function bytes(Format $format, Page|iterable $pages): string
    {
        $to = fopen('php://temp', 'w+');
        $format->writer()->write($pages instanceof Page ? [$pages] : $pages, $to);

        return (string) stream_get_contents($to, null, 0);
    }

    /**
     * The strokes of a page that satisfy a test, as [x1, y1, x2, y2] in mm.
     *
     * @return list<array{float, float, float, float}>
     */
    public static function lines(Page $page, \Closure $which): array
    {
        $lines = array_filter($page->marks, fn ($mark) => $mark instanceof Line && $which($mark));

        return array_values(array_map(fn (Line $line) => [$line->x1, $line->y1, $line->x2, $line->y2], $lines));
    }

    /** All the words of a page, run on. */
    public static function words(Page $page): string
    {
        return implode(' ', array_map(fn ($mark) => $mark->words, array_filter($page->marks, fn ($mark) => $mark instanceof \App\Printing\Text)));
    }
}
