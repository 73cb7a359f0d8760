<?php

declare(strict_types=1);

namespace InchLadder\Fit;

use InchLadder\Grid\Cells;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;

/** What a fit decided: which part of the picture, and how large it is drawn. */
final readonly class Fitted
{
    /** @param  Cells|null  $cells the grid that comes with the fit, when it is made of whole cells */
    public function __construct(public Crop $crop, public Size $area, public ?Cells $cells = null)
    {
    }

    /**
     * The middle part of picture and drawing area alike, at the same scale.
     *
     * @param  Rational  $width  share of both widths, in (0, 1]
     */
    public function middle(Rational $width, Rational $height): self
    {
        return new self($this->crop->middle($width, $height), new Size($this->area->width->times($width), $this->area->height->times($height)), $this->cells);
    }
}
