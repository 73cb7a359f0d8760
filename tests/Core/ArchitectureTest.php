<?php

use Tests\Rooms;

arch('the core depends on nothing but exact numbers and linear algebra')
    ->expect('InchLadder')
    ->toOnlyUse(['InchLadder', 'Brick\Math', 'Matrix']);

arch('the core is strict, and everything in it is final or made to be extended')
    ->expect('InchLadder')
    ->toUseStrictTypes()
    ->classes()->toBeFinal()->ignoring('InchLadder\Impossible');

/** @return list<string> files of a folder whose code says one of these */
function saying(string $folder, string $pattern): array
{
    $files = array_map(strval(...), iterator_to_array(new RegexIterator(new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2)."/{$folder}")), '/\.php$/'), false));

    return array_values(array_map(fn (string $file): string => basename($file), array_filter($files, fn (string $file): bool => preg_match($pattern, (string) file_get_contents($file)) === 1)));
}

it('decodes pictures where pixels are read, where they are printed, where devices are simulated and where photos of drawings are laid flat, and nowhere else', function () {
    foreach (array_diff(array_map(basename(...), glob(dirname(__DIR__, 2).'/app/*', GLOB_ONLYDIR)), ['Imaging', 'Printing', 'Devices', 'Shots']) as $room) {
        expect(saying("app/{$room}", '/new .?Imagick\b/'))->toBe([]);
    }
    expect(saying('app/Imaging', '/new .?Imagick\b/'))->not->toBe([]);
});

it('has controllers that hold no rules', fn () => expect(saying('app/Http/Controllers', '/\b(Brick.Math|Imagick|Facades.DB)\b/'))->toBe([]));

arch('nothing is left behind')
    ->expect(['dd', 'dump', 'var_dump', 'print_r', 'die', 'env'])
    ->not->toBeUsedIn(['App', 'InchLadder']);

/*
 * Arrows go one way. Each room may use the rooms named beside it, and those are all named before it:
 * so there is no way round.
 */
const CORE_ROOMS = [
    'Measure' => [],
    'Pixels' => [],
    'Colour' => ['Pixels'],
    'Photo' => ['Measure', 'Pixels'],
    'Paper' => ['Measure', 'Pixels'],
    'Grid' => ['Measure', 'Pixels'],
    'Fit' => ['Measure', 'Photo', 'Paper', 'Grid'],
    'Layout' => ['Measure', 'Photo', 'Paper', 'Grid', 'Fit'],
    // One room a rung or instrument: each stands on the layout, none knows another's inside, none knows the plan.
    'Marks' => ['Measure', 'Paper', 'Grid', 'Layout'],
    'Copying' => ['Measure', 'Pixels', 'Grid', 'Layout'],
    'Checking' => ['Measure', 'Layout'],
    'Compare' => ['Pixels', 'Layout'],
    'Things' => ['Measure', 'Paper', 'Layout', 'Copying'],
    'Sittings' => ['Copying'],
    'Masses' => ['Pixels'],
    'Tone' => ['Pixels', 'Layout'],
    'Finish' => ['Measure', 'Layout'],
    'Planner' => ['Measure', 'Photo', 'Grid'],
    'Printing' => ['Measure', 'Paper', 'Grid'],
    // The top floor.
    'Plan' => ['Measure', 'Photo', 'Paper', 'Grid', 'Fit', 'Layout', 'Marks', 'Copying', 'Checking', 'Compare', 'Things', 'Tone', 'Finish', 'Planner'],
];

const APP_ROOMS = [
    'Exceptions' => [],
    'Wording' => ['Exceptions'],
    'Documents' => ['Wording'],
    'Adjusting' => ['Wording', 'Documents'],
    'Models' => ['Exceptions', 'Documents'],
    'Imaging' => ['Exceptions', 'Wording', 'Models'],
    'House' => ['Models'],
    'Providers' => ['Models', 'House'],
    'Shots' => ['Exceptions', 'Wording', 'Documents', 'Models', 'Imaging'],
    'Keeping' => ['Exceptions', 'Documents', 'Models', 'Imaging'],
    'Archive' => ['Exceptions', 'Wording', 'Documents', 'Models', 'Imaging'],
    'Printing' => ['Exceptions', 'Wording', 'Documents', 'Models', 'Imaging', 'Shots'],
    'Devices' => ['Models', 'Imaging', 'Printing'],
    'Wire' => ['Exceptions', 'Wording', 'Documents', 'Adjusting', 'Models', 'House', 'Imaging', 'Devices', 'Shots'],
    'Http' => ['Exceptions', 'Wording', 'Documents', 'Devices', 'Adjusting', 'Models', 'House', 'Imaging', 'Keeping', 'Archive', 'Printing', 'Shots', 'Wire'],
    'Console' => ['Exceptions', 'Wording', 'Documents', 'Devices', 'Models', 'Imaging', 'Shots', 'Keeping', 'Archive', 'Printing', 'Wire'],
];

