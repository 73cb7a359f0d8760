<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Documents\ChoicesReader;
use App\Imaging\PhotoStore;
use App\Models\CellChange;
use App\Models\Drawing;
use App\Wire\Printers;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use InchLadder\Copying\Place;
use InchLadder\Measure\Unit;

/** Three invented drawings, one half copied, one just begun, one finished; and a printer to rehearse with. */
final class DatabaseSeeder extends Seeder
{
    /** Six minutes and a little. */
    private const SECONDS_A_CELL = 380;

    public function run(PhotoStore $photos): void
    {
        $jug = $this->draw($photos, 'jug-on-the-sill', [
            'title' => 'Jug on the sill',
            'photo' => ['kind' => 'print', 'width' => '6 in', 'height' => '7 1/2 in'],
            'paper' => ['sheet' => 'artist-11x14', 'width' => '11 in', 'height' => '14 in', 'margins' => array_fill_keys(['top', 'right', 'bottom', 'left'], '1/2 in')],
            'fit' => ['way' => 'inset'],
            'points' => [
                ['name' => 'spout', 'x' => '0.4505', 'y' => '0.338', 'cross' => false, 'critical' => true], ['name' => 'handle', 'x' => '0.81', 'y' => '0.401', 'cross' => false], ['name' => 'stalk', 'x' => '0.2465', 'y' => '0.4824', 'cross' => true],
                ['name' => 'lying stalk', 'x' => '0.6185', 'y' => '0.6646', 'cross' => false], ['name' => 'foot', 'x' => '0.639', 'y' => '0.722', 'cross' => false], ['name' => 'cloth', 'x' => '0.7237', 'y' => '0.863', 'cross' => false],
            ],
            'things' => $this->things([
                'lying pear' => '0.309 0.706, 0.320 0.638, 0.367 0.594, 0.430 0.589, 0.516 0.613, 0.578 0.648, 0.586 0.675, 0.547 0.725, 0.484 0.781, 0.4375 0.796, 0.375 0.781, 0.331 0.74',
                'plum' => '0.9063 0.7312, 0.895 0.765, 0.8641 0.7897, 0.8219 0.7987, 0.7797 0.7897, 0.7488 0.765, 0.7375 0.7312, 0.7488 0.6975, 0.7797 0.6728, 0.8219 0.6637, 0.8641 0.6728, 0.895 0.6975',
                'pear' => '0.1 0.681, 0.125 0.6125, 0.18 0.55, 0.211 0.525, 0.255 0.525, 0.297 0.569, 0.339 0.619, 0.347 0.675, 0.32 0.7375, 0.281 0.76, 0.234 0.7675, 0.172 0.756, 0.117 0.725',
                'neck' => '0.516 0.331, 0.7 0.3325, 0.68 0.372, 0.535 0.372',
                'grip' => '0.69 0.346, 0.766 0.346, 0.8 0.3875, 0.805 0.4375, 0.781 0.481, 0.752 0.5, 0.745 0.487, 0.768 0.455, 0.772 0.42, 0.76 0.38, 0.735 0.368, 0.685 0.368',
                'jug' => '0.4516 0.335, 0.469 0.315, 0.516 0.331, 0.7 0.3325, 0.698 0.344, 0.766 0.346, 0.8 0.3875, 0.805 0.4375, 0.781 0.481, 0.752 0.5, 0.766 0.5625, 0.766 0.6125, 0.742 0.6625, 0.695 0.7125, 0.625 0.721, 0.531 0.7125, 0.453 0.6625, 0.414 0.6125, 0.4047 0.575, 0.43 0.5, 0.484 0.425, 0.5 0.379',
            ], 'plum'),
            'shots' => $this->shots($photos, ['jug-placed' => '2026-11-20T16:40:00Z', 'jug-refined' => '2026-11-22T11:05:00Z']),
            'grid' => ['school' => 'proportional', 'columns' => 8, 'rows' => 10],
        ]);
        $this->copy($jug, [[3, 30, 'Look longer before the first line of a cell.'], [2, 28, ''], [1, 22, 'The spout first, then all that hangs on it.']], range(0, 8));

        $this->draw($photos, 'low-water', ['title' => 'Low water, evening', 'unit' => 'cm', 'ruler' => '1 mm', 'photo' => ['subject' => 'landscape'], 'paper' => ['sheet' => 'a4', 'width' => '21 cm', 'height' => '29.7 cm', 'margins' => array_fill_keys(['top', 'right', 'bottom', 'left'], '1 cm')], 'grid' => ['school' => 'count', 'columns' => 6]]);

        $bench = $this->draw($photos, 'potting-bench', [
            'title' => 'Potting bench, late morning',
            'unit' => 'cm',
            'ruler' => '1 mm',
            'photo' => ['kind' => 'print', 'width' => '15 cm', 'height' => '21 cm'],
            'paper' => ['sheet' => 'a3', 'width' => '29.7 cm', 'height' => '42 cm', 'margins' => array_fill_keys(['top', 'right', 'bottom', 'left'], '1 cm')],
            'fit' => ['way' => 'cells', 'cell' => '4.5 cm', 'print_cell' => '2.5 cm', 'columns' => 6, 'rows' => 8],
            'spans' => [
                ['name' => 'width of the can', 'x1' => '0.285', 'y1' => '0.503', 'x2' => '0.665', 'y2' => '0.503', 'drawn' => '10.4 cm'],
                ['name' => 'spout', 'x1' => '0.62', 'y1' => '0.69', 'x2' => '0.955', 'y2' => '0.475', 'drawn' => '12.3 cm'],
                ['name' => 'height of the pot', 'x1' => '0.145', 'y1' => '0.675', 'x2' => '0.145', 'y2' => '0.83', 'drawn' => null],
            ],
            'points' => [['name' => 'spout', 'x' => '0.95', 'y' => '0.46', 'cross' => false], ['name' => 'rim of the can', 'x' => '0.45', 'y' => '0.5', 'cross' => false]],
        ]);
        $this->copy($bench, [[0, 23, '']], [0, 1, 2, 3]);

        // What the simulated printer's two bars measure, at 97 and 98 of a hundred.
        (new Printers(Unit::Inch))->keep('Practice, simulated', 'letter', '1/4 in', '6.79 in', '8.82 in');
    }

