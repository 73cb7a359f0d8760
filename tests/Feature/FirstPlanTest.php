<?php

use App\Adjusting\Adjustments;
use App\Documents\BestPlan;
use App\Documents\ChoicesReader;
use App\Models\Drawing;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;
use InchLadder\Impossible;
use InchLadder\Measure\Unit;
use InchLadder\Plan\Plan;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Drawings;

/*
 * What a drawing opens on before anything was chosen, that it follows, and what is offered after that.
 */

/** @return array<string, mixed> a sheet with margins as a new drawing has them */
function onSheet(string $sheet, string $unit = 'cm'): array
{
    [$width, $height] = array_map(trim(...), explode('x', $sheet));

    return ['unit' => $unit, 'ruler' => Unit::from($unit)->commonRuler()->name, 'paper' => [
        'sheet' => null, 'width' => $width, 'height' => $height,
        'margins' => array_fill_keys(['top', 'right', 'bottom', 'left'], $unit === 'cm' ? '1 cm' : '1/4 in'),
    ]];
}

/** @return array{array<string, mixed>, int, int} the photo's part of the choices, and its pixels */
function ofPhoto(string $photo): array
{
    [$wide, $high] = array_map(trim(...), explode('x', $photo));

    return is_numeric($wide)
        ? [['kind' => 'screen'], (int) $wide, (int) $high]
        : [['kind' => 'print', 'width' => $wide, 'height' => $high], (int) (100 * (float) $wide), (int) (100 * (float) $high)];
}

function opened(string $photo, string $sheet, string $unit = 'cm'): ChoicesReader
{
    [$choices, $wide, $high] = ofPhoto($photo);

    return BestPlan::begin(['photo' => $choices, ...onSheet($sheet, $unit)], $wide, $high);
}

/** What it stands on: `6x8 of 3 cm`, or the way to fit. */
function standsOn(ChoicesReader $read): string
{
    $cells = Plan::of($read->choices)->layout->grid->cells();

    return $read->json->fit->way === 'cells' ? "{$cells->columns}x{$cells->rows} of {$read->json->fit->cell}" : $read->json->fit->way;
}

// Each was looked at, as an artist would: few lines, long cells that are easy to count on, little lost.
it('opens on squares a careful artist would have chosen', function (string $photo, string $sheet, string $unit, string $stands) {
    $read = opened($photo, $sheet, $unit);
    $layout = Plan::of($read->choices)->layout;
    $cells = $layout->grid->cells();
    expect(standsOn($read))->toBe($stands)
        ->and($cells->columns * $cells->rows)->toBeGreaterThanOrEqual(20)->toBeLessThanOrEqual(60)
        ->and($layout->grid->hasSliver())->toBeFalse()
        ->and($layout->fitted->crop->width->times($layout->fitted->crop->height)->toFloat())->toBeGreaterThan(0.92);
})->with([
    ['3000 x 4000', '148 mm x 210 mm', 'cm', '6x8 of 2 cm'],
    ['2000 x 2000', '148 mm x 210 mm', 'cm', '5x5 of 2.5 cm'],
    ['10 cm x 15 cm', '148 mm x 210 mm', 'cm', '4x6 of 3 cm'],
    ['3000 x 4000', '210 mm x 297 mm', 'cm', '6x8 of 3 cm'],
    ['4000 x 3000', '210 mm x 297 mm', 'cm', '8x6 of 3 cm'],
    ['2000 x 3000', '210 mm x 297 mm', 'cm', '4x6 of 4.5 cm'],
    ['1080 x 1920', '210 mm x 297 mm', 'cm', '4x7 of 3.8 cm'],
    ['1450 x 2050', '210 mm x 297 mm', 'cm', '5x7 of 3.8 cm'],
    ['2000 x 2000', '210 mm x 297 mm', 'cm', '5x5 of 3.8 cm'],
    ['13 cm x 18 cm', '210 mm x 297 mm', 'cm', '5x7 of 3.8 cm'],
    ['10 cm x 15 cm', '210 mm x 297 mm', 'cm', '4x6 of 4.5 cm'],
    ['3000 x 4000', '297 mm x 420 mm', 'cm', '6x8 of 4.5 cm'],
    ['2000 x 3000', '297 mm x 420 mm', 'cm', '4x6 of 6 cm'],
    ['2000 x 2000', '297 mm x 420 mm', 'cm', '5x5 of 5 cm'],
    ['3000 x 4000', '420 mm x 594 mm', 'cm', '6x8 of 6 cm'],
    ['2000 x 3000', '420 mm x 594 mm', 'cm', '4x6 of 9.5 cm'],
    ['10 cm x 15 cm', '24 cm x 32 cm', 'cm', '4x6 of 5 cm'],
    ['1450 x 2050', '24 cm x 32 cm', 'cm', '5x7 of 4 cm'],
    ['3000 x 4000', '50 cm x 70 cm', 'cm', '6x8 of 8 cm'],
    ['3000 x 4000', '30 cm x 30 cm', 'cm', '6x8 of 3.5 cm'],
    ['3000 x 4000', '8 1/2 in x 11 in', 'in', '6x8 of 1 1/4 in'],
    ['4 in x 6 in', '8 1/2 in x 11 in', 'in', '4x6 of 1 3/4 in'],
    ['5 in x 7 in', '8 1/2 in x 11 in', 'in', '5x7 of 1 1/2 in'],
    ['3000 x 4000', '9 in x 12 in', 'in', '6x8 of 1 3/8 in'],
    ['8 in x 10 in', '9 in x 12 in', 'in', '4x5 of 2 in'],
    ['3000 x 4000', '11 in x 14 in', 'in', '6x8 of 1 1/2 in'],
    ['5 in x 7 in', '11 in x 14 in', 'in', '5x7 of 1 7/8 in'],
    ['3000 x 4000', '14 in x 17 in', 'in', '6x8 of 2 in'],
    ['2000 x 2000', '18 in x 24 in', 'in', '5x5 of 3 1/2 in'],
    ['8 in x 10 in', '18 in x 24 in', 'in', '4x5 of 4 in'],
]);

