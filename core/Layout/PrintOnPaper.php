<?php

declare(strict_types=1);

namespace InchLadder\Layout;

use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Photo\Resolution;

/** The whole photo printed as large as a paper takes it, and the cell of the crop's grid that it would have. */
final readonly class PrintOnPaper
{
    /** @param  Resolution|null  $resolution  null where the photo's pixels are not known */
    private function __construct(public Size $print, public Size $cell, public ?Resolution $resolution)
    {
    }

    public static function of(Layout $layout, Size $paper): self
    {
        $reference = $layout->reference;
        $print = ($paper->isUpright() === $reference->ratio()->isLessThan(1) ? $paper : $paper->turned())->largestInside($reference->ratio());
        $crop = $layout->fitted->crop;
        [$across, $down] = [$layout->grid->across, $layout->grid->down];

        return new self(
            $print,
            new Size($print->width->times($crop->width)->times($across->span($across->firstWhole())), $print->height->times($crop->height)->times($down->span($down->firstWhole()))),
            $reference->pixelsWide === null || $reference->pixelsHigh === null ? null : Resolution::of(Rational::of($reference->pixelsWide), Rational::of($reference->pixelsHigh), $print),
        );
    }

    /** Whether a side of the cell is under the least that is wanted. */
    public function isUnder(Length $least): bool
    {
        return $least->isLongerThan(Length::smaller($this->cell->width, $this->cell->height));
    }
}
