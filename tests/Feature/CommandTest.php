<?php

use App\Models\Drawing;
use App\Printing\Look;
use App\Printing\PrintableSheets;
use App\Wire\PlanWriter;
use Illuminate\Support\Facades\Artisan;
use InchLadder\Fit\Way;
use InchLadder\Grid\Labels;
use InchLadder\Paper\Turn;
use InchLadder\Photo\Subject;
use Symfony\Component\Console\Output\BufferedOutput;
use Tests\Drawings;
use Tests\Photos;

/** @return array{int, string} exit code, and what was printed */
function inch(string $command): array
{
    $output = new BufferedOutput;
    $code = Artisan::call($command, [], $output);

    return [$code, $output->fetch()];
}

/** @return array<string, mixed> */
function plan(string $options): array
{
    [$code, $json] = inch("inch:plan {$options} --json");
    expect($code)->toBe(0, $json);

    return json_decode($json, true, flags: JSON_THROW_ON_ERROR);
}

it('prints the plan in its published shape', function () {
    $plan = plan('--photo=5x7in --sheet=8.5x11in --fit=cells --cell=1.5in');
    $half = ['mm' => 12.7, 'exact' => '127/10', 'text' => '1/2 in', 'amount' => '1/2'];
    expect(array_keys($plan))->toBe(['fit', 'orientation', 'crop', 'drawing', 'leftover', 'scale', 'grid', 'marks'])
        ->and(array_keys($plan['crop']))->toBe(['width', 'height', 'left', 'top', 'share_w', 'share_h', 'trimmed_percent'])
        ->and($plan['fit'])->toBe('cells')
        ->and($plan['orientation'])->toBe('upright')
        ->and($plan['drawing']['left'])->toBe($half)
        ->and($plan['leftover']['height'])->toBe($half)
        ->and($plan['scale'])->toEqual(['x' => '3/2', 'y' => '3/2', 'percent' => 150, 'area' => '9/4', 'stretch_percent' => 0])
        ->and($plan['grid']['cell']['width'])->toBe(['mm' => 38.1, 'exact' => '381/10', 'text' => '1 1/2 in', 'amount' => '1 1/2'])
        ->and($plan['grid']['photo_cell']['width']['exact'])->toBe('127/5')
        ->and($plan['marks']['across'])->toHaveCount(5)
        ->and($plan['marks']['down'])->toHaveCount(7)
        ->and(array_keys($plan['marks']['down'][0]))->toBe(['line', 'photo', 'paper', 'sheet', 'rounded', 'error_mm', 'sheet_error_mm', 'stepped_error_mm'])
        ->and($plan['marks']['down'][6]['sheet']['text'])->toBe('10 3/4 in');
});

/**
 * @param  class-string<BackedEnum>  $cases
 * @return list<string>
 */
function valuesOf(string $cases): array
{
    return array_column($cases::cases(), 'value');
}

it('names in its help all that an option takes, from the one list of it', function (string $command, array $lists) {
    [$code, $help] = inch("{$command} --help");
    expect($code)->toBe(0)->and($help)->not->toMatch('/[A-Z]{4,}S\b(?!=|\])/');
    foreach (array_merge(...$lists) as $one) {
        expect($help)->toContain($one);
    }
})->with([
    'a plan' => ['inch:plan', [valuesOf(Way::class), valuesOf(Turn::class), valuesOf(Labels::class)]],
    'plans' => ['inch:suggest', [valuesOf(Subject::class)]],
    'a printout' => ['inch:sheet', [valuesOf(Look::class), PrintableSheets::keys()]],
]);

it('takes the names that options had before', function (string $before, string $now) {
    expect(inch("inch:{$before}"))->toBe(inch("inch:{$now}"));
})->with([
    'a photo never cropped' => ['suggest --photo=5x7in --sheet=9x11in --never-trim', 'suggest --photo=5x7in --sheet=9x11in --whole-photo'],
    'a smallest cell' => [
        'suggest --photo=5x7in --sheet=9x11in --least-cell=2in',
        'suggest --photo=5x7in --sheet=9x11in --smallest-cell=2in',
    ],
    'a device' => ['devices --off=Nobody', 'devices --disconnect=Nobody'],
]);