it('opens on the same squares in inches and in centimetres', function (string $sheet) {
    foreach (['3000 x 4000', '4000 x 3000', '2000 x 3000', '1080 x 1920', '2000 x 2000', '1450 x 2050'] as $photo) {
        $in = opened($photo, $sheet, 'in')->json->fit;
        $cm = opened($photo, $sheet, 'cm')->json->fit;
        expect([$in->columns, $in->rows])->toBe([$cm->columns, $cm->rows], "{$photo} on {$sheet}");
    }
})->with(['148 mm x 210 mm', '210 mm x 297 mm', '297 mm x 420 mm', '8 1/2 in x 11 in', '9 in x 12 in', '18 in x 24 in', '30 cm x 40 cm']);

/**
 * What follows from choices, as a page is told.
 *
 * @param  ChoicesReader|array<array-key, mixed>  $read
 * @return array<string, mixed>
 */
function follows(ChoicesReader|array $read, int $wide = 3000, int $high = 4000): array
{
    $choices = is_array($read) ? $read : $read->document();

    return test()->postJson('/api/workings', ['choices' => $choices, 'wide' => $wide, 'high' => $high])->assertOk()->json();
}

/** @return list<array<string, mixed>> few, middling and many squares */
function densities(ChoicesReader $read, int $wide = 3000, int $high = 4000): array
{
    return test()->postJson('/api/meshes', ['choices' => $read->document(), 'wide' => $wide, 'high' => $high])->assertOk()->json();
}

/** @param  array<string, mixed>  $how */
function done(string $act, ChoicesReader $read, array $how, int $wide = 3000, int $high = 4000): ChoicesReader
{
    return Adjustments::apply($act, $read, $how, $wide, $high)->read;
}

const A4 = ['paper' => ['sheet' => 'a4', 'width' => '210 mm', 'height' => '297 mm']];

const A3 = ['paper' => ['sheet' => 'a3', 'width' => '297 mm', 'height' => '420 mm']];

/** One change after another, as a page sends them. */
function after(ChoicesReader $read, Closure|string ...$changes): ChoicesReader
{
    foreach ($changes as $change) {
        $read = is_string($change)
            ? Adjustments::apply('unit', $read, ['unit' => $change], 3000, 4000)->read
            : BestPlan::read(array_replace_recursive($read->document(), $change()), 3000, 4000);
    }

    return $read;
}

