<?php

declare(strict_types=1);

namespace InchLadder\Paper;

use InchLadder\Measure\Size;

/** The bounds of anything that can be drawn on: 10 mm to 20 m a side. */
final class SheetSize
{
    public const LEAST_MM = 10;

    public const MOST_MM = 20_000;

    /** @throws SheetSizeOutOfBounds */
    public static function check(Size $size): Size
    {
        foreach ([$size->width, $size->height] as $side) {
            if ($side->mm->isLessThan(self::LEAST_MM) || $side->mm->isGreaterThan(self::MOST_MM)) {
                throw SheetSizeOutOfBounds::side($side);
            }
        }

        return $size;
    }
}
