<?php

declare(strict_types=1);

namespace InchLadder\Layout;

/** Places on the picture as a document keeps them: shares of its sides, to six digits, `0.25 0.5, 0.3 0.625`. */
final class Places
{
    private const DIGITS = 6;

    /** @return list<array{float, float}>|null null when the text is none, or has more than so many */
    public static function read(string $text, int $most): ?array
    {
        $number = '-?\d{1,2}(?:\.\d{1,6})?';
        if ($text === '') {
            return [];
        }
        if (preg_match("/^{$number} {$number}(?:, {$number} {$number}){0,".($most - 1).'}$/D', $text) !== 1) {
            return null;
        }

        return array_map(static function (string $pair): array {
            [$x, $y] = explode(' ', $pair);

            return [(float) $x, (float) $y];
        }, explode(', ', $text));
    }

    /** @param  list<array{float, float}>  $places */
    public static function write(array $places): string
    {
        $number = static fn (float $number): string => rtrim(rtrim(number_format($number, self::DIGITS, '.', ''), '0'), '.') ?: '0';

        return implode(', ', array_map(static fn (array $at): string => $number($at[0]).' '.$number($at[1]), $places));
    }
}
