<?php

declare(strict_types=1);

namespace InchLadder\Paper;

use InchLadder\Measure\Size;

/** Which way round a sheet is wanted. */
enum Turn: string
{
    case AsGiven = 'given';
    case Advised = 'advised';
    case Upright = 'upright';
    case Sideways = 'sideways';

    /** The sheet, turned if it must be. */
    public function apply(Size $sheet, OrientationAdvice $advice): Size
    {
        $upright = match ($this) {
            self::AsGiven => $sheet->isUpright(),
            self::Advised => $advice->upright ?? $sheet->isUpright(),
            self::Upright => true,
            self::Sideways => false,
        };

        return $upright === $sheet->isUpright() || $sheet->width->equals($sheet->height) ? $sheet : $sheet->turned();
    }
}
