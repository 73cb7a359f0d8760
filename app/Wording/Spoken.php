<?php

declare(strict_types=1);

namespace App\Wording;

use InchLadder\Measure\Fractions;
use InchLadder\Measure\Length;
use InchLadder\Measure\LengthReader;
use InchLadder\Measure\Unit;

/** A length as it is called out: `2 and 5 sixteenths inches`, so that a voice does not read a bar as "slash". */
final class Spoken
{
    private const PARTS = [3 => ['third', 'thirds'], 5 => ['fifth', 'fifths'], 6 => ['sixth', 'sixths'], 7 => ['seventh', 'sevenths'], 9 => ['ninth', 'ninths'], 10 => ['tenth', 'tenths'], 2 => ['half', 'halves'], 4 => ['quarter', 'quarters'], 8 => ['eighth', 'eighths'], 16 => ['sixteenth', 'sixteenths'], 32 => ['thirty-second', 'thirty-seconds'], 64 => ['sixty-fourth', 'sixty-fourths']];

    private const UNITS = ['in' => ['inch', 'inches'], 'cm' => ['centimetre', 'centimetres'], 'mm' => ['millimetre', 'millimetres']];

    /** A sentence with its lengths and fractions in words: `past 2/5` is `past 2 fifths`. */
    public static function aloud(string $sentence): string
    {
        $lengths = (string) preg_replace_callback('~(?<![\d./])(\d+(?:\.\d+)?|(?:\d+ )?\d+/\d+) (in|cm|mm)\b~', static fn (array $found): string => self::of((new LengthReader(Unit::from($found[2])))->read($found[0]), Unit::from($found[2])), $sentence);
        $fractions = (string) preg_replace_callback('~\b(\d+)/(\d+)\b~', static fn (array $found): string => self::fraction((int) $found[1], (int) $found[2]), $lengths);

        return strtr($fractions, ['≈' => 'about', '°' => ' degrees', '%' => 'per cent']);
    }

    private static function fraction(int $top, int $bottom): string
    {
        $names = self::PARTS[$bottom] ?? null;

        return $names === null ? "{$top} over {$bottom}" : "{$top} ".$names[$top === 1 ? 0 : 1];
    }

    /** A reading on a ruler, with its unit. */
    public static function of(Length $reading, Unit $unit): string
    {
        $amount = $reading->in($unit);
        [$one, $many] = self::UNITS[$unit->value];
        if ($unit->isMetric()) {
            return str_replace('.', ' point ', Fractions::decimal($amount)).' '.($amount->isEqualTo(1) ? $one : $many);
        }
        [$whole, $rest] = $amount->split();
        if ($rest->isZero()) {
            return "{$whole} ".($whole === 1 ? $one : $many);
        }
        [$top, $bottom] = array_map(intval(...), explode('/', (string) $rest));
        $names = self::PARTS[$bottom] ?? null;
        $part = match (true) {
            $names === null => "{$top} over {$bottom}",
            $top === 1 => ($whole === 0 || $bottom === 2 ? ($bottom === 8 ? 'an' : 'a') : 'one').' '.$names[0],
            default => "{$top} {$names[1]}",
        };

        return $whole === 0 ? "{$part} of an inch" : "{$whole} and {$part} inches";
    }
}
