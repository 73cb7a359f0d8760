<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Documents\ChoicesReader;
use App\Wire\Json\ProposalJson;
use App\Wire\Suggestions;
use InchLadder\Measure\Size;
use InchLadder\Paper\Turn;

final class SuggestCommand extends Planning
{
    protected $signature = 'inch:suggest
        {--photo= : A print (9x12cm), a catalogue name (print-10x15), or pixels (1600x1200)}
        {--subject=still life : SUBJECTS}
        {--photo-ruler= : The ruler laid to the print, when it is another}
        {--whole-photo : Crop nothing from the photo}
        {--whole-sheet : Fill the paper inside its margins}
        {--most-lines= : Lines to rule inside the frame, at most}
        {--smallest-cell= : Shortest side of a cell on the paper}
        {--json : Print the plans as JSON}'.self::OPTIONS;

    protected const FORMERLY = ['never-trim' => 'whole-photo', 'least-cell' => 'smallest-cell'];

    protected $description = 'Find squares that are easy on both rulers';

    protected function answer(): void
    {
        $photo = $this->read($this->text('photo'));
        $document = $this->document($photo instanceof Size ? $photo : null);
        // Both ways round are tried unless one was asked for.
        $this->input->hasParameterOption('--turn') || $document['paper']['turn'] = Turn::Advised->value;
        $document['photo'] = [...$document['photo'], 'subject' => $this->text('subject'), 'ruler' => $this->text('photo-ruler')];
        $read = $photo instanceof Size ? ChoicesReader::read($document, null, null) : ChoicesReader::read($document, $photo->pixelsWide, $photo->pixelsHigh);
        $plans = (new Suggestions($read->choices))->plans([
            'never_trim' => $this->option('whole-photo'), 'whole_sheet' => $this->option('whole-sheet'),
            'most_lines' => $this->text('most-lines'), 'least_cell' => $this->text('smallest-cell'),
        ]);

        if ($this->option('json')) {
            $this->line((string) json_encode($plans, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION));

            return;
        }
        $this->table(['', 'photo', 'paper', 'cells', 'trimmed', 'paper used', 'lines', ''], array_map(static fn (ProposalJson $plan): array => [
            $plan->rank, $plan->photo_cell->text ?? '–', $plan->paper_cell->text, "{$plan->columns} × {$plan->rows}", "{$plan->trimmed_percent} %", "{$plan->paper_used_percent} %", $plan->lines, $plan->sentence,
        ], $plans), 'compact');
    }
}
