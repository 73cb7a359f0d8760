<?php

declare(strict_types=1);

namespace InchLadder\Measure;

use InchLadder\Impossible;

final class LengthUnreadable extends Impossible
{
    public static function text(string $text): self
    {
        return new self('“'.mb_strimwidth($text, 0, 40, '…').'” is not a length; write it like 8 1/2 in, 21 cm or 210 mm.');
    }

    public static function nothing(): self
    {
        return new self('A length is missing; write it like 8 1/2 in, 21 cm or 210 mm.');
    }

    public static function negative(string $text): self
    {
        return new self('“'.mb_strimwidth($text, 0, 40, '…').'” is less than nothing; a length here starts at 0.');
    }

    public static function dividedByZero(string $text): self
    {
        return new self('“'.mb_strimwidth($text, 0, 40, '…').'” divides by nothing; write a fraction like 8 1/2 in.');
    }

    /** @param  string  $plain  the text with one comma in it, before three digits */
    public static function thousandsOrDecimals(string $text, string $plain): self
    {
        return new self('“'.mb_strimwidth($text, 0, 40, '…').'” can be read two ways; write '.str_replace(',', '', $plain).' or '.str_replace(',', '.', $plain).'.');
    }

    public static function halfSaid(string $text): self
    {
        return new self('“'.mb_strimwidth($text, 0, 40, '…').'” says a unit for one side only; say it for both, like 2 ft x 3 ft 6 in.');
    }

    public function choice(): string
    {
        return 'length';
    }
}
