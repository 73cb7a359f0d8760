<?php

use App\Documents\ChoicesReader;
use App\Imaging\PhotoStore;
use App\Models\Drawing;
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
        ->and($card->json('courses.0.sentence'))->toContain('upright, straight')
        ->and($card->json('courses.0.crossings'))->toEqualCanonicalizing([0, 1])
        // The two quarters on the left are equally light: lightness alone sees no edge between them.
        ->and(array_column(cell($drawing, 2, 3)->json('crossings'), 'side'))->toBe(['top', 'right', 'bottom'])
        ->and(cell($drawing, 0, 0)->json('crossings'))->toBe([]);
});

it('reads a shared side the same from both cells, however the photo is held', function (array $photo) {
    $drawing = demo(['photo' => ['kind' => 'screen', ...$photo], 'grid' => ['columns' => 6]]);
    $on = fn (int $column, int $row, string $side): array => array_map(fn (array $crossing): array => array_diff_key($crossing, ['side' => 0, 'sentence' => 0]), array_values(array_filter(cell($drawing, $column, $row)->json('crossings'), fn (array $crossing): bool => $crossing['side'] === $side)));
    $met = 0;
    foreach ([[1, 3], [2, 4], [3, 5], [4, 2]] as [$column, $row]) {
        expect($on($column, $row, 'right'))->toBe($on($column + 1, $row, 'left'))->and($on($column, $row, 'bottom'))->toBe($on($column, $row + 1, 'top'));
        $met += count($on($column, $row, 'right')) + count($on($column, $row, 'bottom'));
    }
    expect($met)->toBeGreaterThan(6);
})->with([
    'as it lies' => [[]],
    'mirrored' => [['mirrored' => true]],
    'straightened' => [['straighten' => 2.5]],
    'without its border' => [['border' => ['top' => '5 %', 'right' => '2 %', 'bottom' => '0', 'left' => '7 %']]],
]);

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
    cell($drawing, 5, 0)->assertUnprocessable()->assertJsonPath('message', 'There is no cell 6 in, 1 down; this grid has 5 columns and 7 rows.');
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
    expect($cells())->toBe([[1, 2, 'open', true, '']]);
    noteCell($drawing, 1, 2, ['state' => 'done', 'words' => '½ lower — “rim”']);
    expect($cells())->toBe([[1, 2, 'done', true, '½ lower — “rim”']]);
    noteCell($drawing, 1, 2, ['state' => 'open']);
    expect($cells())->toBe([[1, 2, 'open', true, '½ lower — “rim”']]);
    // It is still to be copied.
    $shelf = test()->getJson('/api/drawings')->json('0');
    expect([$shelf['done'], $shelf['empty']])->toBe([0, 0]);
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
        ->and(test()->getJson("/api/drawings?hand={$hand}")->json('0.next'))->toBe("Next: copy cell {$next}.");
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
    expect(cell($drawing, 2, 1)->json('points'))->toEqual([['name' => 'latch', 'x' => 0.5, 'y' => 0.75, 'sentence' => 'latch: 3/4 in from the left, 1 1/8 in from the top']])
        ->and(cell($drawing, 0, 0)->json('points'))->toBe([]);
});

it('tells the time that is left once enough cells were done in a row', function () {
    $drawing = Drawings::begin();
    expect(copying($drawing)->json('time'))->toBeNull();
    foreach (range(0, 4) as $column) {
        noteCell($drawing, $column, 0, ['state' => 'done'])->assertOk();
        test()->travel(4)->minutes();
    }
    // 30 cells at four minutes each.
    expect(copying($drawing)->json('time'))->toBe('about 2 h');
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
