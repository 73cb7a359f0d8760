<?php

declare(strict_types=1);

namespace InchLadder\Marks;

use InchLadder\Layout\Layout;

/**
 * What may be folded whole. A crease halves what is folded, so its creases are lines of the grid only where the
 * frame of the grid is its edge.
 */
final readonly class Foldable
{
    /** @param  bool|null  $print  null where there is none */
    private function __construct(public bool $sheet, public ?bool $print)
    {
    }

    public static function of(Layout $layout): self
    {
        $area = $layout->fitted->area;
        $fills = $layout->left->isZero() && $layout->top->isZero()
            && $area->width->equals($layout->sheet->width) && $area->height->equals($layout->sheet->height);
        $isWhole = $layout->fitted->crop->trimmed()->isZero()
            && $layout->framing->border->isNone() && $layout->framing->turning->degrees === 0.0;

        return new self($fills, $layout->print === null ? null : $isWhole);
    }
}
