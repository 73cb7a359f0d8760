<?php

namespace Tests;

use Smalot\PdfParser\Parser;

/** Reads back what a PDF draws. */
final class Pdf
{
    /** @return array{float, float} width and height in points */
    public static function paper(string $pdf): array
    {
        preg_match('/MediaBox \[0 0 ([\d.]+) ([\d.]+)\]/', $pdf, $found);

        return [(float) $found[1], (float) $found[2]];
    }

    /**
     * The strokes of a PDF as it draws them, read back from its content stream: mm from the top left.
     *
     * @return list<array{float, float, float, float}>
     */
    public static function strokes(string $pdf): array
    {
        $document = (new Parser)->parseContent($pdf);
        $height = self::paper($pdf)[1];
        $content = $document->getPages()[0]->get('Contents')->getContent();
        preg_match_all('/(-?[\d.]+) (-?[\d.]+) m (-?[\d.]+) (-?[\d.]+) l S/', $content, $found, PREG_SET_ORDER);
        $mm = 25.4 / 72;

        return array_map(fn (array $l) => [$l[1] * $mm, ($height - $l[2]) * $mm, $l[3] * $mm, ($height - $l[4]) * $mm], $found);
    }

    /**
     * Distances of the upright and of the level lines of the grid from the first, in mm.
     *
     * @param  list<array{float, float, float, float}>  $strokes
     * @return array{list<float>, list<float>}
     */
    public static function ruled(array $strokes, float $longerThan): array
    {
        $upright = $level = [];
        foreach ($strokes as [$x1, $y1, $x2, $y2]) {
            if (hypot($x2 - $x1, $y2 - $y1) > $longerThan) {
                abs($x1 - $x2) < 0.01 ? $upright[] = round($x1, 3) : $level[] = round($y1, 3);
            }
        }
        $from = function (array $places): array {
            $places = array_values(array_unique(array_map(strval(...), $places)));
            sort($places, SORT_NUMERIC);

            return array_map(fn ($place) => (float) $place - (float) $places[0], $places);
        };

        return [$from($upright), $from($level)];
    }
}
