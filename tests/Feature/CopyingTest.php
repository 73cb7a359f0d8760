<?php

use App\Documents\ChoicesReader;
use App\Imaging\PhotoStore;
use App\Models\Drawing;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Testing\TestResponse;
use Tests\Drawings;

function cell(Drawing $drawing, int $column, int $row): TestResponse
{
    return test()->getJson("/api/drawings/{$drawing->id}/cells/{$column}/{$row}");
}

/** @param  array<string, mixed>  $noted */
function noteCell(Drawing $drawing, int $column, int $row, array $noted): TestResponse
{
    return test()->putJson("/api/drawings/{$drawing->id}/cells/{$column}/{$row}", $noted);
}

function copying(Drawing $drawing, string $hand = 'right'): TestResponse
{
    return test()->getJson("/api/drawings/{$drawing->id}/copying?hand={$hand}");
}

/** @param  array<string, mixed>  $choices */
function demo(array $choices): Drawing
{
    $photo = app(PhotoStore::class)->take(database_path('demo/potting-bench.jpg'));

    return Drawing::begin($photo, ChoicesReader::read($choices, $photo->width, $photo->height)->json);
}

it('gives a cell’s twin on the paper, and where the photo’s edges cross its sides', function () {
    // Four coloured quarters under 5 × 7 cells: the upright edge runs down the middle of column C, the level one of row 4.
    $drawing = Drawings::begin();
    $card = cell($drawing, 2, 1)->assertOk();
    expect($card->json('address'))->toBe('C2')
        ->and($card->json('size'))->toBe('1 1/2 in square')
        ->and($card->json('place'))->toBe('3 1/2 in from the left and 1 3/4 in from the top of the sheet')
        ->and($card->json('across'))->toEqual([['at' => 0.25, 'text' => '3/8'], ['at' => 0.5, 'text' => '3/4'], ['at' => 0.75, 'text' => '1 1/8']])
        ->and(array_column($card->json('crossings'), 'side'))->toBe(['top', 'bottom'])
        ->and(array_column($card->json('crossings'), 'eye'))->toBe(['1/2', '1/2'])
        ->and(array_column($card->json('crossings'), 'paper'))->toBe(['3/4 in', '3/4 in'])
        ->and($card->json('crossings.0.sentence'))->toStartWith('At 1/2 of the top side, 3/4 in from the left on the paper. Exactly')
        ->and($card->json('courses'))->toHaveCount(1)
        ->and($card->json('courses.0.sentence'))->toContain('vertical, straight')
        ->and($card->json('courses.0.crossings'))->toEqualCanonicalizing([0, 1])
        // The two quarters on the left are equally light: colour alone parts them.
        ->and(array_column(cell($drawing, 2, 3)->json('crossings'), 'side'))->toBe(['top', 'right', 'bottom', 'left'])
        ->and(cell($drawing, 0, 0)->json('crossings'))->toBe([]);
});

it('tells a cell on the command line as the page does', function () {
    $drawing = demo(['photo' => ['kind' => 'screen'], 'grid' => ['columns' => 6]]);
    Artisan::call("inch:cell {$drawing->id} c3 --json");
    $told = json_decode(Artisan::output(), true);
    expect($told)->toEqual(cell($drawing, 2, 2)->json())->and($told['courses'])->not->toBe([])
        ->and(Artisan::call("inch:cell {$drawing->id} C3"))->toBe(0);
    $said = Artisan::output();
    expect($said)->toContain('C3: ')->toContain('1. '.$told['courses'][0]['sentence'])->toContain($told['crossings'][0]['eye'])
        ->and(Artisan::call("inch:cell {$drawing->id} Z99"))->toBe(1)->and(Artisan::output())->toContain('There is no cell Z99. This grid’s go from A1 to ');
});

