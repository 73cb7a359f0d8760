<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Drawing;
use App\Wire\FinishWriter;
use App\Wire\Json\TaskJson;

/** Bringing a drawing to its end. */
final readonly class FinishController
{
    public function __construct(private FinishWriter $writer)
    {
    }

    /** @return list<TaskJson> */
    public function __invoke(Drawing $drawing): array
    {
        return $this->writer->tasks($drawing, $drawing->plan());
    }
}
