<?php

declare(strict_types=1);

namespace InchLadder\Printing;

use InchLadder\Impossible;
use InchLadder\Measure\LengthReader;
use InchLadder\Measure\Size;
use InchLadder\Measure\Unit;
use InchLadder\Paper\Catalogue;
use InchLadder\Paper\SheetSize;

/** The paper in a printer: a sheet of the catalogue, or a size. */
final class PrinterPaper
{
    /**
     * @param  string  $name  `a4`, or `210 x 297 mm`
     *
     * @throws PrinterPaperUnknown
     */
    public static function named(string $name): Size
    {
        try {
            return Catalogue::has($name) ? Catalogue::find($name)->size : SheetSize::check((new LengthReader(Unit::Millimetre))->readSize($name));
        } catch (Impossible) {
            throw PrinterPaperUnknown::named($name);
        }
    }
}
