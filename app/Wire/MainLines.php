<?php

declare(strict_types=1);

namespace App\Wire;

use App\Imaging\PhotoStore;
use App\Models\Photo;
use App\Wire\Json\MainLineJson;
use App\Wording\Phrases;
use App\Wording\Say;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Rational;
use InchLadder\Measure\SimpleFraction;
use InchLadder\Measure\Slope;
use InchLadder\Pixels\MainEdges;
use InchLadder\Pixels\SlantedEdges;
use InchLadder\Plan\Plan;

/** The strongest level and upright edges of what is cropped, then slanted ones, to be kept or refused as dividing lines. */
final class MainLines
{
    private const SIDE = 240;

    private const MOST = 4;

    private const MOST_SLANTED = 3;

    /** @return list<MainLineJson> level ones first, slanted ones last */
    public static function of(PhotoStore $photos, Photo $photo, Plan $plan): array
    {
        $field = $photos->lightness($photo, $plan->choices->framing, self::SIDE);
        $crop = $plan->layout->fitted->crop;
        $lines = [];
        $field = $field->part(...array_map(static fn (Rational $share): float => $share->toFloat(), [$crop->left, $crop->top, $crop->width, $crop->height]));
        foreach ([['down', $field, 'level'], ['across', $field->transposed(), 'upright']] as [$way, $turned, $lies]) {
            foreach (MainEdges::level($turned, self::MOST) as [$place, $strength]) {
                $share = Rational::near($place, 4);
                $simple = SimpleFraction::nearest($share);
                $lines[] = new MainLineJson($way, (string) $share, Say::it("mainlines.{$lies}", ['share' => Fractions::places($share->times(100), 1), 'fraction' => (string) $simple->fraction, 'strength' => (string) round($strength, 1)]));
            }
        }

        foreach (SlantedEdges::of($field, self::MOST_SLANTED) as [$x1, $y1, $x2, $y2, $strength]) {
            $slope = Slope::of(($x2 - $x1) * $crop->shapeOn($plan->layout->reference)->toFloat(), $y1 - $y2);
            $ends = [
                $crop->left->plus($crop->width->times(Rational::near($x1, 4))), $crop->top->plus($crop->height->times(Rational::near($y1, 4))),
                $crop->left->plus($crop->width->times(Rational::near($x2, 4))), $crop->top->plus($crop->height->times(Rational::near($y2, 4))),
            ];
            $lines[] = new MainLineJson('slanted', '', Say::it('mainlines.slanted', ['slope' => Phrases::slope($slope), 'from' => self::onFrame($x1, $y1), 'to' => self::onFrame($x2, $y2), 'strength' => (string) round($strength, 1)]), array_map(static fn (Rational $share): string => $share->toScale(4), $ends));
        }

        return $lines;
    }

    /** `31 % down the left side (near 1/3)` */
    private static function onFrame(float $x, float $y): string
    {
        [$share, $side] = match (true) {
            $x < 0.005 => [$y, 'left'],
            $x > 0.995 => [$y, 'right'],
            $y < 0.5 => [$x, 'top'],
            default => [$x, 'bottom'],
        };
        $share = Rational::near(max(0, min(1, $share)), 4);

        return Say::it("mainlines.on the frame.{$side}", ['share' => Fractions::places($share->times(100), 1), 'fraction' => (string) SimpleFraction::nearest($share)->fraction]);
    }
}