it('plans as it is asked', function (string $options, string $path, mixed $value) {
    expect(data_get(plan($options), $path))->toEqual($value);
})->with([
    // Check values: common practice.
    'an 11 in edge in seven' => ['--photo=5.5x11in --sheet=5.5x11in --columns=1 --rows=7', 'marks.down.0.rounded.text', '1 9/16 in'],
    'its error' => ['--photo=5.5x11in --sheet=5.5x11in --columns=1 --rows=7', 'marks.down.0.error_mm', -0.226786],
    'stepping it' => ['--photo=5.5x11in --sheet=5.5x11in --columns=1 --rows=7', 'marks.down.6.stepped_error_mm', -1.5875],
    'an 8 × 10 stretched on to 9 × 11' => ['--photo=8x10in --sheet=9x11in --fit=stretch', 'scale.stretch_percent', 2.2727],
    'a square on 18 × 24' => ['--photo=6x6in --sheet=artist-18x24 --fit=inset', 'drawing.height.text', '18 in'],
    'a sheet measured in millimetres' => ['--photo=25x40cm --sheet=294x420mm --fit=cells --cell=5cm', 'leftover.width.exact', '44'],
    'letter folded in eight' => ['--photo=8.5x11in --sheet=letter --columns=8 --rows=8', 'grid.cell.height.text', '1 3/8 in'],
    'columns and rows of whole squares' => ['--photo=5x7in --sheet=letter --fit=cells --columns=6 --rows=8', 'grid.rows', 8],
    'their side' => ['--photo=5x7in --sheet=letter --fit=cells --columns=6 --rows=8', 'grid.cell.width.text', '1 3/8 in'],
    // Options.
    'a sheet by name' => ['--photo=print-5x7 --sheet=a3', 'drawing.width.text', '29.7 cm'],
    'taken as given' => ['--photo=7x5in --sheet=letter', 'orientation', 'upright'],
    'turned as advised' => ['--photo=7x5in --sheet=letter --turn=advised', 'orientation', 'sideways'],
    'turned' => ['--photo=5x7in --sheet=letter --turn=sideways', 'drawing.width.text', '11 in'],
    'a margin' => ['--photo=5x7in --sheet=letter --margin=1/2', 'drawing.left.text', '1/2 in'],
    'a margin in the unit' => ['--photo=5x7in --sheet=letter --margin=1 --unit=cm', 'drawing.left.exact', '10'],
    'a ruler' => ['--photo=5x7in --sheet=letter --columns=3 --ruler=1/2in', 'marks.across.0.rounded.text', '3 in'],
    'pixels: no length on the photo' => ['--photo=1600x1200 --sheet=letter', 'crop.width', null],
    'pixels: no scale' => ['--photo=1600x1200 --sheet=letter', 'scale.x', null],
    'pixels: marks on the paper all the same' => ['--photo=1600x1200 --sheet=letter --columns=4', 'marks.across.3.paper.text', '8 1/2 in'],
    'pixels: none on the photo' => ['--photo=1600x1200 --sheet=letter --columns=4', 'marks.across.3.photo', null],
    'whole cells by count' => ['--photo=5x7in --sheet=letter --fit=cells --columns=4', 'grid.cell.width.text', '2 1/8 in'],
    'squares by measure' => ['--photo=5x7in --sheet=letter --cell=2in', 'grid.columns', 5],
]);

it('prints a table for people, with the sum and its rounding', function () {
    [$code, $text] = inch('inch:plan --photo=5.5x11in --sheet=5.5x11in --columns=1 --rows=7');
    expect($code)->toBe(0)
        ->and($text)->toContain('11 ÷ 7 = 1 4/7 in. On this ruler 1 9/16, 0.009 in short.', 'In steps of 1 9/16 in down the side, line 7 would come out 1/16 in short.', 'from the sheet’s edge');
});

it('exits 1 on what cannot be, with one sentence', function (string $options, string $says) {
    [$code, $text] = inch("inch:plan {$options} --json");
    expect($code)->toBe(1)
        ->and($text)->toContain($says)
        ->and(substr_count(trim($text), "\n"))->toBe(0);
})->with([
    ['--photo=abc', '“abc” is not a length'],
    ['--photo=', 'Say what the photo is'],
    ['--photo=5x7in --sheet=12', '“12” is not a'],
    ['--photo=0x7in', 'A print cannot be 0 long'],
    ['--photo=-5x7in', 'less than nothing'],
    ['--photo=0x0', 'is not a length'],
    ['--photo=5x7in --sheet=nosuch', 'No sheet is called “nosuch”'],
    ['--photo=5x7in --margin=6in', 'leave no room to draw on a sheet of 9 × 12 in (22.9 × 30.5 cm)'],
    ['--photo=5x7in --fit=cells --cell=12in', 'longer than the side it must divide'],
    ['--photo=5x7in --columns=0', 'at least 1'],
    ['--photo=5x7in --columns=500', '60 a side'],
    ['--photo=5x7in --columns=x', 'whole number'],
    ['--photo=5x7in --ruler=1/7in', 'No ruler is marked in'],
    ['--photo=5x7in --unit=ell', 'A unit is in, cm or mm'],
    ['--photo=5x7in --fit=squash', 'Choose one of'],
    ['--photo=5x7in --turn=over', 'Choose one of'],
    ['--photo=5x7in --sheet=1x1mm', 'cannot be drawn on'],
    ['--photo=5x7in --fit=cells --columns=0', 'at least 1'],
]);

