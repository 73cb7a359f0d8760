<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Documents\ChoicesReader;
use App\Wire\Json\MarkJson;
use App\Wire\PlanWriter;
use App\Wording\Workings;
use InchLadder\Measure\Size;
use InchLadder\Plan\Plan;

final class PlanCommand extends Planning
{
    protected $signature = 'inch:plan
        {--photo= : A print (9x12cm), a catalogue name (print-10x15), or pixels (1600x1200)}
        {--json : Print the plan as JSON}'.self::OPTIONS;

    protected $description = 'Work out paper, fit, grid and marks for a photo';

    protected function answer(): void
    {
        $photo = $this->read($this->text('photo'));
        $read = $photo instanceof Size
            ? ChoicesReader::read($this->document($photo), null, null)
            : ChoicesReader::read($this->document(null), $photo->pixelsWide, $photo->pixelsHigh);
        $plan = Plan::of($read->choices);
        $json = (new PlanWriter($plan))->plan();

        if ($this->option('json')) {
            $this->line((string) json_encode($json, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION));

            return;
        }
        foreach ((new Workings($plan))->all() as $line) {
            $this->line($line);
        }
        foreach (['across' => $json->marks->across, 'down' => $json->marks->down] as $way => $marks) {
            $this->line('');
            $this->line("Marks {$way}");
            $this->table(['line', 'photo', 'area', 'on the ruler', 'from the sheet’s edge'], array_map(static fn (MarkJson $mark): array => [
                $mark->line, $mark->photo->text ?? '–', $mark->paper->text, $mark->rounded->text, $mark->sheet->text,
            ], $marks), 'compact');
        }
    }
}
