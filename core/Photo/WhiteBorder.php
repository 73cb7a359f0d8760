<?php

declare(strict_types=1);

namespace InchLadder\Photo;

use InchLadder\Measure\Rational;
use InchLadder\Pixels\Field;

/**
 * The white border of a scan or of a photographed print: plain paper along the sides, that ends at once along a whole
 * side. A thing before a white ground does not: what is white there ends here and there.
 */
final readonly class WhiteBorder
{
    private const DOUBTFUL = -1;

    /** How far it is found, on each side, as shares; null where there is none, or a side leaves a doubt. */
    public static function in(Field $lightness): ?Border
    {
        // Each side in turn as the top one.
        $across = $lightness->transposed();
        $held = ['top' => $lightness, 'right' => self::upsideDown($across), 'bottom' => self::upsideDown($lightness), 'left' => $across];
        $depths = array_map(self::depth(...), $held);
        ['top' => $top, 'right' => $right, 'bottom' => $bottom, 'left' => $left] = $depths;
        if (in_array(self::DOUBTFUL, $depths, true) || count(array_filter($depths)) < 2) {
            return null;
        }
        foreach ($held as $side => $field) {
            [$before, $after] = in_array($side, ['top', 'bottom'], true) ? [$left, $right] : [$top, $bottom];
            if (! self::endsAtOnce($field, $depths[$side], $before, $after)) {
                return null;
            }
        }
        $share = static fn (int $depth, int $of): Rational => Rational::nd($depth === 0 ? 0 : $depth + 1, $of);
        [$wide, $high] = [$lightness->wide, $lightness->high];

        return Border::of($share($top, $high), $share($right, $wide), $share($bottom, $high), $share($left, $wide));
    }

    /**
     * Rows that are white from side to side, from the top; 0 where there are too few for a border. DOUBTFUL where there are
     * too many, and where the outermost is mostly white and not plainly so.
     */
    private static function depth(Field $field): int
    {
        $row = 0;
        while ($row < $field->high && self::white($field, $row, 0, $field->wide) >= Figures::WHITE_ROW) {
            $row++;
        }

        return match (true) {
            $row === 0 && self::white($field, 0, 0, $field->wide) > Figures::WHITE_BEHIND => self::DOUBTFUL,
            $row < Figures::LEAST_BORDER * $field->high => 0,
            $row > Figures::MOST_BORDER * $field->high => self::DOUBTFUL,
            default => $row,
        };
    }

    /** Whether the border along the top ends at once, between those at its ends. */
    private static function endsAtOnce(Field $field, int $depth, int $before, int $after): bool
    {
        $behind = min($field->high - 1, $depth + Figures::BORDER_ENDS_WITHIN);

        return $depth === 0 || self::white($field, $behind, $before, $field->wide - $after) <= Figures::WHITE_BEHIND;
    }

    /** Share of a row, from one place to before another, that is white. */
    private static function white(Field $field, int $row, int $from, int $to): float
    {
        $white = 0;
        for ($x = $from; $x < $to; $x++) {
            $white += $field->at($x, $row) >= Figures::WHITE ? 1 : 0;
        }

        return $white / max(1, $to - $from);
    }

    private static function upsideDown(Field $field): Field
    {
        return new Field($field->wide, $field->high, array_merge(...array_reverse(array_chunk($field->all(), max(1, $field->wide)))));
    }
}