it('keeps stdout empty when it fails', function () {
    $process = Symfony\Component\Process\Process::fromShellCommandline('php artisan inch:plan --photo=abc', base_path());
    $process->run();
    expect($process->getExitCode())->toBe(1)
        ->and($process->getOutput())->toBe('')
        ->and($process->getErrorOutput())->toContain('is not a length');
});

it('begins a drawing from a file, planned as inch:plan plans it', function () {
    $options = '--sheet=letter --fit=cells --cell=1.5in';
    [$code, $json] = inch('inch:new '.Photos::make(500, 700)." --photo=5x7in --title=Gate {$options}");
    expect($code)->toBe(0);
    $drawing = Drawing::query()->findOrFail(json_decode($json, true)['drawing']);
    expect(json_decode((string) json_encode((new PlanWriter($drawing->plan()))->plan()), true))->toEqual(plan("--photo=5x7in {$options}"))
        ->and($drawing->choices['title'])->toBe('Gate');
});

it('begins none from a file that is no photo, or with choices that cannot be', function (string $arguments, string $says) {
    [$code, $text] = inch("inch:new {$arguments}");
    expect($code)->toBe(1)
        ->and($text)->toContain($says)
        ->and(Drawing::query()->count())->toBe(0);
})->with([
    fn () => ['nosuch.jpg', 'There is no file “nosuch.jpg”'],
    fn () => [Photos::file('diary'), 'not a picture'],
    fn () => [Photos::make().' --margin=9in', 'leave no room'],
    fn () => [Photos::make().' --photo=5xq', 'is not a length'],
]);

it('writes a sheet by the ending of its file', function (string $ending, string $starts) {
    $out = getenv('INCH_DATA').'/sheet.'.$ending;
    [$code, $text] = inch('inch:sheet '.Drawings::begin()->id." gridded --out={$out} --at=print");
    expect([$code, $text])->toBe([0, ''])
        ->and(substr((string) file_get_contents($out), 0, strlen($starts)))->toBe($starts);
})->with([
    ['pdf', '%PDF-1'],
    ['png', "\x89PNG"],
    ['svg', '<?xml'],
    ['PDF', '%PDF-1'],
]);

it('refuses sheets that cannot be', function (Closure $arguments, string $says) {
    [$code, $text] = inch('inch:sheet '.$arguments());
    expect($code)->toBe(1)->and($text)->toContain($says);
})->with([
    'no such drawing' => [fn () => 'nosuch gridded --out=a.pdf', 'There is no drawing “nosuch”'],
    'no such kind' => [fn () => Drawings::begin()->id.' poster --out=a.pdf', 'There is no sheet called “poster”'],
    'no such format' => [fn () => Drawings::begin()->id.' gridded --out=a.doc', 'should end in .pdf, .png or .svg'],
    'no format' => [fn () => Drawings::begin()->id.' gridded', 'should end in'],
    'no such size' => [fn () => Drawings::begin()->id.' gridded --out=a.pdf --at=billboard', 'Choose print, page or drawing'],
    'no such page' => [fn () => Drawings::begin()->id.' gridded --out=a.pdf --page=vellum', 'not a printer’s paper'],
    'print size of a screen' => [fn () => Drawings::begin(['title' => 'x'])->id.' gridded --out=a.pdf --at=print', 'there is no print size'],
    'nowhere to write' => [fn () => Drawings::begin()->id.' gridded --out='.getenv('INCH_DATA').'/no/such/folder/a.pdf', 'could not be written'],
]);

it('describes the API as the front end has it', function () {
    [, $described] = inch('inch:describe');
    $described = json_decode($described, true);
    expect(array_keys($described['paths']))->toContain('/api/workings', '/api/drawings/{drawing}');
    // Every schema's fields stand in the generated types under their own names.
    $types = (string) file_get_contents(resource_path('js/api/schema.d.ts'));
    foreach ($described['components']['schemas'] as $name => $schema) {
        expect(preg_match("/^        {$name}: \{\n(.*?)^        \};/ms", $types, $found))->toBe(1, "{$name} is missing from schema.d.ts; run npm run types");
        preg_match_all('/^            (\w+)\??: /m', $found[1], $fields);
        expect($fields[1])->toEqualCanonicalizing(array_keys($schema['properties']), "{$name} differs in schema.d.ts; run npm run types");
    }
});
