<?php

declare(strict_types=1);

namespace InchLadder\Photo;

use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;

/** A print size whose shape is not the photo's: a slip of the ruler, or a print that was trimmed. */
final readonly class PrintMismatch
{
    /** @param  float  $percent by how much the two ratios differ, over 2 */
    public function __construct(public Size $print, private Rational $pixels, public float $percent)
    {
    }

    /** Whether the two sides were typed the wrong way round: swapped, they agree. */
    public function isSwapped(): bool
    {
        return abs($this->print->ratio()->times($this->pixels)->toFloat() - 1) * 100 <= Figures::LARGEST_MISMATCH_PERCENT;
    }

    /** The height that goes with the typed width. */
    public function heightForWidth(): Length
    {
        return $this->print->width->dividedBy($this->pixels);
    }

    /** The width that goes with the typed height. */
    public function widthForHeight(): Length
    {
        return $this->print->height->times($this->pixels);
    }
}