it('follows the photo, the sheet, the unit and the margins until a fit or a grid is chosen, in whatever order', function () {
    $a4 = fn (): array => A4;
    $narrow = fn (): array => ['paper' => ['margins' => ['left' => '2 cm', 'right' => '2 cm']]];
    $begun = BestPlan::begin([], 3000, 4000);
    expect(standsOn($begun))->toBe('6x8 of 1 3/8 in');
    foreach ([[$a4, 'cm', $narrow], ['cm', $a4, $narrow], [$a4, $narrow, 'cm'], ['cm', $narrow, $a4]] as $order) {
        $read = after($begun, ...$order);
        expect(standsOn($read))->toBe('6x8 of 2.8 cm')
            ->and((array) $read->json->paper->margins)->toBe(['top' => '1 cm', 'right' => '2 cm', 'bottom' => '1 cm', 'left' => '2 cm']);
    }
    // A print that takes no squares is not the end of it.
    $none = after($begun, fn (): array => ['photo' => ['kind' => 'print', 'width' => '0.1 in', 'height' => '20 in', 'agreed' => true]]);
    expect(standsOn($none))->toBe('crop');
    expect(standsOn(after($none, fn (): array => ['photo' => ['kind' => 'screen']])))->toBe('6x8 of 1 3/8 in');
});

it('leaves a fit or a grid alone once it was chosen, and offers the first plan when something else changes', function (Closure $chosen) {
    $read = after(opened('3000 x 4000', '210 mm x 297 mm'), $chosen());
    $stands = standsOn($read);
    expect($read->json->fit->planned)->toBeNull()->and(follows($read)['offer'])->toBeNull();

    $larger = after($read, fn (): array => A3);
    $offer = follows($larger)['offer'];
    expect(standsOn($larger))->toBe($stands)->and($offer['sentence'])->toBe('48 squares of 4.5 cm would fit whole.');
    $kept = done('keep', $larger, []);
    expect(standsOn($kept))->toBe($stands)->and(follows($kept)['offer'])->toBeNull();
    $taken = done('plan', $larger, $offer['plan']);
    expect(standsOn($taken))->toBe('6x8 of 4.5 cm')->and(follows($taken)['offer'])->toBeNull();
})->with([
    'another way to fit' => [fn (): Closure => fn (): array => ['fit' => ['way' => 'crop']]],
    'another cell' => [fn (): Closure => fn (): array => ['fit' => ['cell' => '2.5 cm']]],
    'another grid type' => [fn (): Closure => fn (): array => ['fit' => ['way' => 'crop'], 'grid' => ['school' => 'thirds']]],
]);

it('offers nothing that stands already', function () {
    $read = opened('3000 x 4000', '210 mm x 297 mm');
    [, $middling, $many] = array_column(densities($read), 'plan');
    // Many taken up, and then the first plan again: it is the artist's own now.
    $own = done('plan', done('plan', $read, $many), $middling);
    $narrower = fn (): array => ['paper' => ['margins' => ['left' => '9 mm']]];
    expect($own->json->fit->planned)->toBeNull()
        ->and(standsOn(after($own, $narrower)))->toBe('6x8 of 3 cm')
        ->and(standsOn(after($read, $narrower)))->toBe('6x8 of 3 cm')
        ->and(follows(after($own, $narrower))['offer'])->toBeNull();
});

it('says what a typed count crops, and offers what would keep it', function () {
    $read = opened('3000 x 4000', '210 mm x 297 mm');
    $counted = done('count', $read, ['side' => 'columns', 'count' => 7]);
    // 7 by 9 is 0.778 wide for 1 high, the photo 0.75: 3.6 % of it goes.
    $told = follows($counted);
    expect(standsOn($counted))->toBe('7x9 of 2.7 cm')
        ->and($told['trimmed_share'])->toBe('3.6 %')
        ->and($told['offer']['sentence'])->toBe('48 squares of 3 cm would fit whole.')
        ->and(standsOn(done('count', $read, ['side' => 'rows', 'count' => 12])))->toBe('9x12 of 2.1 cm');
});

it('has more squares where their side is shorter, and no smaller drawing', function () {
    expect(standsOn(done('count', opened('3000 x 4000', '210 mm x 297 mm'), ['cell' => '2,5'])))->toBe('7x9 of 2.5 cm');
    $print = opened('10 cm x 15 cm', '210 mm x 297 mm');
    foreach (['3 cm' => '4x6 of 3 cm', '6 cm' => '3x4 of 6 cm'] as $cell => $stands) {
        expect(standsOn(done('count', $print, ['cell' => $cell], 1000, 1500)))->toBe($stands);
    }
});

