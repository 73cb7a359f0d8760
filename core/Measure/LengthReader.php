<?php

declare(strict_types=1);

namespace InchLadder\Measure;

/**
 * Reads a length the way people write it: `8.5in`, `8 1/2"`, `8-1/2 in`, `8½`,
 * `1' 6"`, `21 cm`, `210mm`, `2,5 cm`.
 */
final readonly class LengthReader
{
    private const GLYPHS = [
        '½' => '1/2', '⅓' => '1/3', '⅔' => '2/3', '¼' => '1/4', '¾' => '3/4', '⅕' => '1/5', '⅖' => '2/5', '⅗' => '3/5',
        '⅘' => '4/5', '⅙' => '1/6', '⅚' => '5/6', '⅐' => '1/7', '⅛' => '1/8', '⅜' => '3/8', '⅝' => '5/8', '⅞' => '7/8',
    ];

    private const NUMBER = '(?:(?<whole>\d{1,9})[\s-]+)?(?<top>\d{1,9})\/(?<bottom>\d{1,9})|(?<decimal>\d{1,9}(?:\.\d{0,9})?|\.\d{1,9})';

    private const INCH = '(?:in|ins|inch|inches|"|\'\')\.?';

    /** @param  Unit  $bare the unit a number without one is taken to be in */
    public function __construct(private Unit $bare)
    {
    }

    /**
     * A length of zero or more.
     *
     * @throws LengthUnreadable with an example of what can be read
     */
    public function read(string $text): Length
    {
        $plain = $this->plain($text);
        if ($plain === '') {
            throw LengthUnreadable::nothing();
        }
        if (preg_match('/^-\s*[\d.]/', $plain)) {
            throw LengthUnreadable::negative($text);
        }
        if (preg_match('/^(?<feet>\d{1,6})\s*(?:\'|ft|foot|feet)\s*(?:(?:'.self::NUMBER.')\s*'.self::INCH.'?)?$/', $plain, $found, PREG_UNMATCHED_AS_NULL)) {
            return Length::inches(12)->times($found['feet'])->plus(Length::inches($this->number($found, $text)));
        }
        if (preg_match('/^(?:'.self::NUMBER.')\s*(?:(?<inch>'.self::INCH.')|(?<metric>mm|cm|m))?$/', $plain, $found, PREG_UNMATCHED_AS_NULL)) {
            $amount = $this->number($found, $text);

            return match (true) {
                isset($found['inch']) => Length::inches($amount),
                ($found['metric'] ?? null) === 'm' => Length::mm($amount->times(1000)),
                isset($found['metric']) => Length::of($amount, Unit::from($found['metric'])),
                default => Length::of($amount, $this->bare),
            };
        }
        throw LengthUnreadable::text($text);
    }

    /** Two lengths with an × between them: `5x7in`, `21 × 29.7 cm`; a unit at the end serves for both. */
    public function readSize(string $text): Size
    {
        $sides = preg_split('/\s*(?:[x×*]|\bby\b)\s*/iu', trim($text));
        if ($sides === false || count($sides) !== 2) {
            throw LengthUnreadable::text($text);
        }
        $unit = preg_match('/(mm|cm|m|in|inch|inches|")\s*$/iu', $sides[1], $found) ? $found[1] : '';
        $first = preg_match('/[a-z"\']\s*$/iu', $sides[0]) ? $sides[0] : $sides[0].$unit;

        return new Size($this->read($first), $this->read($sides[1]));
    }

    /** One spelling for quotes, signs, spaces, commas and fraction glyphs. */
    private function plain(string $text): string
    {
        $text = mb_strtolower(trim($text));
        foreach (self::GLYPHS as $glyph => $fraction) {
            $text = str_replace($glyph, ' '.$fraction, $text);
        }
        $text = strtr($text, ['″' => '"', '”' => '"', '“' => '"', '′' => "'", '’' => "'", '⁄' => '/', '−' => '-', '–' => '-', "\u{a0}" => ' ', "\u{202f}" => ' ']);
        $text = preg_replace('/(?<=\d),(?=\d)/', '.', $text) ?? $text;

        return trim(preg_replace('/\s+/', ' ', $text) ?? $text);
    }

    /** @param  array<array-key, string|null>  $found */
    private function number(array $found, string $text): Rational
    {
        if (! isset($found['bottom'])) {
            return Rational::of(rtrim($found['decimal'] ?? '0', '.'));
        }
        if (ltrim($found['bottom'], '0') === '') {
            throw LengthUnreadable::dividedByZero($text);
        }

        return Rational::nd((int) $found['top'], (int) $found['bottom'])->plus((int) $found['whole']);
    }
}
