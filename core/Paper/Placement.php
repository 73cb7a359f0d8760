<?php

declare(strict_types=1);

namespace InchLadder\Paper;

use InchLadder\Measure\Length;
use InchLadder\Measure\Size;

/** Where the drawing area lies on the sheet: at a spot of the usable paper, or at offsets of the artist's own. */
final readonly class Placement
{
    private function __construct(private ?Position $spot, private ?Length $left, private ?Length $top)
    {
    }

    public static function at(Position $spot): self
    {
        return new self($spot, null, null);
    }

    /** From the sheet's left and top edges to the drawing area. */
    public static function offset(Length $left, Length $top): self
    {
        return new self(null, $left, $top);
    }

    /**
     * From the sheet's left and top edges to the drawing area.
     *
     * @return array{Length, Length}
     *
     * @throws OffTheSheet when own offsets push the drawing over an edge
     */
    public function of(Size $area, Size $sheet, Margins $margins): array
    {
        if ($this->left === null || $this->top === null) {
            $spare = $margins->inside($sheet)->minus($area);
            $spot = $this->spot ?? Position::Centred;

            return [$margins->left->plus($spare->width->times($spot->across())), $margins->top->plus($spare->height->times($spot->down()))];
        }
        foreach ([['left', $this->left, $area->width, $sheet->width], ['top', $this->top, $area->height, $sheet->height]] as [$side, $offset, $drawn, $whole]) {
            if ($offset->mm->isNegative() || $offset->plus($drawn)->isLongerThan($whole)) {
                throw OffTheSheet::at($side, $whole->minus($drawn));
            }
        }

        return [$this->left, $this->top];
    }
}