it('answers what cannot be a count or a side beside it', function (array $how, string $field, string $says) {
    $choices = opened('3000 x 4000', '210 mm x 297 mm')->document();
    $asked = ['choices' => $choices, 'wide' => 3000, 'high' => 4000, 'act' => 'count', 'how' => $how];
    $errors = test()->postJson('/api/adjust', $asked)->assertUnprocessable()->json('errors');
    expect(array_keys($errors))->toBe([$field])->and($errors[$field][0])->toContain($says);
})->with([
    'no length' => [['cell' => 'a bit'], 'cell', 'is not a length'],
    'longer than the sheet' => [['cell' => '30 cm'], 'cell', 'longer than the side'],
    'no length at all' => [['cell' => '0'], 'cell', 'cannot be 0 long'],
    'a word for a count' => [['side' => 'rows', 'count' => 'many'], 'fit.rows', 'A count is a whole number from 1 to 60.'],
    'none' => [['side' => 'columns', 'count' => 0], 'fit.columns', 'A count is a whole number from 1 to 60.'],
    'too many' => [['side' => 'rows', 'count' => 61], 'fit.rows', 'A count is a whole number from 1 to 60.'],
    'a part of one' => [['side' => 'rows', 'count' => 3.5], 'fit.rows', 'A count is a whole number from 1 to 60.'],
]);

it('has fewer and more squares of the same photo, with the first plan between them', function (string $photo, string $sheet, string $unit) {
    $read = opened($photo, $sheet, $unit);
    [, $wide, $high] = ofPhoto($photo);
    $meshes = densities($read, $wide, $high);
    expect(array_column($meshes, 'density'))->toBe(['few', 'middling', 'many'])
        ->and(array_column($meshes, 'chosen'))->toBe([false, true, false]);
    $cells = array_column($meshes, 'cells');
    expect($cells[1] / $cells[0])->toBeGreaterThanOrEqual(1.5)->and($cells[2] / $cells[1])->toBeGreaterThanOrEqual(1.5);
    foreach ($meshes as $mesh) {
        $taken = done('plan', $read, $mesh['plan'], $wide, $high);
        $grid = Plan::of($taken->choices)->layout->grid;
        $chosen = array_keys(array_filter(array_column(densities($taken, $wide, $high), 'chosen', 'density')));
        expect([$grid->cells()->columns, $grid->cells()->rows])->toBe([$mesh['columns'], $mesh['rows']])
            ->and($grid->hasSliver())->toBeFalse()
            ->and($chosen)->toBe([$mesh['density']]);
    }
})->with([
    ['3000 x 4000', '210 mm x 297 mm', 'cm'],
    ['2000 x 2000', '9 in x 12 in', 'in'],
    ['10 cm x 15 cm', '297 mm x 420 mm', 'cm'],
    ['5 in x 7 in', '18 in x 24 in', 'in'],
    ['4000 x 1000', '50 cm x 70 cm', 'cm'],
]);

/** Saves changes as a page does. @return array<string, mixed> what follows */
function saved(Drawing $drawing, array $changes): array
{
    $choices = array_replace_recursive($drawing->refresh()->document() ?? [], $changes);

    $sent = ['version' => $drawing->version, 'choices' => $choices];

    return test()->putJson("/api/drawings/{$drawing->id}", $sent)->assertOk()->json('workings');
}

it('does not move the squares of a drawing that was begun', function () {
    $drawing = Drawings::begin(opened('300 x 400', '210 mm x 297 mm')->document(), 300, 400);
    expect(saved($drawing, A3)['choices']['fit']['cell'])->toBe('4.5 cm')
        ->and(saved($drawing, A4)['choices']['fit']['cell'])->toBe('3 cm');
    test()->putJson("/api/drawings/{$drawing->id}/cells/0/0", ['state' => 'done'])->assertOk();
    $kept = saved($drawing, A3);
    expect($kept['choices']['fit'])->toMatchArray(['cell' => '3 cm', 'columns' => 6, 'rows' => 8, 'planned' => null])
        ->and($kept['offer']['sentence'])->toBe('48 squares of 4.5 cm would fit whole.');
});