it('sets a crossing or a contour right by hand, for both cells, and takes it back', function () {
    $drawing = demo(['photo' => ['kind' => 'screen'], 'grid' => ['columns' => 6]]);
    $adjusted = function (array $how) use ($drawing): TestResponse {
        $document = test()->getJson("/api/drawings/{$drawing->id}")->json('workings.choices');

        return test()->postJson('/api/adjust', ['choices' => $document, 'wide' => $drawing->photo->width, 'high' => $drawing->photo->height, 'act' => 'edge', 'how' => $how]);
    };
    $keep = function (TestResponse $answer) use ($drawing): void {
        $version = test()->getJson("/api/drawings/{$drawing->id}")->json('version');
        test()->putJson("/api/drawings/{$drawing->id}", ['version' => $version, 'choices' => $answer->assertOk()->json('choices')])->assertOk();
    };
    $on = fn (int $column, int $row, string $side): array => array_values(array_map(fn (array $one): float => round($one['at'], 3), array_filter(cell($drawing, $column, $row)->json('crossings'), fn (array $one): bool => $one['side'] === $side)));
    $before = $on(2, 2, 'right');
    $keep($adjusted(['column' => 2, 'row' => 2, 'what' => 'crossing', 'was' => null, 'now' => [[0.97, 0.061]]]));
    expect($on(2, 2, 'right'))->toContain(0.061)->toBe($on(3, 2, 'left'))->and(cell($drawing, 2, 2)->json('unsaid'))->toContain('No contour leads to the crossing');
    $keep($adjusted(['column' => 3, 'row' => 2, 'what' => 'crossing', 'was' => [0, 0.061], 'now' => []]));
    expect($on(2, 2, 'right'))->toBe($before)->toBe($on(3, 2, 'left'));
    // A bow is drawn through three places, and told as one.
    $keep($adjusted(['column' => 0, 'row' => 0, 'what' => 'contour', 'was' => null, 'now' => [[0.01, 0.2], [0.5, 0.5], [0.98, 0.2]]]));
    expect(cell($drawing, 0, 0)->json('courses.0'))->toMatchArray(['by_hand' => true])->and(cell($drawing, 0, 0)->json('courses.0.sentence'))->toContain('In at 1/5 of the right side, out at 1/5 of the left side: level, bulges down')
        ->and($on(1, 0, 'left'))->toContain(0.2)->toBe($on(0, 0, 'right'))->and(cell($drawing, 1, 0)->json('unsaid'))->toContain('1/5 of the left side');
    foreach ([['what' => 'crossing', 'was' => null, 'now' => [[0.5, 0.5]]], ['what' => 'contour', 'was' => null, 'now' => [[0.5, 0.5]]], ['what' => 'blot', 'was' => null, 'now' => []], ['what' => 'crossing', 'was' => null, 'now' => [['x', 0]]], ['what' => 'crossing', 'was' => null, 'now' => []]] as $nonsense) {
        $adjusted(['column' => 1, 'row' => 1, ...$nonsense])->assertStatus(422);
    }
    test()->postJson("/api/drawings/{$drawing->id}/undo", ['version' => test()->getJson("/api/drawings/{$drawing->id}")->json('version'), 'edits' => test()->getJson("/api/drawings/{$drawing->id}")->json('edits')])->assertOk();
    expect(array_filter(cell($drawing, 0, 0)->json('courses'), fn (array $course): bool => $course['by_hand']))->toBe([]);
});

it('reads a shared side the same from both cells, however the photo is held', function (array $photo) {
    $drawing = demo(['photo' => ['kind' => 'screen', ...$photo], 'grid' => ['columns' => 6]]);
    $on = fn (int $column, int $row, string $side): array => array_map(fn (array $crossing): array => array_diff_key($crossing, ['side' => 0, 'place' => 0, 'sentence' => 0]), array_values(array_filter(cell($drawing, $column, $row)->json('crossings'), fn (array $crossing): bool => $crossing['side'] === $side)));
    $met = 0;
    foreach ([[1, 3], [2, 4], [3, 5], [4, 2]] as [$column, $row]) {
        expect($on($column, $row, 'right'))->toBe($on($column + 1, $row, 'left'))->and($on($column, $row, 'bottom'))->toBe($on($column, $row + 1, 'top'));
        $met += count($on($column, $row, 'right')) + count($on($column, $row, 'bottom'));
    }
    expect($met)->toBeGreaterThan(6);
})->with(few(2, [
    'straightened and mirrored' => [['straighten' => 2.5, 'mirrored' => true]],
    'without its border' => [['border' => ['top' => '5 %', 'right' => '2 %', 'bottom' => '0', 'left' => '7 %']]],
    'as it lies' => [[]],
    'mirrored' => [['mirrored' => true]],
]));

