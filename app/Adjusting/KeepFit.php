<?php

declare(strict_types=1);

namespace App\Adjusting;

use App\Documents\BestPlan;
use App\Documents\ChoicesReader;

/** The fit stays as it is, though other squares were offered. */
final readonly class KeepFit implements Adjustment
{
    public function apply(ChoicesReader $read, array $how): Adjusted
    {
        return new Adjusted(['fit' => BestPlan::declined($read->json)]);
    }
}
