<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Exceptions\DrawingUnknown;
use App\Models\Drawing;
use App\Shots\SecondOpinion;
use App\Shots\ShotFile;
use App\Shots\TappedPlaces;
use App\Wire\CompareWriter;
use App\Wire\Json\JudgedPointJson;
use App\Wording\Say;
use Illuminate\Validation\ValidationException;

final class CompareCommand extends Planning
{
    protected $signature = 'inch:compare
        {drawing : The drawing’s id}
        {--shot= : A photograph of the drawing}
        {--corners= : The drawing area’s corners in pixels of the shot, "x,y x,y x,y x,y", clockwise from the top left as drawn; without it the sheet is found}
        {--points= : A JSON file of places, each with its name, its place in the crop and its place on the photo of the drawing (README); without it they are proposed}
        {--json : As JSON}';

    protected $description = 'Hold a photograph of the drawing against its photo: what is out, by how much, what to mend first';

    protected function answer(): void
    {
        $id = (string) $this->argument('drawing');
        $drawing = Drawing::query()->find($id) ?? throw DrawingUnknown::named($id);
        $file = (string) $this->text('shot');
        is_file($file) || throw ValidationException::withMessages(['shot' => Say::it('comparing.no file', ['file' => basename($file)])]);
        $plan = $drawing->plan();
        $shot = app(ShotFile::class)->pixels($file);
        $corners = $this->text('corners') === null ? null : TappedPlaces::corners((string) $this->text('corners'));
        $places = $this->text('points') === null ? null : TappedPlaces::file((string) $this->text('points'));
        $second = app(SecondOpinion::class);
        $opinion = $second->judge($plan, $drawing->photo, $second->prepare($plan, $drawing->photo, $shot, $corners), $places === null ? [] : $places->tapped(), $places?->comparison($plan), $places === null);
        $compare = (new CompareWriter($plan, $opinion))->compare();
        if ($this->option('json')) {
            $this->line((string) json_encode($compare, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION));

            return;
        }
        array_map($this->line(...), array_filter([...$compare->flatten->warnings, $compare->first->sentence, ...$compare->more]));
        $this->table([], array_map(static fn (JudgedPointJson $one): array => [! $one->sure ? '?' : ($one->within ? '✓' : '✗'), $one->says, $one->amounts], $compare->points), 'compact');
    }
}
