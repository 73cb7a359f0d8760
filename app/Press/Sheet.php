<?php

declare(strict_types=1);

namespace App\Press;

use App\Models\Drawing;

/** One kind of printed sheet. */
interface Sheet
{
    /** @throws SheetImpossible */
    public function leaves(Drawing $drawing, Order $order): Leaves;
}
