<?php

declare(strict_types=1);

namespace InchLadder\Measure;

use InchLadder\Impossible;

final class LengthUnreadable extends Impossible
{
    public static function text(string $text): self
    {
        return new self('no length', ['text' => mb_strimwidth($text, 0, 40, '…')]);
    }

    public static function nothing(): self
    {
        return new self('missing');
    }

    public static function negative(string $text): self
    {
        return new self('less than nothing', ['text' => mb_strimwidth($text, 0, 40, '…')]);
    }

    public static function tooLong(string $text): self
    {
        return new self('too long', ['text' => mb_strimwidth($text, 0, 40, '…')]);
    }

    public static function dividedByZero(string $text): self
    {
        return new self('divided by nothing', ['text' => mb_strimwidth($text, 0, 40, '…')]);
    }

    /** @param  string  $plain  the text with one comma in it, before three digits */
    public static function thousandsOrDecimals(string $text, string $plain): self
    {
        return new self('two ways', ['text' => mb_strimwidth($text, 0, 40, '…'), 'thousands' => str_replace(',', '', $plain), 'decimals' => str_replace(',', '.', $plain)]);
    }

    public static function halfSaid(string $text): self
    {
        return new self('half said', ['text' => mb_strimwidth($text, 0, 40, '…')]);
    }

    public function choice(): string
    {
        return 'length';
    }
}