it('gives a partial cell its own quarters, and a drawing of sizes alone its cells without a picture', function () {
    $partial = Drawings::begin([...Drawings::FIVE_BY_SEVEN, 'fit' => ['way' => 'crop', 'shape' => 'free'], 'grid' => ['school' => 'measure', 'cell' => '2 in']]);
    $columns = $partial->plan()->layout->grid->cells()->columns;
    expect(cell($partial, $columns - 1, 0)->json('partial'))->toBeTrue()
        ->and(cell($partial, $columns - 1, 0)->json('across.1.text'))->not->toBe(cell($partial, 0, 0)->json('across.1.text'));
    $sizes = Drawing::query()->findOrFail(test()->postJson('/api/drawings', ['width' => '5 in', 'height' => '7 in'])->json('id'));
    expect(cell($sizes, 0, 0)->assertOk()->json('courses'))->toBe([])
        ->and(cell($sizes, 0, 0)->json('down'))->toHaveCount(3)
        ->and(copying($sizes)->assertOk()->json('blank'))->toBe([]);
});

it('refuses a cell that is not there, and a note that says nothing', function () {
    $drawing = Drawings::begin();
    cell($drawing, 5, 0)->assertUnprocessable()->assertJsonPath('message', 'There is no cell 6 in, 1 down. This grid has 5 columns and 7 rows.');
    noteCell($drawing, 0, 7, ['state' => 'done'])->assertUnprocessable();
    noteCell($drawing, 0, 0, [])->assertUnprocessable();
    noteCell($drawing, 0, 0, ['doubtful' => 'maybe'])->assertUnprocessable();
    noteCell($drawing, 0, 0, ['words' => "two\nlines"])->assertUnprocessable()->assertJsonPath('message', 'A note is one line of up to 200 characters.');
    noteCell($drawing, 0, 0, ['words' => str_repeat('x', 201)])->assertUnprocessable();
    test()->getJson('/api/drawings/01nosuchdrawing0000000000/copying')->assertNotFound();
});

it('flags a cell as doubtful, and keeps words with it, apart from what has become of it', function () {
    $drawing = Drawings::begin();
    $cells = fn (): array => array_map(fn (array $note): array => array_values($note), test()->getJson("/api/drawings/{$drawing->id}")->json('cells'));
    noteCell($drawing, 1, 2, ['doubtful' => true])->assertOk();
    expect($cells())->toBe([[1, 2, 'open', 0, true, '']]);
    noteCell($drawing, 1, 2, ['state' => 'done', 'words' => '½ lower — “rim”']);
    expect($cells())->toBe([[1, 2, 'done', 3, true, '½ lower — “rim”']]);
    noteCell($drawing, 1, 2, ['state' => 'open']);
    expect($cells())->toBe([[1, 2, 'open', 0, true, '½ lower — “rim”']]);
    // It is still to be copied.
    $shelf = test()->getJson('/api/drawings')->json('0');
    expect($shelf['done'])->toBe(0);
    noteCell($drawing, 1, 2, ['doubtful' => false, 'words' => '']);
    expect($cells())->toBe([]);
});

it('goes on after the cell settled last, by the way that was chosen', function (string $start, string $hand, array $done, int $at, string $next) {
    $drawing = Drawings::begin([...Drawings::FIVE_BY_SEVEN, 'copy' => ['start' => $start], 'points' => [['name' => 'latch', 'x' => '0.9', 'y' => '0.9']]]);
    foreach ($done as [$column, $row]) {
        noteCell($drawing, $column, $row, ['state' => 'done'])->assertOk();
        test()->travel(1)->seconds();
    }
    expect(copying($drawing, $hand)->json('at'))->toBe($at)
        ->and(copying($drawing, $hand)->json('order'))->toHaveCount(35)
        ->and(test()->getJson("/api/drawings?hand={$hand}")->json('0.next'))->toBe("Next is square {$next}.");
})->with([
    'row by row' => ['corner', 'right', [[0, 0], [1, 0], [3, 3]], 19, 'E4'],
    'for the left hand' => ['corner', 'left', [[4, 0], [3, 0]], 2, 'C1'],
    'from the key point' => ['focal', 'right', [[4, 6]], 28, 'D6'],
    'where most sides are known' => ['joined', 'right', [[1, 0], [0, 1]], 0, 'A1'],
    'round the outside' => ['outside', 'right', [[0, 0], [2, 3]], 1, 'B1'],
]);

