<?php

declare(strict_types=1);

namespace InchLadder\Paper;

use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;

/**
 * Which way round a sheet suits a picture, by the long axes: the share of the
 * sheet that stays empty each way when the whole picture is drawn as large as it
 * can be.
 */
final readonly class OrientationAdvice
{
    private function __construct(
        /** null when neither way is better: the picture or the sheet is square. */
        public ?bool $upright,
        public Rational $wastedUpright,
        public Rational $wastedSideways,
        public bool $sheetIsSquare,
    ) {
    }

    /** @param  Rational  $picture its width ÷ height */
    public static function for(Rational $picture, Size $sheet): self
    {
        $tall = $sheet->isUpright() ? $sheet : $sheet->turned();
        $wasted = static fn (Size $way): Rational => Rational::one()->minus($way->largestInside($picture)->shareOf($way));
        $upright = $wasted($tall);
        $sideways = $wasted($tall->turned());
        $order = $upright->compareTo($sideways);

        return new self($order === 0 ? null : $order < 0, $upright, $sideways, $sheet->width->equals($sheet->height));
    }
}
