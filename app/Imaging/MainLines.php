<?php

declare(strict_types=1);

namespace App\Imaging;

use App\Exchange\Json\MainLineJson;
use App\Models\Photo;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Rational;
use InchLadder\Measure\SimpleFraction;
use InchLadder\Pixels\MainEdges;
use InchLadder\Plan\Plan;

/** The strongest level and upright edges of what is cropped, to be kept or refused as dividing lines. */
final class MainLines
{
    private const SIDE = 240;

    private const MOST = 4;

    /** @return list<MainLineJson> level ones first */
    public static function of(PhotoStore $photos, Photo $photo, Plan $plan): array
    {
        $field = $photos->lightness($photo, $plan->choices->framing, self::SIDE);
        $crop = $plan->fitted->crop;
        $lines = [];
        $field = $field->part(...array_map(static fn (Rational $share): float => $share->toFloat(), [$crop->left, $crop->top, $crop->width, $crop->height]));
        foreach ([['down', $field, 'level'], ['across', $field->transposed(), 'upright']] as [$way, $turned, $words]) {
            foreach (MainEdges::level($turned, self::MOST) as [$place, $strength]) {
                $share = Rational::near($place, 4);
                $simple = SimpleFraction::nearest($share);
                $lines[] = new MainLineJson($way, (string) $share, "{$words}, at ".Fractions::places($share->times(100), 1)." %: near {$simple->fraction}, ".round($strength, 1).' times as strong as the rest');
            }
        }

        return $lines;
    }
}
