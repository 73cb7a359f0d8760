<?php

declare(strict_types=1);

namespace App\Printing;

use App\Models\Drawing;

/** One kind of printed sheet. */
interface PrintableSheet
{
    /** @throws SheetImpossible */
    public function leaves(Drawing $drawing, PrintOptions $order): Pages;
}