it('says of a fit that was never planned what it was chosen for, once that changes', function () {
    // As a drawing was kept before that was remembered.
    $drawing = Drawings::begin([...onSheet('210 mm x 297 mm'), 'fit' => ['way' => 'crop']], 300, 400);
    expect(saved($drawing, ['title' => 'Renamed'])['choices']['fit']['own'])->toBeNull()
        // How the sheet is cared for is nothing it was chosen for.
        ->and(saved($drawing, ['paper' => ['setup' => ['taped'], 'delicate' => true]])['offer'])->toBeNull();
    $larger = saved($drawing, A3);
    expect($larger['choices']['fit'])->toMatchArray(['way' => 'crop', 'planned' => null])
        ->and($larger['offer']['sentence'])->toBe('48 squares of 4.5 cm would fit whole.');
});

it('keeps a plan, an own fit and an answer through an archive', function (Closure $choices) {
    $read = $choices()();
    $drawing = Drawings::begin($read->document(), 300, 400);
    $zip = test()->get("/api/drawings/{$drawing->id}/drawing.zip")->assertOk()->baseResponse->getFile()->getPathname();
    $file = new UploadedFile($zip, 'drawing.zip', null, null, true);
    $back = test()->post('/api/archives', ['photo' => $file], ['Accept' => 'application/json'])->assertCreated()->json('workings');
    expect($back['choices']['fit'])->toBe((array) $read->json->fit)->and($back['offer'])->toBe(follows($read, 300, 400)['offer']);
})->with(function () {
    $planned = fn (): ChoicesReader => opened('300 x 400', '210 mm x 297 mm');
    $counted = fn (): ChoicesReader => done('count', $planned(), ['side' => 'columns', 'count' => 7], 300, 400);

    yield 'planned' => [fn (): Closure => $planned];
    yield 'its own' => [fn (): Closure => fn (): ChoicesReader => done('way', $planned(), ['way' => 'crop'], 300, 400)];
    yield 'offered' => [fn (): Closure => $counted];
    yield 'declined' => [fn (): Closure => fn (): ChoicesReader => done('keep', $counted(), [], 300, 400)];
});

it('offers the unit a size was typed in, once, and the plan follows it', function (string $unit, array $choices, ?string $offered) {
    $read = BestPlan::begin(['unit' => $unit, 'ruler' => Unit::from($unit)->commonRuler()->name, ...$choices], 3000, 4000);
    $offer = follows($read)['unit_offer'];
    expect($offer['sentence'] ?? null)->toBe($offered);
    if ($offer !== null) {
        $taken = done('unit', $read, ['unit' => $offer['unit']]);
        expect($taken->json->unit)->toBe($offer['unit'])
            ->and($taken->json->fit->planned)->not->toBeNull()
            ->and(follows($taken)['unit_offer'])->toBeNull();
        $declined = array_replace_recursive($read->document(), ['copy' => ['waved' => [$offer['name']]]]);
        expect(follows($declined)['unit_offer'])->toBeNull();
    }
})->with(function () {
    $sheet = fn (string $width, string $height, ?string $name = null): array => [
        'paper' => ['sheet' => $name, 'width' => $width, 'height' => $height],
    ];
    $photo = fn (string $kind): array => ['photo' => ['kind' => $kind, 'width' => '9 cm', 'height' => '12 cm']];

    yield 'a sheet in centimetres' => ['in', $sheet('21 cm', '30 cm'), 'You typed 21 cm. Work in centimetres?'];
    yield 'a sheet in inches' => ['cm', $sheet('9 in', '12 in'), 'You typed 9 in. Work in inches?'];
    yield 'a print in centimetres' => ['in', $photo('print'), 'You typed 9 cm. Work in centimetres?'];
    yield 'sizes alone' => ['in', $photo('sizes'), 'You typed 9 cm. Work in centimetres?'];
    yield 'a sheet of the catalogue' => ['in', $sheet('210 mm', '297 mm', 'a4'), null];
    yield 'millimetres beside centimetres' => ['cm', $sheet('210 mm', '30 cm'), null];
    yield 'a screen with an old size' => ['in', $photo('screen'), null];
});

