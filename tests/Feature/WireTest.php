<?php

use App\Documents\ChoicesReader;
use App\Wire\PlanWriter;
use Illuminate\Support\Facades\Artisan;
use InchLadder\Plan\Plan;
use Symfony\Component\Console\Output\BufferedOutput;
use Tests\Drawings;
use Tests\Schema;

it('answers every address as the description says', function (array $choices) {
    $schema = new Schema;
    $drawing = Drawings::begin($choices);
    test()->putJson("/api/drawings/{$drawing->id}/cells/0/0", ['state' => 'done']);
    $schema->holds('DrawingJson', $answer = test()->getJson("/api/drawings/{$drawing->id}")->json());
    $schema->holds('WorkingsJson', test()->postJson('/api/workings', ['choices' => $answer['workings']['choices'], 'wide' => 500, 'high' => 700, 'x' => 0.3, 'y' => 0.9])->json());
    $schema->holds('ShelfEntryJson', test()->getJson('/api/drawings')->json('0'));
    $schema->holds('CatalogueJson', test()->getJson('/api/catalogue')->json());
    $schema->holds('ChoicesJson', $drawing->choices);
    $schema->holds('PlanJson', json_decode((string) json_encode((new PlanWriter($drawing->plan()))->plan()), true));
})->with([
    'a print in whole cells' => [Drawings::FIVE_BY_SEVEN],
    'a screen, all by default' => [[]],
    'a stretched contradiction in centimetres' => [['unit' => 'cm', 'ruler' => '1 mm', 'photo' => ['kind' => 'print', 'width' => '10 cm', 'height' => '10 cm'], 'fit' => ['way' => 'stretch']]],
    'a square sheet of one’s own' => [['paper' => ['sheet' => null, 'width' => '12 in', 'height' => '12 in']]],
]);

it('gives the same numbers in the core, on the command line and over the wire', function (string $print, string $sheet, string $fit, array $grid, string $unit) {
    $options = collect($grid)->map(fn ($value, $name) => "--{$name}={$value}")->implode(' ');
    $output = new BufferedOutput;
    expect(Artisan::call("inch:plan --photo={$print} --sheet={$sheet} --fit={$fit} --unit={$unit} {$options} --json", [], $output))->toBe(0);
    $command = json_decode($output->fetch(), true);

    [$p, $s] = [size($print), size($sheet)];
    $choices = [
        'unit' => $unit, 'ruler' => $unit === 'in' ? '1/16 in' : '1 mm',
        'photo' => ['kind' => 'print', 'width' => $p->width->exact().' mm', 'height' => $p->height->exact().' mm'],
        'paper' => ['sheet' => null, 'width' => $s->width->exact().' mm', 'height' => $s->height->exact().' mm', 'turn' => 'given', 'margins' => array_fill_keys(['top', 'right', 'bottom', 'left'], '0')],
        'fit' => ['way' => $fit, 'cell' => $grid['cell'] ?? null],
        'grid' => ['school' => isset($grid['cell']) ? 'measure' : (isset($grid['rows']) ? 'proportional' : 'count'), ...$grid],
    ];
    $core = json_decode((string) json_encode((new PlanWriter(Plan::of(ChoicesReader::read($choices, null, null)->choices)))->plan()), true);
    $wire = test()->postJson('/api/workings', ['choices' => $choices])->assertOk()->json();

    expect($core)->toEqual($command);
    foreach (['crop', 'drawing', 'leftover', 'scale', 'grid'] as $part) {
        expect($wire[$part])->toEqual($command[$part]);
    }
    foreach (['across', 'down'] as $way) {
        foreach ($command['marks'][$way] as $i => $mark) {
            expect($wire[$way][$i]['area']['rounded'])->toEqual($mark['rounded'])
                ->and($wire[$way][$i]['area']['error_mm'])->toEqual($mark['error_mm'])
                ->and($wire[$way][$i]['stepped_error_mm'])->toEqual($mark['stepped_error_mm'])
                ->and($wire['lines'][$way][$i + 1] * $command['drawing'][$way === 'across' ? 'width' : 'height']['mm'])->toEqualWithDelta($mark['paper']['mm'], 1e-6);
        }
    }
})->with([
    ['5x7in', '8.5x11in', 'cells', ['cell' => '1.5in'], 'in'],
    ['5x7in', '8.5x11in', 'crop', ['columns' => 5], 'in'],
    ['6x4in', '12x9in', 'inset', ['columns' => 6, 'rows' => 5], 'in'],
    ['8x10in', '9x11in', 'stretch', ['columns' => 7, 'rows' => 7], 'in'],
    ['10x15cm', '297x420mm', 'crop', ['cell' => '4cm'], 'cm'],
    ['13x18cm', '30x40cm', 'inset', ['columns' => 9], 'cm'],
    ['7x10cm', '294x420mm', 'cells', ['cell' => '42mm'], 'mm'],
]);

