<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Wire\DividerWriter;
use InchLadder\Fit\Ratio;
use InchLadder\Measure\LengthReader;
use InchLadder\Measure\Unit;

final class DividerCommand extends Planning
{
    protected $signature = 'inch:divider
        {--length= : The dividers from tip to tip, like 8in}
        {--ratio= : Paper to photo, like 3:2 or 1.5}
        {--json : As JSON}';

    protected $description = 'Where the pivot of proportional dividers sits for a ratio, and which end goes on the photo';

    protected function answer(): void
    {
        $lengths = new LengthReader(Unit::Inch);
        $typed = $lengths->typed($this->text('length') ?? '');
        $divider = (new DividerWriter($typed->said ?? Unit::Inch))->divider($typed->length, Ratio::read($this->text('ratio') ?? '', $lengths));
        if ($this->option('json')) {
            $this->line((string) json_encode($divider, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION));

            return;
        }
        array_map($this->line(...), $divider->lines);
    }
}