it('has arrows that go one way, from every room', function (string $folder, array $rooms) {
    $arrows = Rooms::arrows($folder);
    expect(array_diff(array_keys($arrows), array_keys($rooms)))->toBe([])->and(array_diff(array_keys($rooms), array_keys($arrows)))->toBe([]);
    $before = [];
    foreach ($rooms as $room => $may) {
        expect(array_diff($may, $before))->toBe([], "{$room} may use what is named after it")
            ->and(array_diff($arrows[$room], $may))->toBe([], "{$room} uses a room it may not")
            ->and(array_diff($may, $arrows[$room]))->toBe([], "{$room} may use a room it does not");
        $before[] = $room;
    }
})->with([['core', CORE_ROOMS], ['app', APP_ROOMS]]);

it('is drawn as it is', function (string $folder, array $everywhere) {
    $path = dirname(__DIR__, 2).'/docs/architecture.md';
    $drawn = "```mermaid\n".Rooms::drawn($folder, ...$everywhere)."\n```";
    if (getenv('DRAW_ROOMS')) {
        // DRAW_ROOMS=1 ./bin/test --filter=drawn
        file_put_contents($path, preg_replace("/(## {$folder}: .*?)```mermaid.*?```/s", "$1{$drawn}", (string) file_get_contents($path)));
    }
    expect((string) file_get_contents($path))->toContain($drawn);
})->with([['core', ['Measure']], ['app', ['Exceptions', 'Documents', 'Wording']]]);

it('keeps every figure that rests on practice in one place a room, with its reason and where it is from', function () {
    foreach (glob(dirname(__DIR__, 2).'/core/*/Figures.php') as $file) {
        preg_match_all('~/\*\*(.*?)\*/\s+public const (\w+)~s', (string) file_get_contents($file), $found, PREG_SET_ORDER);
        expect($found)->not->toBe([]);
        foreach ($found as [, $words, $name]) {
            expect($words)->toMatch('/\(ours\)|\(common\s+\*?\s*practice\)|from memory|As above/', basename(dirname($file))."::{$name} does not say where it is from");
        }
    }
});

it('reads no numeral it cannot reckon with: under /u, \d would take any script\'s', function () {
    // PHP's manual, "Pattern Modifiers": with u, \d follows Unicode properties; exact numbers read 0 to 9 only.
    $patterns = 0;
    foreach (['core', 'app'] as $folder) {
        foreach (new RegexIterator(new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2)."/{$folder}")), '/\.php$/') as $file) {
            preg_match_all('#\'([/~])(\S(?:(?!\1).)*)\1[imsDx]*u[imsDx]*\'#', (string) file_get_contents((string) $file), $found);
            $patterns += count($found[2]);
            expect(str_contains(implode("\n", $found[2]), '\\d'))->toBeFalse("{$file} reads numerals with \\d and /u");
        }
    }
    expect($patterns)->toBeGreaterThan(5);
});

it('has no two helpers of one name in its tests: loaded together, PHP would refuse the second', function () {
    $names = [];
    foreach (new RegexIterator(new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__))), '/\.php$/') as $file) {
        $code = (string) file_get_contents((string) $file);
        if (preg_match('/^namespace/m', $code) === 0) {
            preg_match_all('/^function (\w+)/m', $code, $found);
            array_push($names, ...$found[1]);
        }
    }
    expect(count($names))->toBeGreaterThan(30)->and(array_keys(array_filter(array_count_values($names), fn (int $times): bool => $times > 1)))->toBe([]);
});
