<?php

declare(strict_types=1);

namespace InchLadder\Layout;

use InchLadder\Measure\Graduation;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rounded;

/** Where one mark lies, measured from each of the three zeros an artist may lay the ruler to. */
final readonly class Reading
{
    public function __construct(
        /** From the crop's edge on the print; null on a screen. */
        public ?Rounded $print,
        /** From the drawing area's edge. */
        public Rounded $area,
        /** From the sheet's own edge. */
        public Rounded $sheet,
    ) {
    }

    public static function of(?Length $print, Length $area, Length $offset, Graduation $onPrint, Graduation $onPaper): self
    {
        return new self(
            $print === null ? null : $onPrint->round($print),
            $onPaper->round($area),
            $onPaper->round($area->plus($offset)),
        );
    }
}
