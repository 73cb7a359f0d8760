<?php

use Illuminate\Testing\TestResponse;
use Tests\Drawings;

function finish(string $id): TestResponse
{
    return test()->getJson("/api/drawings/{$id}/finish")->assertOk();
}

it('gathers the last list from what the rungs before left open', function () {
    $drawing = Drawings::begin([...Drawings::FIVE_BY_SEVEN, 'spans' => [['name' => 'gate', 'x1' => '0', 'y1' => '0.5', 'x2' => '0.8', 'y2' => '0.5', 'drawn' => '7 in'], ['name' => 'post', 'x1' => '0', 'y1' => '0.5', 'x2' => '0.4', 'y2' => '0.5', 'drawn' => '3 in']]]);
    test()->putJson("/api/drawings/{$drawing->id}/cells/1/2", ['state' => 'done', 'doubtful' => true])->assertOk();
    test()->putJson("/api/drawings/{$drawing->id}/cells/0/0", ['words' => 'hinge'])->assertOk();
    $tasks = array_column(finish($drawing->id)->json(), 'words', 'key');
    expect($tasks['open'])->toStartWith('34 cells were not copied')
        ->and($tasks['doubtful'])->toBe('Look again at B3.')
        ->and($tasks['notes'])->toBe('Read your notes on A1.')
        // 6 in are wanted of the gate; the post is right.
        ->and($tasks['lengths'])->toBe('Put right, or keep on purpose: gate.')
        ->and($tasks['guides'])->toBe('Lift off what guided you, a kind at a time.')
        ->and($tasks['light'])->toContain('A1')->not->toContain('C1,');
});

it('keeps what was ticked, the medium and the lesson, and takes them back', function () {
    $drawing = Drawings::begin();
    $kept = test()->putJson("/api/drawings/{$drawing->id}", ['version' => 1, 'choices' => array_replace_recursive(Drawings::FIVE_BY_SEVEN, ['finish' => ['medium' => 'ink', 'done' => ['shot', 'shot', 'guides'], 'lesson' => 'Place the rim first.']])])->assertOk();
    expect($kept->json('workings.choices.finish'))->toBe(['medium' => 'ink', 'guides' => null, 'transfer' => null, 'done' => ['shot', 'guides'], 'lesson' => 'Place the rim first.'])
        ->and(array_column(finish($drawing->id)->json(), 'key'))->toContain('over');
    test()->postJson("/api/drawings/{$drawing->id}/undo", ['version' => 2])->assertOk()->assertJsonPath('workings.choices.finish', ['medium' => 'graphite', 'guides' => null, 'transfer' => null, 'done' => [], 'lesson' => '']);
});

it('works from sizes alone, and refuses a medium it does not know', function () {
    $id = test()->postJson('/api/drawings', ['width' => '5 in', 'height' => '7 in'])->json('id');
    expect(array_column(finish($id)->json(), 'key'))->toContain('guides', 'trim')->not->toContain('light');
    test()->postJson('/api/workings', ['choices' => ['finish' => ['medium' => 'jam']], 'wide' => 500, 'high' => 700])->assertUnprocessable()->assertJsonValidationErrors('finish.medium');
});

it('says on every rung alike when the guides come off', function (string $medium, ?string $chosen, string $off, string $says) {
    $drawing = Drawings::begin([...Drawings::FIVE_BY_SEVEN, 'finish' => ['medium' => $medium, 'guides' => $chosen]]);
    $told = test()->getJson("/api/drawings/{$drawing->id}")->assertOk()->json('workings.guides_off');
    expect($told['chosen'])->toBe($off)->and($told['says'])->toContain($says)->and(array_column($told['ways'], 'name'))->toContain($off);
    $tasks = array_column(finish($drawing->id)->json(), 'why', 'key');
    expect($tasks['guides'] ?? $told['says'])->toBe($told['says']);
})->with([
    ['graphite', null, 'before tone', 'before the first tone'], ['graphite', 'in part', 'in part', 'before you shade it'],
    ['ink', null, 'before medium', 'before ink'],
    ['watercolour', 'at the end', 'at the end', 'until the drawing is done'],
    // Chosen for a medium that goes over the pencil, and left behind with it.
    ['graphite', 'before medium', 'before tone', 'before the first tone'],
    ['paint', 'never', 'never', 'may show'],
]);

