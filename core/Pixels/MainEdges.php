<?php

declare(strict_types=1);

namespace InchLadder\Pixels;

/**
 * The strongest level edges of a picture: rows where lightness changes downwards by
 * most, taken along the whole row. Upright ones are the level ones of the transposed field.
 */
final readonly class MainEdges
{
    /** Two lines nearer than this share of the side are one mass's edge. */
    private const APART = 0.08;

    /** No line is looked for this near the frame. */
    private const FRAME = 0.04;

    /** An edge must stand out from the typical row by this much to be offered. */
    private const STANDS_OUT = 1.6;

    /**
     * @return list<array{float, float}> place as a share of the height, and strength against the typical row; the strongest first
     */
    public static function level(Field $field, int $most): array
    {
        $steps = [];
        for ($y = 1; $y < $field->high; $y++) {
            $up = 0.0;
            for ($x = 0; $x < $field->wide; $x++) {
                $up += $field->at($x, $y) - $field->at($x, $y - 1);
            }
            // Signed, so that texture cancels out and the edge of a mass does not.
            $steps[$y] = abs($up) / $field->wide;
        }
        $typical = max(1.0, array_sum($steps) / count($steps));
        arsort($steps);
        $found = [];
        foreach ($steps as $y => $step) {
            $share = $y / $field->high;
            $clear = $share > self::FRAME && $share < 1 - self::FRAME && array_filter($found, static fn (array $line): bool => abs($line[0] - $share) < self::APART) === [];
            if ($clear && $step / $typical >= self::STANDS_OUT) {
                $found[] = [$share, $step / $typical];
            }
            if (count($found) === $most) {
                break;
            }
        }

        return $found;
    }
}