it('refuses a way it does not know', function () {
    test()->postJson('/api/workings', ['choices' => ['copy' => ['start' => 'anywhere']], 'wide' => 500, 'high' => 700])->assertUnprocessable()->assertJsonValidationErrors('copy.start');
});

it('finds the blank cells of a photo, and leaves out those that are settled', function () {
    $drawing = demo(['grid' => ['columns' => 5]]);
    $blank = copying($drawing)->json('blank');
    // The plain wall above; never the watering can in the middle.
    expect($blank)->toContain(0, 1, 2)->not->toContain(17)->not->toContain(22);
    noteCell($drawing, 0, 0, ['state' => 'empty']);
    expect(copying($drawing)->json('blank'))->toBe(array_values(array_diff($blank, [0])));
});

it('writes a cell in the drawing’s own unit, graduation and labels', function (array $choices, string $address, string $size, string $place, array $across) {
    $drawing = Drawings::begin(array_replace_recursive(['photo' => ['kind' => 'print', 'width' => '5 in', 'height' => '7 in'], 'paper' => ['sheet' => 'a4', 'width' => '21 cm', 'height' => '29.7 cm', 'margins' => array_fill_keys(['top', 'right', 'bottom', 'left'], '1 cm')], 'unit' => 'cm', 'ruler' => '1 mm', 'grid' => ['columns' => 4]], $choices));
    $card = cell($drawing, 1, 0)->assertOk();
    expect([$card->json('address'), $card->json('size'), $card->json('place')])->toBe([$address, $size, $place])
        ->and(array_column($card->json('across'), 'text'))->toBe($across);
})->with([
    'centimetres' => [[], 'B1', '≈ 4.8 cm square', '≈ 5.8 cm from the left and 1 cm from the top of the sheet', ['1.2', '2.4', '3.6']],
    'numbers both ways' => [['grid' => ['labels' => 'numbers']], '2 in, 1 down', '≈ 4.8 cm square', '≈ 5.8 cm from the left and 1 cm from the top of the sheet', ['1.2', '2.4', '3.6']],
    'counted from the right' => [['grid' => ['corner' => 'top right']], 'C1', '≈ 4.8 cm square', '≈ 5.8 cm from the left and 1 cm from the top of the sheet', ['1.2', '2.4', '3.6']],
    'equal parts that are not square' => [['grid' => ['school' => 'proportional', 'columns' => 5, 'rows' => 4]], 'B1', '≈ 3.8 × 6.9 cm', '4.8 cm from the left and 1 cm from the top of the sheet', ['1', '1.9', '2.9']],
    'a cell cut in three' => [['grid' => ['divided' => [['column' => 1, 'row' => 0, 'parts' => 3, 'hairlines' => 'in the cell']]]], 'B1', '≈ 4.8 cm square', '≈ 5.8 cm from the left and 1 cm from the top of the sheet', ['1.6', '3.2']],
]);

it('gives the key points of a cell with their readings', function () {
    $drawing = Drawings::begin([...Drawings::FIVE_BY_SEVEN, 'points' => [['name' => 'latch', 'x' => '0.5', 'y' => '0.25'], ['name' => 'elsewhere', 'x' => '0.95', 'y' => '0.95']]]);
    expect(cell($drawing, 2, 1)->json('points'))->toEqual([['name' => 'latch', 'firm' => false, 'x' => 0.5, 'y' => 0.75, 'sentence' => 'latch: 3/4 in from the left, 1 1/8 in from the top']])
        ->and(cell($drawing, 0, 0)->json('points'))->toBe([]);
});

