<?php

declare(strict_types=1);

namespace InchLadder\Tone;

use InchLadder\Pixels\Field;

/** The lightest place of a picture, and its darkest ones in their order, each a patch the size of a fingertip rather than a speck. */
final class Spots
{
    /** Patches along each side. */
    private const PATCHES = 24;

    /** Two darks nearer than this many patches are one. */
    private const APART = 4;

    private const MOST_DARKS = 3;

    /**
     * @param  Field  $picture  L*, at least one sample a patch
     * @return array{light: Spot, darks: list<Spot>} the darkest first
     */
    public static function of(Field $picture): array
    {
        $spots = [];
        for ($row = 0; $row < self::PATCHES; $row++) {
            for ($column = 0; $column < self::PATCHES; $column++) {
                $spots[] = new Spot(($column + 0.5) / self::PATCHES, ($row + 0.5) / self::PATCHES, self::mean($picture, $column, $row));
            }
        }
        // Of many that are equally light, the first from the top left.
        $light = array_reduce($spots, static fn (Spot $best, Spot $spot): Spot => $spot->lightness > $best->lightness ? $spot : $best, $spots[0]);
        usort($spots, static fn (Spot $a, Spot $b): int => $a->lightness <=> $b->lightness);
        $darks = [];
        foreach ($spots as $spot) {
            $clear = array_filter($darks, static fn (Spot $dark): bool => max(abs($dark->x - $spot->x), abs($dark->y - $spot->y)) * self::PATCHES < self::APART) === [];
            if ($clear && count($darks) < self::MOST_DARKS) {
                $darks[] = $spot;
            }
        }

        return ['light' => $light, 'darks' => $darks];
    }

    private static function mean(Field $picture, int $column, int $row): float
    {
        [$left, $right] = [intdiv($column * $picture->wide, self::PATCHES), intdiv(($column + 1) * $picture->wide, self::PATCHES)];
        [$top, $bottom] = [intdiv($row * $picture->high, self::PATCHES), intdiv(($row + 1) * $picture->high, self::PATCHES)];
        $sum = 0.0;
        for ($y = $top; $y < $bottom; $y++) {
            for ($x = $left; $x < $right; $x++) {
                $sum += $picture->at($x, $y);
            }
        }

        return $sum / (($right - $left) * ($bottom - $top));
    }
}