it('follows or stays, and only offers what can be taken, whatever is changed in whatever order', function (int $seed) {
    $chance = new Randomizer(new Mt19937($seed));
    $one = fn (array $of): mixed => $of[$chance->getInt(0, count($of) - 1)];
    [$wide, $high] = $one([[3000, 4000], [4000, 3000], [1080, 1920], [1450, 2050], [2000, 2000]]);
    $act = fn (string $act, ChoicesReader $read, array $how): ChoicesReader => done($act, $read, $how, $wide, $high);
    $own = fn (string $width, string $height): array => ['sheet' => null, 'width' => $width, 'height' => $height];
    $print = fn (string $width, string $height): array => ['kind' => 'print', 'width' => $width, 'height' => $height, 'agreed' => true];
    $facts = [
        fn (): array => ['paper' => $one([A4['paper'], A3['paper'], $own('9 in', '12 in'), $own('33 cm', '33 cm')])],
        fn (): array => ['paper' => ['turn' => $one(['advised', 'upright', 'sideways', 'given'])]],
        fn (): array => ['paper' => ['shape' => $one(['rectangle', 'oval', 'circle'])]],
        fn (): array => ['paper' => ['margins' => ['left' => $one(['0', '1/4 in', '2 cm']), 'top' => $one(['0', '1 in', '15 mm'])]]],
        fn (): array => ['photo' => $one([['kind' => 'screen'], $print('13 cm', '18 cm'), $print('6 in', '4 in')])],
        fn (): array => ['photo' => ['quarters' => $one([0, 1, 2, 3]), 'mirrored' => $one([true, false])]],
        fn (): array => ['photo' => ['straighten' => $one([0, 2.5, -4])]],
        fn (): array => ['photo' => ['border' => ['top' => $one(['0', '5 %']), 'left' => $one(['0', '3 %'])]]],
        fn (): array => ['photo' => ['subject' => $one(['still life', 'likeness', 'landscape'])]],
    ];
    $changed = fn (ChoicesReader $read, array $changes): array => array_replace_recursive($read->document(), $changes);
    $grid = fn (): array => ['school' => $one(['count', 'thirds', 'measure']), 'columns' => $one([4, 9])];
    $decisions = [
        fn (ChoicesReader $read): ChoicesReader => $act('way', $read, ['way' => $one(['crop', 'inset', 'stretch', 'cells'])]),
        fn (ChoicesReader $read): ChoicesReader => $act('count', $read, ['side' => $one(['columns', 'rows']), 'count' => $one([3, 7, 11])]),
        fn (ChoicesReader $read): ChoicesReader => $act('count', $read, ['cell' => $one(['2 cm', '1 1/4 in', '45 mm'])]),
        fn (ChoicesReader $read): ChoicesReader => BestPlan::read($changed($read, ['fit' => ['way' => 'crop'], 'grid' => $grid()]), $wide, $high),
    ];
    $chosen = fn (ChoicesReader $read): array => [
        array_diff_key((array) $read->json->fit, ['planned' => 0, 'own' => 0]),
        (array) $read->json->grid,
    ];
    $read = BestPlan::begin([], $wide, $high);
    for ($step = 0, $acted = 0; $step < 24; $step++) {
        $before = $read;
        $where = "seed {$seed}, step {$step}";
        $isOwn = $step > 8 && $chance->getInt(0, 3) === 0;
        try {
            $read = match (true) {
                $isOwn => $one($decisions)($read),
                $chance->getInt(0, 5) === 0 => $act('unit', $read, ['unit' => $one(['in', 'cm', 'mm'])]),
                default => BestPlan::read($changed($read, $one($facts)()), $wide, $high),
            };
            Plan::of($read->choices);
        } catch (Impossible|ValidationException) {
            // It is said beside the field, and nothing of it is kept.
            $read = $before;

            continue;
        }
        $acted++;
        if ($read->json->fit->planned !== null) {
            // Still the planner's: just what these would begin with.
            expect($chosen(BestPlan::begin($read->document(), $wide, $high)))->toEqual($chosen($read), $where);
        } elseif ($before->json->fit->planned === null && ! $isOwn) {
            expect($chosen($read))->toEqual($chosen($before), $where);
        }
        $offer = follows($read, $wide, $high)['offer'];
        expect($read->json->fit->planned === null || $offer === null)->toBeTrue($where);
        if ($offer !== null) {
            $kept = $act('keep', $read, []);
            $taken = follows($act('plan', $read, $offer['plan']), $wide, $high);
            // What it was said to crop is what it crops, to the same digit.
            expect($offer['sentence'])->toContain($taken['trimmed_share'] === null ? 'would fit whole' : "with {$taken['trimmed_share']} of");
            expect($taken['offer'])->toBeNull($where)
                ->and($chosen($kept))->toEqual($chosen($read), $where)
                ->and(follows($kept, $wide, $high)['offer'])->toBeNull($where);
        }
    }
    expect($acted)->toBeGreaterThan(10);
})->with(range(1, getenv('INCH_LONG') ? 24 : 4));