it('tells the time that is left once enough cells were done in a row, by what is in the rest', function () {
    $photo = Drawings::begin();
    $sizes = Drawing::query()->findOrFail(test()->postJson('/api/drawings', ['width' => '5 in', 'height' => '7 in'])->json('id'));
    Drawings::rechoose($sizes, Drawings::FIVE_BY_SEVEN);
    expect(copying($sizes)->json('time'))->toBeNull();
    foreach (range(0, 4) as $column) {
        noteCell($photo, $column, 0, ['state' => 'done'])->assertOk();
        noteCell($sizes, $column, 0, ['state' => 'done'])->assertOk();
        test()->travel(4)->minutes();
    }
    // 30 cells at four minutes each; where plain cells took as long, those that are left with an edge in them take longer.
    expect(copying($sizes)->json('time'))->toBe('about 2 h')
        ->and(copying($photo)->json('time'))->toMatch('/^about (?:[3-9]|1\d)(?: 1\/2)? h$/');
});

it('lets no cell notes of one drawing touch another’s, and drops them with it', function () {
    [$one, $other] = [Drawings::begin(), Drawings::begin()];
    noteCell($one, 1, 1, ['state' => 'done', 'words' => 'mine']);
    expect(test()->getJson("/api/drawings/{$other->id}")->json('cells'))->toBe([])->and(copying($other)->json('at'))->toBe(0);
    $one->forceDelete();
    expect(App\Models\CellNote::query()->count())->toBe(0);
});

it('does not take a doubt or a note on an old cell for the last one done', function () {
    $drawing = Drawings::begin();
    foreach (range(0, 4) as $column) {
        noteCell($drawing, $column, 0, ['state' => 'done']);
        test()->travel(4)->minutes();
    }
    $before = [copying($drawing)->json('at'), copying($drawing)->json('time')];
    test()->travel(1)->minutes();
    noteCell($drawing, 1, 0, ['doubtful' => true, 'words' => 'the rim']);
    expect([copying($drawing)->json('at'), copying($drawing)->json('time')])->toBe($before)->and($before[0])->toBe(5);
    // Done again, it is the last one.
    noteCell($drawing, 1, 0, ['state' => 'open']);
    noteCell($drawing, 1, 0, ['state' => 'done']);
    expect($drawing->refresh()->record($drawing->plan())->last())->toBe(1);
});

it('goes round in passes: a cell through one is next again in the next, and what was done stays with its place', function () {
    $drawing = Drawings::begin([...Drawings::FIVE_BY_SEVEN, 'copy' => ['working' => 'passes', 'pass' => 'place']]);
    noteCell($drawing, 0, 0, ['reached' => 1])->assertOk()->assertJsonPath('undo', 'pass at A1');
    $placing = copying($drawing);
    expect($placing->json('at'))->toBe(1)->and($placing->json('begun'))->toBe([0])->and($placing->json('caution'))->toBeNull()->and($placing->json('round'))->toBeNull();
    // All of it is placed: it says so, and what to look at before it goes on.
    test()->putJson("/api/drawings/{$drawing->id}/cells", ['cells' => range(1, 34), 'reached' => 1])->assertOk()->assertJsonPath('undo', '34 cells a pass on');
    expect(test()->getJson('/api/drawings')->json('0.next'))->toBe('This pass is done. Refine is next.');
    expect(copying($drawing)->json('round'))->toContain('Everything is placed')->and(copying($drawing)->json('by_content'))->toBe(100);
    Drawings::rechoose($drawing, ['copy' => ['pass' => 'refine']]);
    $refining = copying($drawing);
    expect($refining->json('round'))->toBeNull()->and($refining->json('at'))->toBe(0)->and($refining->json('by_content'))->toBe(0)->and($refining->json('begun'))->toHaveCount(35);
    // On a finer grid each of them is as far as the cell it lies in.
    Drawings::rechoose($drawing, ['fit' => ['cell' => '3/4 in']]);
    expect(array_unique(array_column(test()->getJson("/api/drawings/{$drawing->id}")->json('cells'), 'reached')))->toBe([1]);
    Drawings::step($drawing, 'undo');
    Drawings::step($drawing, 'undo');
    Drawings::step($drawing, 'undo');
    expect(test()->getJson("/api/drawings/{$drawing->id}")->json('cells'))->toBe([['column' => 0, 'row' => 0, 'state' => 'open', 'reached' => 1, 'doubtful' => false, 'words' => '']]);
});

