<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Exceptions\CellUnknown;
use App\Exceptions\DrawingUnknown;
use App\Models\Drawing;
use App\Wire\CopyWriter;
use App\Wire\Json\CourseJson;
use App\Wire\Json\CrossingJson;
use InchLadder\Copying\Place;

final class CellCommand extends Planning
{
    protected $signature = 'inch:cell
        {drawing : The drawing’s id}
        {cell : Its address, like C4}
        {--json : As JSON}';

    protected $description = 'Tell the crossings and contours of one cell, as the page does';

    protected function answer(): void
    {
        $id = (string) $this->argument('drawing');
        $drawing = Drawing::query()->find($id) ?? throw DrawingUnknown::named($id);
        $plan = $drawing->plan();
        $address = strtolower((string) $this->argument('cell'));
        $cells = $plan->layout->grid->cells();
        $number = array_search($address, array_map(strtolower(...), $plan->layout->addresses->all()), true);
        $card = app(CopyWriter::class)->cell($drawing, $plan, is_int($number) ? Place::at($number, $cells) : throw CellUnknown::named((string) $this->argument('cell'), $plan->layout->addresses->all()));
        if ($this->option('json')) {
            $this->line((string) json_encode($card, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION));

            return;
        }
        $this->line("{$card->address}: {$card->size}, {$card->place}");
        $this->table([], array_map(static fn (CrossingJson $crossing): array => [$crossing->side, $crossing->eye, $crossing->paper], $card->crossings), 'compact');
        foreach ($card->courses as $i => $course) {
            /** @var CourseJson $course */
            $this->line(($i + 1).'. '.$course->sentence);
        }
        $card->unsaid === null || $this->line($card->unsaid);
    }
}