    /**
     * @param  array<string, string>  $outlines  by name, the one in front first
     * @return list<array<string, mixed>>
     */
    private function things(array $outlines, string $must): array
    {
        return array_map(static fn (string $name, string $outline): array => ['name' => $name, 'outline' => $outline, 'boxed' => false, 'must' => $name === $must, 'ticked' => []], array_keys($outlines), array_values($outlines));
    }

    /**
     * Shots by the simulated camera, made with `inch:shoot` (how stands beside them) and looked through once: corners as they were found.
     *
     * @param  array<string, string>  $taken  when, by their names
     * @return list<array<string, mixed>>
     */
    private function shots(PhotoStore $photos, array $taken): array
    {
        /** @var array<string, array{how: string, corners: string}> $known */
        $known = json_decode((string) file_get_contents(database_path('demo/shots/shots.json')), true);

        return array_map(static fn (string $name, string $when): array => [
            'id' => $photos->take(database_path("demo/shots/{$name}.jpg"))->id, 'taken' => $when, 'pass' => null, 'corners' => $known[$name]['corners'], 'of' => 'sheet', 'found' => true, 'readings' => [],
        ], array_keys($taken), array_values($taken));
    }

    /** @param  array<string, mixed>  $choices */
    private function draw(PhotoStore $photos, string $picture, array $choices): Drawing
    {
        // Each a moment after the one before, so that the shelf keeps this order.
        Carbon::setTestNow(Carbon::now()->addSecond());
        $photo = $photos->take(database_path("demo/{$picture}.jpg"));
        $drawing = Drawing::begin($photo, ChoicesReader::read(['title' => $choices['title']], $photo->width, $photo->height)->json);
        $drawing->forceFill(['is_demo' => true])->save();
        $drawing->decide(ChoicesReader::read($choices, $photo->width, $photo->height)->json, $drawing->version);

        return $drawing;
    }

    /**
     * In sittings, the last of them until a moment ago.
     *
     * @param  list<array{int, int, string}>  $sittings  how many days ago each was, how many cells it saw done, and what it taught
     * @param  list<int>  $empty  which of the first cells have nothing in them
     */
    private function copy(Drawing $drawing, array $sittings, array $empty): void
    {
        $plan = $drawing->plan();
        $now = Carbon::now();
        $i = 0;
        foreach ($sittings as [$days, $count, $lesson]) {
            foreach (range($count - 1, 0) as $left) {
                Carbon::setTestNow($now->copy()->subDays($days)->subSeconds($left * self::SECONDS_A_CELL));
                $place = Place::at($i, $plan->layout->grid->cells());
                $drawing->noteCell($plan, $plan->layout->addresses->of($place->column, $place->row).' copied', null, new CellChange($place, in_array($i++, $empty, true) ? 'empty' : 'done'));
                $drawing->sit('copy place', self::SECONDS_A_CELL, (float) Carbon::now()->getTimestamp());
            }
            $drawing->sittings()->orderByDesc('ended_at')->firstOrFail()->update(['lesson' => $lesson]);
        }
        Carbon::setTestNow($now);
        $drawing->touch();
    }
}