it('would notice an answer that is not as described', function (array $answer) {
    expect(fn () => (new Schema)->holds('TaskJson', $answer))->toThrow(PHPUnit\Framework\AssertionFailedError::class, 'TaskJson');
})->with([
    'a field nobody described' => [['key' => 'shot', 'words' => 'w', 'why' => 'y', 'cautions' => [], 'shot' => false, 'more' => 1]],
    'one that is missing' => [['key' => 'shot', 'words' => 'w', 'why' => 'y']],
    'another type' => [['key' => 'shot', 'words' => 7, 'why' => 'y', 'cautions' => []]],
    'null where there is always something' => [['key' => null, 'words' => 'w', 'why' => 'y', 'cautions' => []]],
]);

it('names in each page what its script will ask for, and nothing twice', function () {
    $part = fn (string $name, array $imports = []): array => ['file' => "assets/{$name}.js", 'imports' => $imports, 'css' => ["assets/{$name}.css"]];
    $parts = new App\Http\PageParts([
        'resources/js/main.ts' => $part('main', ['_vue.js']), '_vue.js' => $part('vue', ['_vue-more.js']), '_vue-more.js' => $part('vue-more'),
        'resources/js/rungs/Rungs.vue' => $part('steps', ['_vue.js', '_board.js']), '_board.js' => $part('board', ['_vue-more.js', '_board.js']),
        'resources/js/rungs/copy/CopyRung.vue' => $part('copy', ['resources/js/main.ts', '_board.js']),
        'node_modules/@fontsource/source-sans-3/files/source-sans-3-latin-600-normal.woff2' => ['file' => 'assets/600.woff2'],
    ]);
    $files = fn (string $end, string ...$names): array => array_map(fn (string $name): string => "/build/assets/{$name}.{$end}", $names);
    foreach (['/' => [], 'drawing/01a/grid' => ['steps', 'board'], 'drawing/01a' => ['steps', 'board'], 'drawing/01a/copy/C4' => ['copy', 'board'], 'drawing/01a/log' => [], 'nowhere' => []] as $path => $names) {
        expect($parts->of((string) $path))->toEqualCanonicalizing(['scripts' => $files('js', ...$names), 'styles' => $files('css', ...$names)]);
    }
    expect($parts->letters())->toBe(['/build/assets/600.woff2'])->and((new App\Http\PageParts([]))->letters())->toBe([])->and((new App\Http\PageParts([]))->of('drawing/01a/copy'))->toBe(['scripts' => [], 'styles' => []]);

    // As it is built: each address leads to a file, and the page's own part is among them.
    $built = json_decode((string) file_get_contents(public_path('build/manifest.json')), true);
    foreach (['drawing/01a/grid' => 'rungs/Rungs', 'drawing/01a/copy' => 'rungs/copy/CopyRung', 'drawing/01a/log' => 'rungs/log/LogPage', 'drawing/01a/print/gridded' => 'rungs/print/PrintPage', 'drawing/01a/marks/paper' => 'rungs/walk/WalkPage', 'settings' => 'settings/SettingsPage', 'instruments' => 'instruments/InstrumentsPage'] as $path => $name) {
        preg_match_all('~<link rel="(?:module)?preload"[^>]* href="(?:http://[^/]*)?(/build/[^"]+)"~', (string) test()->get("/{$path}")->assertOk()->getContent(), $found);
        expect($found[1])->toContain("/build/{$built["resources/js/{$name}.vue"]['file']}")
            ->and(array_filter($found[1], fn (string $file): bool => ! is_file(public_path($file))))->toBe([])
            ->and(array_filter($found[1], fn (string $file): bool => str_ends_with($file, '.woff2')))->toHaveCount(3)
            ->and($found[1])->toBe(array_values(array_unique($found[1])));
    }
});
