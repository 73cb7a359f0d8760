<?php

declare(strict_types=1);

namespace InchLadder\Grid;

use InchLadder\Measure\Size;

/** A way of laying a grid. Each is a small generator of the one grid model. */
interface School
{
    /** Names it in the choices document. */
    public static function key(): string;

    /** @throws \InchLadder\Impossible */
    public static function from(SchoolMeasures $measures): self;

    /**
     * @param  Size  $area  the drawing area
     * @param  Size|null  $print  the crop on the print; null on a screen
     *
     * @throws \InchLadder\Impossible
     */
    public function over(Size $area, ?Size $print): Grid;
}
