<?php

declare(strict_types=1);

namespace InchLadder\Finish;

use InchLadder\Layout\Layout;
use InchLadder\Layout\Placed;

/** The guides that are on the sheet, by kind, to be lifted off. */
final readonly class Guides
{
    private function __construct(
        /** Lines inside the frame, diagonals among them. */
        public int $lines,
        public bool $diagonals,
        /** Cells that are cut finer. */
        public int $cells,
        /** Focal crosses on what is drawn. */
        public int $crosses,
        public bool $axes,
    ) {
    }

    public static function on(Layout $layout): self
    {
        return new self(
            $layout->grid->innerLines(),
            $layout->grid->diagonals,
            count($layout->divisions),
            count(array_filter($layout->points(), static fn (Placed $placed): bool => $placed->point->cross && $placed->isInside())),
            $layout->grid->axes !== null,
        );
    }
}
