<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Archive\Csv;
use App\Archive\MarkList;
use App\Exceptions\DrawingUnknown;
use App\Models\Drawing;
use App\Wire\PlanWriter;

final class MarksCommand extends Planning
{
    protected $signature = 'inch:marks
        {drawing : The drawing’s id}
        {--csv : As CSV}
        {--json : As JSON}';

    protected $description = 'Print the marks of a drawing, for all its edges';

    protected function answer(): void
    {
        $id = (string) $this->argument('drawing');
        $plan = (Drawing::query()->find($id) ?? throw DrawingUnknown::named($id))->plan();
        if ($this->option('json')) {
            $this->line((string) json_encode((new PlanWriter($plan))->plan()->marks, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION));

            return;
        }
        $csv = (new MarkList($plan))->csv();
        if ($this->option('csv')) {
            $this->output->write($csv);

            return;
        }
        $rows = Csv::read($csv);
        $this->table((array) array_shift($rows), $rows, 'compact');
    }
}
