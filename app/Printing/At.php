<?php

declare(strict_types=1);

namespace App\Printing;

use App\Wording\Say;
use InchLadder\Measure\Size;
use InchLadder\Plan\Plan;

/** The size a picture is printed at. */
enum At: string
{
    /** The print's own, so that the two can be laid together. */
    case Print = 'print';
    /** As large as the page takes. */
    case Page = 'page';
    /** The drawing area's, ready to trace. */
    case Drawing = 'drawing';

    /**
     * The crop at this size; a page says its own.
     *
     * @throws SheetImpossible
     */
    public function size(Plan $plan): Size
    {
        return $this === self::Print ? ($plan->layout->print ?? throw SheetImpossible::noPrintSize()) : $plan->layout->fitted->area;
    }

    public function says(): string
    {
        return match ($this) {
            self::Print => Say::it('printing.at.print'),
            self::Page => Say::it('printing.at.page'),
            self::Drawing => Say::it('printing.at.drawing'),
        };
    }

    /** The print's, when there is one; else the drawing's. */
    public static function onPaper(Plan $plan, ?self $asked): self
    {
        return match ($asked) {
            null, self::Page => $plan->layout->print === null ? self::Drawing : self::Print,
            default => $asked,
        };
    }
}
