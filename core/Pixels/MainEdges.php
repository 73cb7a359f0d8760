<?php

declare(strict_types=1);

namespace InchLadder\Pixels;

/**
 * The strongest level edges of a picture: rows where lightness changes downwards by
 * most, taken along the whole row. Upright ones are the level ones of the transposed field.
 */
final readonly class MainEdges
{
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
        $typical = max(0.4, array_sum($steps) / count($steps));
        arsort($steps);
        $found = [];
        foreach ($steps as $y => $step) {
            $share = $y / $field->high;
            $clear = $share > Figures::CLEAR_OF_FRAME && $share < 1 - Figures::CLEAR_OF_FRAME && array_filter($found, static fn (array $line): bool => abs($line[0] - $share) < Figures::MAIN_LINES_APART) === [];
            if ($clear && $step / $typical >= Figures::LEVEL_STANDS_OUT) {
                $found[] = [$share, $step / $typical];
            }
            if (count($found) === $most) {
                break;
            }
        }

        return $found;
    }
}
