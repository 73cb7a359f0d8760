<?php

declare(strict_types=1);

namespace App\Printing;

/** Sets a line of type: how wide it is, and fractions as fractions. */
final class Type
{
    /** Size of a fraction's figures, and how far the upper one is raised, as shares of the type's size. */
    private const FIGURE = 0.68;

    private const RAISED = 0.26;

    private static ?\FPDF $metrics = null;

    /** Millimetres, in the type the sheets are set in. */
    public static function width(string $words, float $size, bool $strong = false): float
    {
        if (! Face::isWestern($words)) {
            return $size * Face::width($words);
        }
        self::$metrics ??= new \FPDF('P', 'mm');
        self::$metrics->SetFont('Helvetica', $strong ? 'B' : '', $size * 72 / 25.4);

        return self::$metrics->GetStringWidth(Face::western($words));
    }

    /**
     * A line as runs of type; `3/16` becomes a raised 3, a bar and a 16.
     *
     * @return list<Text>
     */
    public static function line(float $x, float $y, string $words, float $size, Anchor $anchor = Anchor::Start, bool $strong = false, string $colour = '#22201d'): array
    {
        $runs = [];
        $at = $x;
        $set = static function (string $words, float $size, float $up = 0.0) use (&$runs, &$at, $y, $strong, $colour): void {
            if ($words !== '') {
                $runs[] = new Text($at, $y - $up, $words, $size, $strong, $colour);
                $at += self::width($words, $size, $strong);
            }
        };
        foreach (preg_split('~((?<![\d/.,])\d{1,3}/\d{1,3}(?![\d/]))~', $words, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [] as $i => $part) {
            if ($i % 2 === 0) {
                // The space between a whole number and its fraction is a thin one.
                $thin = preg_match('/\d $/D', $part) === 1;
                $set($thin ? substr($part, 0, -1) : $part, $size);
                $at += $thin ? 0.14 * $size : 0;

                continue;
            }
            [$top, $bottom] = explode('/', $part);
            $set($top, self::FIGURE * $size, self::RAISED * $size);
            $set('/', 0.85 * $size);
            $set($bottom, self::FIGURE * $size);
        }
        $back = match ($anchor) {
            Anchor::Start => 0.0,
            Anchor::Middle => ($at - $x) / 2,
            Anchor::End => $at - $x,
        };

        return $back === 0.0 ? $runs : array_map(static fn (Text $run): Text => $run->movedBy(-$back, 0), $runs);
    }

    /** A line that ends in … where it would be wider than so much. */
    public static function shorten(string $words, float $width, float $size, bool $strong = false): string
    {
        while (self::width($words, $size, $strong) > $width && $words !== '…') {
            $words = mb_substr(rtrim($words, '…'), 0, -1).'…';
        }

        return $words;
    }

    /**
     * Words broken into lines no wider than so much.
     *
     * @return list<string>
     */
    public static function wrap(string $words, float $width, float $size): array
    {
        $lines = [''];
        foreach (explode(' ', $words) as $word) {
            $longer = ltrim(end($lines).' '.$word);
            if (self::width($longer, $size) <= $width || end($lines) === '') {
                $lines[array_key_last($lines)] = $longer;
            } else {
                $lines[] = $word;
            }
        }

        return $lines;
    }
}
