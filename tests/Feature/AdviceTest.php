<?php

use App\Documents\ChoicesReader;
use App\Imaging\PhotoStore;
use App\Models\Drawing;
use App\Wording\Languages;
use Illuminate\Foundation\Testing\RefreshDatabase;
use InchLadder\Finish\GuidesOff;
use InchLadder\Finish\Medium;
use InchLadder\Finish\Transfer;
use InchLadder\Paper\Colour;
use InchLadder\Paper\Surface;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Photos;

uses(RefreshDatabase::class);

/** All that the rungs say of one drawing. @return array<string, mixed> */
function advised(array $choices): array
{
    $photo = app(PhotoStore::class)->take(Photos::photographic(500, 700, 3));
    $drawing = Drawing::begin($photo, ChoicesReader::read(array_replace_recursive(['title' => 'Walked', 'unit' => 'cm', 'ruler' => '1 mm', 'paper' => ['sheet' => 'a4', 'width' => '210 mm', 'height' => '297 mm']], $choices), 500, 700)->json);
    $url = "/api/drawings/{$drawing->id}";
    $workings = test()->getJson($url)->assertOk()->json('workings');

    return [
        'workings' => $workings, 'tasks' => collect(test()->getJson("{$url}/finish")->assertOk()->json())->keyBy('key')->all(), 'tones' => test()->getJson("{$url}/tones")->assertOk()->json(),
        'copying' => test()->getJson("{$url}/copying")->assertOk()->json(),
        'pencil' => test()->getJson('/api/pencil?'.http_build_query(['surface' => $workings['sheet_care']['surface'], 'use' => $workings['guides_off']['use']]))->assertOk()->json(),
    ];
}

/** What must hold whatever was chosen: nothing one rung says may be denied by another. */
function agrees(array $said, array $choices): void
{
    ['workings' => $workings, 'tasks' => $tasks, 'tones' => $tones, 'copying' => $copying, 'pencil' => $pencil] = $said;
    $medium = Medium::from($choices['finish']['medium']);
    $keys = array_keys($tasks);
    $at = array_flip($keys);
    $carried = $choices['finish']['transfer'] !== null;
    $off = $workings['guides_off'];

    // Guides: one sentence, on the list where they come off and nowhere where they do not.
    expect(isset($tasks['guides']))->toBe(! $carried && $off['chosen'] !== 'never');
    isset($tasks['guides']) && expect($tasks['guides']['why'])->toBe($off['says']);
    expect(isset($tasks['carry']))->toBe($carried)->and(str_contains($off['says'], 'stay behind'))->toBe($carried)
        ->and($off['use'] === 'they may stay')->toBe($carried || $off['chosen'] === 'never');
    if (isset($tasks['over'])) {
        $before = isset($at['guides']) && $at['guides'] < $at['over'];
        expect(str_contains($tasks['over']['why'], 'guides are off'))->toBe($before)->and(str_contains($tasks['over']['why'], 'still on'))->toBe(! $before && ! $carried);
    }
    if (isset($tasks['before'])) {
        $next = $keys[$at['before'] + 1];
        expect($at['before'])->toBeLessThan($at['over'])->and(str_contains($tasks['before']['why'], 'next on this list'))->toBe(in_array($next, ['light', 'guides'], true));
    }
    // A shot comes before anything that takes the study's lines or measures away.
    foreach (['carry', 'light', 'guides', 'edges', 'restate', 'over'] as $key) {
        isset($at[$key]) && expect($at['shot'])->toBeLessThan($at[$key], $key);
    }
    isset($at['last shot']) && expect($at['last shot'])->toBeLessThan($at['trim']);

    // One pencil for one surface, whoever asks; where graphite would not do, nobody names it.
    $kit = implode(' ', $workings['sheet_care']['kit']);
    expect($kit)->toContain($pencil['pencil']);
    if (! in_array($workings['sheet_care']['surface'], ['smooth paper', 'drawing paper', 'watercolour paper'], true)) {
        foreach ($copying['passes'] as $pass) {
            expect($pass['pencil'])->toStartWith($pencil['pencil'])->not->toContain('HB')->toContain('A line broader than');
        }
    }
    // Line and tone, background and ground.
    expect($tones['order'] === 'line')->toBe($medium !== Medium::Graphite)
        ->and($workings['swapped'] === null)->toBe($medium !== Medium::Relief);
    $medium === Medium::Pastel && expect($tones['background'])->toContain('Background first')->and($tasks['over']['words'])->toContain('background first');
    // The way a study is carried over: none that is offered first is spoken against.
    expect($workings['carry']['ways'][0]['name'])->toBe('none')->and($workings['carry']['chosen'])->toBe($choices['finish']['transfer'] ?? 'none');
    // The way that was chosen is among those that are offered, and what speaks against it is said wherever it is.
    expect(array_column($workings['carry']['ways'], 'name'))->toContain($workings['carry']['chosen']);
    $carried && $workings['carry']['against'] !== null && expect($tasks['carry']['why'])->toContain($workings['carry']['against']);
    $carried && expect($tasks['carry']['why'])->toContain($workings['carry']['mirrored'] ? 'printed mirrored' : 'as the plan has it');
    // A needle is warned of where there is one.
    $carried && expect(array_column($tasks['carry']['cautions'], 'name'))->toBe($choices['finish']['transfer'] === 'pounce' ? ['caution points'] : []);
    // Nothing is said twice, and no key is said for a sentence.
    foreach ($tasks as $task) {
        foreach ([$task['title'], $task['words'], $task['why'], ...array_column($task['parts'], 'label')] as $words) {
            expect($words)->not->toMatch('/^[a-z]+\.[a-z]/')->not->toContain('..')->not->toBe('');
        }
    }
}