it('points out a region that runs ahead, and warns of early detail until that is waved away', function () {
    $drawing = Drawings::begin([...Drawings::FIVE_BY_SEVEN, 'copy' => ['working' => 'passes', 'pass' => 'detail']]);
    test()->putJson("/api/drawings/{$drawing->id}/cells", ['cells' => [6, 7, 11], 'reached' => 2])->assertOk();
    expect(copying($drawing)->json('ahead'))->toBe('B2, C2 and B3 are more than a pass ahead of the rest: leave them until the others have come up.')
        ->and(copying($drawing)->json('caution'))->toBe(['name' => 'early detail', 'says' => '32 cells are not placed yet. The grid holds the places, so little can go wrong. Still, what is placed first is cheaper to move.']);
    Drawings::rechoose($drawing, ['copy' => ['waved' => ['early detail', 'early detail']]]);
    expect(test()->getJson("/api/drawings/{$drawing->id}")->json('workings.choices.copy.waved'))->toBe(['early detail']);
    test()->putJson("/api/drawings/{$drawing->id}/cells", ['cells' => range(0, 8), 'reached' => 2])->assertOk();
    expect(copying($drawing)->json('ahead'))->toBe('A1, B1, C1, D1, E1, A2 and 4 more are more than a pass ahead of the rest: leave them until the others have come up.');
});

/*
 * What is done, of what there is to draw in, is one count wherever it is said; cells that lie outside the outline, or in what is
 * not to be drawn, and cells with nothing in them, are none of them.
 */
it('says through every door how many cells are done, of how many', function (int $seed) {
    $random = new Random\Randomizer(new Random\Engine\Mt19937(4100 + $seed));
    $drawing = Drawings::begin([
        'paper' => ['shape' => ['rectangle', 'oval', 'circle'][$seed % 3]], 'grid' => ['school' => 'count', 'columns' => $random->getInt(4, 8)], 'fit' => ['way' => 'inset'],
        'regions' => $seed % 2 === 0 ? [] : [['name' => '', 'use' => 'not needed', 'left' => '0', 'top' => '0', 'width' => '0.4', 'height' => '0.3']],
    ]);
    $url = "/api/drawings/{$drawing->id}";
    $all = count($this->getJson($url)->json('workings.lines.addresses'));
    foreach (['done', 'empty', 'done'] as $state) {
        $this->putJson("{$url}/cells", ['cells' => array_values(array_unique(array_map(fn () => $random->getInt(0, $all - 1), range(1, 6)))), 'state' => $state])->assertOk();
    }
    $answer = $this->getJson($url)->json();
    [$columns, $spared] = [$answer['workings']['grid']['columns'], array_flip($answer['workings']['lines']['spared'])];
    $states = array_fill_keys(array_keys(array_diff_key(array_fill(0, $all, 0), $spared)), 'open');
    foreach ($answer['cells'] as $cell) {
        isset($states[$cell['row'] * $columns + $cell['column']]) && $states[$cell['row'] * $columns + $cell['column']] = $cell['state'];
    }
    [$done, $of] = [count(array_keys($states, 'done', true)), count($states) - count(array_keys($states, 'empty', true))];
    $entry = collect($this->getJson('/api/drawings')->json())->firstWhere('id', $drawing->id);
    expect([$entry['done'], $entry['cells']])->toBe([$done, $of]);
    $plan = (string) $this->get("{$url}/sheets/plan.svg")->assertOk()->streamedContent();
    expect(html_entity_decode(strip_tags($plan)))->toContain("{$done} of {$of} cells");
    $tasks = json_encode($this->getJson("{$url}/finish")->json(), JSON_UNESCAPED_UNICODE);
    expect($tasks)->toContain($of - $done === 1 ? 'One cell was not copied' : ($of - $done).' cells were not copied');
})->with(seeds(5, 12, 0));
