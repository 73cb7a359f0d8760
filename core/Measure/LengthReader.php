<?php

declare(strict_types=1);

namespace InchLadder\Measure;

/**
 * Reads a length the way people write it: `8.5in`, `8 1/2"`, `8-1/2 in.`, `8½`,
 * `1' 6"`, `2½ ft`, `21 cm`, `210mm`, `2,5 cm`, `1,200.5 mm`.
 *
 * A comma before exactly three digits can part thousands or decimals; such a text is
 * asked about, never guessed at.
 */
final readonly class LengthReader
{
    private const GLYPHS = [
        '½' => '1/2', '⅓' => '1/3', '⅔' => '2/3', '¼' => '1/4', '¾' => '3/4', '⅕' => '1/5', '⅖' => '2/5', '⅗' => '3/5', '⅘' => '4/5', '⅙' => '1/6',
        '⅚' => '5/6', '⅐' => '1/7', '⅛' => '1/8', '⅜' => '3/8', '⅝' => '5/8', '⅞' => '7/8', '⅑' => '1/9', '⅒' => '1/10',
    ];

    private const MARKS = ['″' => '"', '”' => '"', '“' => '"', '„' => '"', '′' => "'", '’' => "'", '‘' => "'", '⁄' => '/', '−' => '-', '–' => '-', "\u{a0}" => ' ', "\u{202f}" => ' ', "\u{2009}" => ' '];

    private const NUMBER = '(?:(?<whole>\d{1,9})[\s-]+)?(?<top>\d{1,18})\/(?<bottom>\d{1,18})|(?<decimal>\d{1,18}(?:\.\d{0,9})?|\.\d{1,9})';

    private const INCH = '(?:in|ins|inch|inches|"|\'\')\.?';

    private const FOOT = '(?:\'|(?:ft|foot|feet)\.?)';

    private const METRIC = '(?:(?<mm>mms?|millimet(?:er|re)s?)|(?<cm>cms?|centimet(?:er|re)s?)|(?<m>m|met(?:er|re)s?))\.?';

    /** Millimetres: a kilometre, fifty times the longest side of a sheet (ours). What is longer has more digits than can be written back. */
    private const LONGEST = 1_000_000;

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
        return $this->typed($text)->length;
    }

    /**
     * As read, with whether a unit was said.
     *
     * @throws LengthUnreadable
     */
    public function typed(string $text): TypedLength
    {
        $plain = $this->plain($text);
        if ($plain === '') {
            throw LengthUnreadable::nothing();
        }
        if (preg_match('/^-\s*[\d.]/', $plain)) {
            throw LengthUnreadable::negative($text);
        }
        if (preg_match('/^(?<feet>\d{1,6})\s*'.self::FOOT.'\s*(?:'.self::NUMBER.')\s*'.self::INCH.'?$/', $plain, $found, PREG_UNMATCHED_AS_NULL)) {
            return self::bounded(new TypedLength(Length::inches(12)->times($found['feet'])->plus(Length::inches($this->number($found, $text))), Unit::Inch, null), $text);
        }
        if (! preg_match('/^(?:'.self::NUMBER.')\s*(?:(?<inch>'.self::INCH.')|(?<foot>'.self::FOOT.')|'.self::METRIC.')?$/', $plain, $found, PREG_UNMATCHED_AS_NULL)) {
            throw LengthUnreadable::text($text);
        }
        [$said, $each] = match (true) {
            isset($found['inch']) => [Unit::Inch, Length::inches(1)],
            isset($found['foot']) => [Unit::Inch, Length::inches(12)],
            isset($found['mm']) => [Unit::Millimetre, Length::mm(1)],
            isset($found['cm']) => [Unit::Centimetre, Length::mm(10)],
            isset($found['m']) => [Unit::Centimetre, Length::mm(1000)],
            default => [null, null],
        };

        return self::bounded(new TypedLength(($each ?? Length::of(1, $this->bare))->times($this->number($found, $text)), $said, $each), $text);
    }

    /**
     * Two lengths with an × between them: `5x7in`, `21 × 29.7 cm`. A unit said once, before or after, serves for both.
     *
     * @throws LengthUnreadable
     */
    public function readSize(string $text): Size
    {
        return new Size(...array_map(static fn (TypedLength $side): Length => $side->length, $this->typedSize($text)));
    }

    /**
     * As readSize, each side with the unit it was said in.
     *
     * @return array{TypedLength, TypedLength} width, height
     *
     * @throws LengthUnreadable
     */
    public function typedSize(string $text): array
    {
        $sides = preg_split('/\s*(?:[x×*]|\bby\b)\s*/iu', trim($text));
        if ($sides === false || count($sides) !== 2) {
            throw LengthUnreadable::text($text);
        }
        [$width, $height] = [$this->typed($sides[0]), $this->typed($sides[1])];

        return [$this->sharing($width, $height, $text), $this->sharing($height, $width, $text)];
    }

    /** A bare side takes the unit its fellow was said in. */
    private function sharing(TypedLength $side, TypedLength $fellow, string $text): TypedLength
    {
        if ($side->said !== null || $fellow->said === null) {
            return $side;
        }
        $each = $fellow->each ?? throw LengthUnreadable::halfSaid($text);

        return new TypedLength($each->times($side->length->in($this->bare)), $fellow->said, $each);
    }

    /** @throws LengthUnreadable */
    private static function bounded(TypedLength $typed, string $text): TypedLength
    {
        return $typed->length->isLongerThan(Length::mm(self::LONGEST)) ? throw LengthUnreadable::tooLong($text) : $typed;
    }

    /** One spelling for digits, quotes, signs, spaces, commas and fraction glyphs. */
    private function plain(string $text): string
    {
        // Most of what is read was written here, and is plain already.
        if (preg_match('~^[\d ./]{1,40}(?:in|cm|mm)?$~D', $text) === 1) {
            return trim($text);
        }
        $plain = mb_strtolower(trim(mb_convert_kana(mb_scrub($text), 'as')));
        foreach (self::GLYPHS as $glyph => $fraction) {
            $plain = str_replace($glyph, ' '.$fraction, $plain);
        }
        $plain = trim((string) preg_replace('/\s+/', ' ', strtr($plain, self::MARKS)));

        return match (1) {
            // Only thousands come in groups, or before a point.
            preg_match('/^\d{1,3}(?:,\d{3})+\.\d/', $plain), preg_match('/^\d{1,3}(?:,\d{3}){2,}(?![\d,])/', $plain) => str_replace(',', '', $plain),
            preg_match('/^\d{1,3}(?:\.\d{3})+,\d/', $plain) => strtr($plain, ['.' => '', ',' => '.']),
            preg_match('/^[1-9]\d{0,2},\d{3}(?![\d,])/', $plain) => throw LengthUnreadable::thousandsOrDecimals($text, $plain),
            default => preg_replace('/(?<=\d),(?=\d)/', '.', $plain) ?? $plain,
        };
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
