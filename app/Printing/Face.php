<?php

declare(strict_types=1);

namespace App\Printing;

use Imagick;
use ImagickDraw;

/**
 * Which type a run is set in, and how wide that is. What the PDF's own western type has a sign for is set in
 * that; other scripts in faces that ship with the system's fonts.
 */
final class Face
{
    /** For everything that has to name its faces in one list, the first that has a sign goes before the others. */
    public const FAMILIES = 'Liberation Sans, Helvetica, Arial, DejaVu Sans, WenQuanYi Micro Hei, sans-serif';

    /** By script: Debian's fonts-wqy-microhei, fonts-liberation, and fonts-dejavu-core for all others. */
    private const FILES = [
        '/\p{Han}|\p{Hiragana}|\p{Katakana}|\p{Hangul}|\p{Bopomofo}/u' => '/usr/share/fonts/truetype/wqy/wqy-microhei.ttc',
        '/\p{Latin}|\p{Cyrillic}|\p{Greek}|\p{Common}/u' => '/usr/share/fonts/truetype/liberation/LiberationSans-Regular.ttf',
    ];

    private const ANY = '/usr/share/fonts/truetype/dejavu/DejaVuSans.ttf';

    /** Measured at this size, and brought to the one wanted. */
    private const MEASURED = 100;

    /** @var array<string, float> */
    private static array $widths = [];

    /** Whether the PDF's own type has a sign for everything: the code page of western Europe. */
    public static function isWestern(string $words): bool
    {
        return @iconv('UTF-8', 'windows-1252', $words) !== false;
    }

    /** A string in that code page. */
    public static function western(string $words): string
    {
        return (string) iconv('UTF-8', 'windows-1252', $words);
    }

    /** How wide a run in another script is, as a multiple of its size. */
    public static function width(string $words): float
    {
        if (isset(self::$widths[$words])) {
            return self::$widths[$words];
        }
        $wide = 0.0;
        $image = new Imagick;
        $draw = new ImagickDraw;
        $draw->setFontSize(self::MEASURED);
        foreach (self::runs($words) as [$file, $run]) {
            $draw->setFont($file);
            $wide += $image->queryFontMetrics($draw, $run)['textWidth'];
        }

        return self::$widths[$words] = $wide / self::MEASURED;
    }

    /** @return list<array{string, string}> font file and what is set in it, one after another */
    private static function runs(string $words): array
    {
        $runs = [];
        foreach (mb_str_split($words) as $sign) {
            $file = self::file($sign);
            $last = count($runs) - 1;
            $last >= 0 && $runs[$last][0] === $file ? $runs[$last][1] .= $sign : $runs[] = [$file, $sign];
        }

        return $runs;
    }

    private static function file(string $sign): string
    {
        foreach (self::FILES as $script => $file) {
            if (preg_match($script, $sign) === 1 && is_file($file)) {
                return $file;
            }
        }

        return self::ANY;
    }
}
