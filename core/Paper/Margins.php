<?php

declare(strict_types=1);

namespace InchLadder\Paper;

use InchLadder\Measure\Length;
use InchLadder\Measure\Size;

/** What tape, frame or mat takes from each side of a sheet. */
final readonly class Margins
{
    public function __construct(public Length $top, public Length $right, public Length $bottom, public Length $left)
    {
    }

    public static function all(Length $side): self
    {
        return new self($side, $side, $side, $side);
    }

    /**
     * What is left of a sheet to draw on.
     *
     * @throws MarginsEatSheet when less than 10 mm is left either way
     */
    public function inside(Size $sheet): Size
    {
        $left = $sheet->minus(new Size($this->left->plus($this->right), $this->top->plus($this->bottom)));
        if (min($left->width->toFloat(), $left->height->toFloat()) < SheetSize::LEAST_MM) {
            throw MarginsEatSheet::leaving($sheet);
        }

        return $left;
    }
}