it('says nothing on one rung that another denies, whatever is chosen', function (int $seed) {
    $random = new Randomizer(new Mt19937(700 + $seed));
    $one = static fn (array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
    $medium = Medium::cases()[$seed % count(Medium::cases())];
    $choices = [
        'finish' => ['medium' => $medium->value, 'guides' => $one([null, ...array_column(GuidesOff::ways($medium), 'value')]), 'transfer' => $one([null, null, ...array_column(Transfer::cases(), 'value')])],
        'paper' => ['colour' => $one(array_column(Colour::cases(), 'value')), 'surface' => $one([null, null, ...array_column(Surface::cases(), 'value')]), 'delicate' => $one([true, false]), 'purpose' => $one([null, 'trial', 'good'])],
        'photo' => ['kind' => 'screen', 'mirrored' => $one([true, false])], 'copy' => ['working' => 'passes'],
        'grid' => ['school' => $one(['count', 'thirds', 'proportional']), 'columns' => 4, 'rows' => 5],
    ];
    agrees(advised($choices), $choices);
})->with(seeds(12, 42));

/** Whatever is told in the language that is asked for, however deep it stands; what is kept under a name of its own goes by that name. */
it('says all there is to say in the language that is asked for', function (int $seed) {
    $random = new Randomizer(new Mt19937(1700 + $seed));
    $one = static fn (array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
    $medium = Medium::cases()[$seed % count(Medium::cases())];
    $this->withHeader('Accept-Language', Languages::PSEUDO);
    $said = advised([
        ...$one([['unit' => 'in', 'ruler' => '1/16 in'], ['unit' => 'mm', 'ruler' => '0.5 mm'], ['ruler' => '1 mm']]), 'reach' => '6 in',
        'finish' => ['medium' => $medium->value, 'guides' => $one([null, ...array_column(GuidesOff::ways($medium), 'value')]), 'transfer' => $one([null, ...array_column(Transfer::cases(), 'value')])],
        'paper' => ['sheet' => $one(['a4', 'letter']), 'shape' => $one(['rectangle', 'oval', 'circle']), 'colour' => $one(array_column(Colour::cases(), 'value')), 'surface' => $one(array_column(Surface::cases(), 'value')), 'delicate' => true, 'purpose' => $one([null, 'trial', 'good'])],
        'photo' => ['kind' => $kind = $one(['screen', 'print']), ...$kind === 'print' ? ['width' => '5 in', 'height' => '7 in'] : [], 'mirrored' => $one([true, false]), 'straighten' => $one([0, 3.2]), 'border' => ['left' => '4 %'], 'light' => '40'],
        'fit' => $one([['way' => 'crop', 'lock' => 'free', 'left' => '0.1', 'top' => '0.1', 'width' => '0.6', 'height' => '0.7'], ['way' => 'stretch'], ['way' => 'inset'], ['way' => 'cells', 'cell' => '1 in']]),
        'copy' => ['working' => $one(['passes', 'cells'])],
        'grid' => ['school' => $one(['count', 'thirds', 'proportional', 'main', 'axes', 'folding', 'own', 'measure', 'cross', 'quarters']), 'columns' => 4, 'rows' => 5, 'part' => $one([null, ['left' => '0.2', 'top' => '0.1', 'width' => '0.5', 'height' => '0.6']]), 'divided' => [['column' => 1, 'row' => 1, 'parts' => 3, 'hairlines' => 'in the cell']]],
        'points' => [['name' => 'NN', 'x' => '0.3', 'y' => '0.4', 'cross' => true]],
        'spans' => [['name' => 'SS', 'x1' => '0.2', 'y1' => '0.3', 'x2' => '0.6', 'y2' => '0.35', 'drawn' => '3 in'], ['name' => 'TT', 'x1' => '0.2', 'y1' => '0.3', 'x2' => '0.3', 'y2' => '0.75', 'drawn' => '9 in']],
    ]);
    unset($said['workings']['choices']);
    $known = array_keys(json_decode((string) file_get_contents(resource_path('js/lang/en.json')), true)['choice']);
    $sheets = array_column(json_decode($this->getJson('/api/catalogue')->content(), true)['sheets'], 'name');
    usort($sheets, fn (string $a, string $b): int => strlen($b) <=> strlen($a));
    $bare = [];
    array_walk_recursive($said, function (mixed $text, int|string $key) use (&$bare, $known, $sheets): void {
        if (is_string($text) && str_contains($text, ' ') && ! in_array($text, $known, true) && ! in_array($key, ['name', 'chosen', 'key', 'use', 'surface', 'hairlines'], true)) {
            preg_match_all('/[^\s⟦⟧]*\p{L}*[aeiou]\p{L}+|\p{L}+[aeiou]\p{L}*/iu', (string) preg_replace('/\b(?:in|cm|mm|px)\b/', ' ', str_replace($sheets, ' ', $text)), $found);
            $found[0] === [] || $bare["{$key}: {$text}"] = true;
        }
    });
    expect(array_keys($bare))->toBe([]);
})->with(seeds(8, 24, 0));

it('can be followed from the photo to the frame', function (array $choices, array $keys, array $said) {
    $choices = array_replace_recursive(['photo' => ['kind' => 'screen'], 'finish' => ['guides' => null, 'transfer' => null], 'grid' => ['school' => 'count', 'columns' => 4]], $choices);
    $all = advised($choices);
    agrees($all, $choices);
    expect(array_values(array_intersect(array_keys($all['tasks']), ['before', 'guides', 'carry', 'over', 'restate', 'trim', 'protect'])))->toBe($keys);
    $text = json_encode($all, JSON_UNESCAPED_UNICODE);
    foreach ($said as $words) {
        expect($text)->toContain($words);
    }
})->with([
    'a portrait in graphite' => [['photo' => ['subject' => 'likeness'], 'finish' => ['medium' => 'graphite']], ['guides', 'restate', 'trim', 'protect'], ['before it is shaded', 'Shadow shapes go in with the line', 'H. On paper with tooth']],
    'a landscape in pastel on toned paper' => [['photo' => ['subject' => 'landscape'], 'finish' => ['medium' => 'pastel'], 'paper' => ['colour' => 'tan']], ['guides', 'restate', 'over', 'trim', 'protect'], ['A white or pale pastel pencil', 'Background first', 'do not blow', 'pale patch on toned paper']],
    'a print in ink' => [['photo' => ['subject' => 'buildings', 'mirrored' => true], 'finish' => ['medium' => 'relief print', 'transfer' => 'traced']], ['carry', 'over', 'trim', 'protect'], ['as it must stand on the block', 'What stands on the block is what is cut', 'Gouge']],
]);
