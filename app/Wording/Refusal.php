<?php

declare(strict_types=1);

namespace App\Wording;

use App\Exceptions\StorageFailed;
use InchLadder\Impossible;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Length;
use InchLadder\Measure\Size;
use InchLadder\Measure\Unit;

/** What cannot be, in one plain sentence: what was wrong, the limit, and what would work. */
final class Refusal
{
    /** @param  Unit|null  $unit  that the artist works in; null where that is not known, and inches come first */
    public static function of(Impossible|StorageFailed $refused, ?Unit $unit = null): string
    {
        $facts = [];
        foreach ($refused->facts as $name => $fact) {
            $facts += self::fact($name, $fact, $unit?->isMetric() ?? false);
        }

        return Say::it('impossible.'.class_basename($refused).".{$refused->reason}", $facts);
    }

    /**
     * A length in both units, the artist's own first; `:name_mm` and `:name_cm` for one alone.
     *
     * @return array<string, string|int>
     */
    private static function fact(string $name, mixed $fact, bool $metric): array
    {
        $in = static fn (Length $length, Unit $unit): string => Fractions::places($length->in($unit), $unit->isMetric() ? 1 : 2);
        $size = static fn (Size $size, Unit $unit): string => "{$in($size->width, $unit)} × {$in($size->height, $unit)} {$unit->value}";

        return match (true) {
            $fact instanceof Length => [
                $name => $metric ? "{$in($fact, Unit::Centimetre)} cm ({$in($fact, Unit::Inch)} in)" : "{$in($fact, Unit::Inch)} in ({$in($fact, Unit::Centimetre)} cm)",
                "{$name}_mm" => $in($fact, Unit::Millimetre), "{$name}_cm" => $in($fact, Unit::Centimetre),
            ],
            $fact instanceof Size => [$name => $metric ? "{$size($fact, Unit::Centimetre)} ({$size($fact, Unit::Inch)})" : "{$size($fact, Unit::Inch)} ({$size($fact, Unit::Centimetre)})"],
            is_array($fact) => [$name => Say::either(array_values(array_filter($fact, is_string(...))))],
            is_float($fact) => [$name => (string) round($fact, 1)],
            default => [$name => is_int($fact) || is_string($fact) ? $fact : ''],
        };
    }
}