it('names what falls outside the cut, what it runs through, and what it nearly touches', function () {
    $thing = static fn (string $name, string $outline): array => ['name' => $name, 'outline' => $outline, 'boxed' => true, 'must' => false, 'ticked' => []];
    // 5 × 7 in on 7 1/2 × 10 1/2: a hundredth of its width is 1/16 in and a little.
    $drawing = Drawings::begin([...Drawings::FIVE_BY_SEVEN, 'points' => [['name' => 'gate', 'x' => '1.2', 'y' => '1/2', 'cross' => false], ['name' => 'eye', 'x' => '1/2', 'y' => '1/2', 'cross' => false]], 'things' => [
        $thing('plum', '0.5 0.3, 0.99 0.3, 0.99 0.5, 0.5 0.5'), $thing('cloth', '-0.2 0.8, 0.4 0.8, 0.4 0.9, -0.2 0.9'), $thing('jug', '0.3 0.3, 0.5 0.3, 0.5 0.5, 0.3 0.5'),
    ]]);
    $why = array_column(finish($drawing->id)->json(), 'why', 'key')['trim'];
    expect($why)->toStartWith('Outside it fall the letters')->toContain('It runs through cloth.')->toContain('“plum” ends 1/16 in from the right cut')->toContain('So do gate')->not->toContain('jug')->not->toContain('eye');
    // Nothing to cut is said as such, and names nothing.
    $whole = Drawings::begin(['paper' => ['sheet' => null, 'width' => '5 in', 'height' => '7 in', 'margins' => array_fill_keys(['top', 'right', 'bottom', 'left'], '0 in')], 'fit' => ['way' => 'crop']]);
    expect(array_column(finish($whole->id)->json(), 'why', 'key')['trim'])->not->toContain('Outside it fall');
});

it('says what can hurt at its moment, until it is put away', function (array $choices, array $at) {
    $drawing = Drawings::begin(array_replace_recursive(Drawings::FIVE_BY_SEVEN, $choices));
    $names = static fn (array $cautions): array => array_map(static fn (array $one): string => substr($one['name'], strlen('caution ')), $cautions);
    $told = static fn (): array => [
        ...array_map($names, test()->getJson("/api/drawings/{$drawing->id}")->assertOk()->json('workings.cautions')),
        ...array_map($names, array_filter(array_column(finish($drawing->id)->json(), 'cautions', 'key'))),
    ];
    expect(array_filter($told()))->toEqual($at);
    // Put away one by one, and back by undo.
    $first = array_key_first($at);
    Drawings::rechoose(App\Models\Drawing::query()->findOrFail($drawing->id), ['copy' => ['waved' => ["caution {$at[$first][0]}"]]]);
    foreach ($told() as $cautions) {
        expect($cautions)->not->toContain($at[$first][0]);
    }
    Drawings::step(App\Models\Drawing::query()->findOrFail($drawing->id), 'undo');
    expect(array_filter($told()))->toEqual($at);
})->with([
    'graphite on the table' => [[], ['paper' => ['magnets'], 'dividers' => ['points'], 'trim' => ['knife'], 'protect' => ['fixative']]],
    'pastel, with points' => [['finish' => ['medium' => 'pastel'], 'points' => [['name' => 'eye', 'x' => '1/2', 'y' => '1/2', 'cross' => false]]], ['paper' => ['magnets'], 'dividers' => ['points'], 'tone' => ['dust'], 'over' => ['dust'], 'trim' => ['knife'], 'protect' => ['dust', 'fixative']]],
    'a wall, painted' => [['finish' => ['medium' => 'paint'], 'paper' => ['sheet' => null, 'width' => '2 m', 'height' => '3 m'], 'fit' => ['way' => 'inset'], 'grid' => ['school' => 'count', 'columns' => 5]], ['paper' => ['magnets', 'height'], 'marks' => ['height'], 'dividers' => ['points'], 'copy' => ['height'], 'tone' => ['height'], 'over' => ['solvent'], 'trim' => ['knife'], 'protect' => ['solvent']]],
]);

it('has all that can hurt in one place', function () {
    expect(array_column(test()->getJson('/api/instruments/words')->assertOk()->json('cautions'), 'name'))->toHaveCount(8);
});
