<?php

declare(strict_types=1);

namespace InchLadder\Finish;

use InchLadder\Layout\Layout;
use InchLadder\Layout\Placed;

/** The guides that are on the sheet, by kind, to be lifted off. */
final readonly class Guides
{
    private function __construct(
        /** Lines inside the frame, diagonals apart. */
        public int $lines,
        /** Diagonals among what is ruled. */
        public bool $diagonals,
        /** Cells that are cut finer. */
        public int $cells,
        /** Focal crosses on what is drawn. */
        public int $crosses,
        public bool $axes,
        /** Shapes that were laid over. */
        public int $shapes,
    ) {
    }

    public static function on(Layout $layout, int $shapes = 0): self
    {
        return new self(
            $layout->grid->innerLines(),
            $layout->grid->diagonals,
            count($layout->divisions),
            count(array_filter($layout->points(), static fn (Placed $placed): bool => $placed->point->cross && $placed->isInside())),
            $layout->grid->axes !== null,
            $shapes,
        );
    }

    /**
     * The kinds that are there, in the order they are lifted: what is faint and lies over the drawing first, what frames it last.
     *
     * @return array<string, int> how many, by the kind's name in lang/en/finish; 0 where it is not counted
     */
    public function kinds(): array
    {
        return array_filter([
            $this->diagonals ? 'diagonals' : 'lines' => $this->lines === 0 ? null : $this->lines,
            'cells' => $this->cells === 0 ? null : $this->cells,
            'crosses' => $this->crosses === 0 ? null : $this->crosses,
            'shapes' => $this->shapes === 0 ? null : $this->shapes,
            'axes' => $this->axes ? 0 : null,
            'errors' => 0,
            'frame' => 0,
        ], static fn (?int $count): bool => $count !== null);
    }
}
