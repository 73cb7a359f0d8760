<?php

use App\Adjusting\Adjustments;
use App\Documents\BestPlan;
use App\Documents\ChoicesReader;
use InchLadder\Measure\Unit;
use InchLadder\Plan\Plan;
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

    return is_numeric($wide) ? [['kind' => 'screen'], (int) $wide, (int) $high]
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

/** One change after another, as a page sends them. */
function after(ChoicesReader $read, Closure|string ...$changes): ChoicesReader
{
    foreach ($changes as $change) {
        $read = is_string($change)
            ? Adjustments::apply('unit', $read, ['unit' => $change], 3000, 4000)->read
            : BestPlan::read(array_replace_recursive($read->document(), $change($read)), 3000, 4000);
    }

    return $read;
}

it('follows the photo, the sheet, the unit and the margins until a fit or a grid is chosen, in whatever order', function () {
    $a4 = fn (): array => ['paper' => ['sheet' => 'a4', 'width' => '210 mm', 'height' => '297 mm']];
    $wide = fn (): array => ['paper' => ['margins' => ['left' => '2 cm', 'right' => '2 cm']]];
    $begun = BestPlan::begin([], 3000, 4000);
    expect(standsOn($begun))->toBe('6x8 of 1 3/8 in');
    foreach ([[$a4, 'cm', $wide], ['cm', $a4, $wide], [$a4, $wide, 'cm'], ['cm', $wide, $a4]] as $order) {
        $read = after($begun, ...$order);
        expect(standsOn($read))->toBe('6x8 of 2.8 cm')->and((array) $read->json->paper->margins)->toBe(['top' => '1 cm', 'right' => '2 cm', 'bottom' => '1 cm', 'left' => '2 cm']);
    }
    // A print that takes no squares is not the end of it.
    $none = after($begun, fn (): array => ['photo' => ['kind' => 'print', 'width' => '0.1 in', 'height' => '20 in', 'agreed' => true]]);
    expect(standsOn($none))->toBe('crop')->and(standsOn(after($none, fn (): array => ['photo' => ['kind' => 'screen']])))->toBe('6x8 of 1 3/8 in');
});

it('leaves a fit or a grid alone once it was chosen, and offers the first plan when something else is changed', function (Closure $chosen) {
    $read = after(opened('3000 x 4000', '210 mm x 297 mm'), $chosen());
    expect($read->json->fit->planned)->toBeNull();
    $offer = fn (ChoicesReader $read): ?string => test()->postJson('/api/workings', ['choices' => $read->document(), 'wide' => 3000, 'high' => 4000])->assertOk()->json('offer.sentence');
    $stands = standsOn($read);
    expect($offer($read))->toBeNull();
    $larger = after($read, fn (): array => ['paper' => ['sheet' => 'a3', 'width' => '297 mm', 'height' => '420 mm']]);
    expect(standsOn($larger))->toBe($stands)->and($offer($larger))->toBe('48 squares of 4.5 cm would fit whole.');
    $kept = Adjustments::apply('keep', $larger, [], 3000, 4000)->read;
    expect(standsOn($kept))->toBe($stands)->and($offer($kept))->toBeNull();
    $taken = test()->postJson('/api/workings', ['choices' => $larger->document(), 'wide' => 3000, 'high' => 4000])->json('offer.plan');
    $taken = Adjustments::apply('plan', $larger, $taken, 3000, 4000)->read;
    expect(standsOn($taken))->toBe('6x8 of 4.5 cm')->and($offer($taken))->toBeNull();
})->with([
    'another way to fit' => [fn (): Closure => fn (): array => ['fit' => ['way' => 'crop']]],
    'another cell' => [fn (): Closure => fn (): array => ['fit' => ['cell' => '2.5 cm']]],
    'another grid type' => [fn (): Closure => fn (): array => ['fit' => ['way' => 'crop'], 'grid' => ['school' => 'thirds']]],
]);

it('offers nothing that stands already', function () {
    $read = opened('3000 x 4000', '210 mm x 297 mm');
    $many = test()->postJson('/api/meshes', ['choices' => $read->document(), 'wide' => 3000, 'high' => 4000])->json('2.plan');
    // Taken up by the artist, and again the first plan's own: then nothing is the planner's any more.
    $own = Adjustments::apply('plan', Adjustments::apply('plan', $read, $many, 3000, 4000)->read, test()->postJson('/api/meshes', ['choices' => $read->document(), 'wide' => 3000, 'high' => 4000])->json('1.plan'), 3000, 4000)->read;
    expect($own->json->fit->planned)->toBeNull();
    $narrower = after($own, fn (): array => ['paper' => ['margins' => ['left' => '9 mm']]]);
    expect(standsOn($narrower))->toBe('6x8 of 3 cm')->and(standsOn(after($read, fn (): array => ['paper' => ['margins' => ['left' => '9 mm']]])))->toBe('6x8 of 3 cm');
    expect(test()->postJson('/api/workings', ['choices' => $narrower->document(), 'wide' => 3000, 'high' => 4000])->assertOk()->json('offer'))->toBeNull();
});

it('says what a typed count crops, and offers what would keep it', function () {
    $read = opened('3000 x 4000', '210 mm x 297 mm');
    $counted = Adjustments::apply('count', $read, ['side' => 'columns', 'count' => 7], 3000, 4000)->read;
    // 7 by 9 is 0.778 wide for 1 high, the photo 0.75: 3.6 % of it goes.
    expect(standsOn($counted))->toBe('7x9 of 2.7 cm');
    $told = test()->postJson('/api/workings', ['choices' => $counted->document(), 'wide' => 3000, 'high' => 4000])->assertOk()->json();
    expect($told['trimmed_share'])->toBe('3.6 %')->and($told['offer']['sentence'])->toBe('48 squares of 3 cm would fit whole.');
    // A shorter side is not a smaller drawing: there are more of them.
    $shorter = Adjustments::apply('count', $read, ['cell' => '2,5'], 3000, 4000)->read;
    expect(standsOn($shorter))->toBe('7x9 of 2.5 cm');
    $print = opened('10 cm x 15 cm', '210 mm x 297 mm');
    expect(standsOn(Adjustments::apply('count', $print, ['cell' => '3 cm'], 1000, 1500)->read))->toBe('4x6 of 3 cm')->and(standsOn(Adjustments::apply('count', $print, ['cell' => '6 cm'], 1000, 1500)->read))->toBe('3x4 of 6 cm');
    foreach (['a bit' => 'is not a length', '30 cm' => 'longer than the side', '0' => 'cannot be 0 long'] as $typed => $says) {
        try {
            Adjustments::apply('count', $read, ['cell' => (string) $typed], 3000, 4000);
            $said = 'nothing';
        } catch (Illuminate\Validation\ValidationException|InchLadder\Impossible $e) {
            $said = $e instanceof InchLadder\Impossible ? App\Wording\Refusal::of($e) : (string) collect($e->errors())->flatten()->first();
        }
        expect($said)->toContain($says);
    }
    $rows = Adjustments::apply('count', $read, ['side' => 'rows', 'count' => 12], 3000, 4000)->read;
    expect(standsOn($rows))->toBe('9x12 of 2.1 cm');
    expect(fn () => Adjustments::apply('count', $read, ['side' => 'rows', 'count' => 'many'], 3000, 4000))->toThrow(Illuminate\Validation\ValidationException::class);
});

it('has fewer and more squares of the same photo, with the first plan between them', function (string $photo, string $sheet, string $unit) {
    $read = opened($photo, $sheet, $unit);
    [, $wide, $high] = ofPhoto($photo);
    $meshes = test()->postJson('/api/meshes', ['choices' => $read->document(), 'wide' => $wide, 'high' => $high])->assertOk()->json();
    expect(array_column($meshes, 'density'))->toBe(['few', 'middling', 'many'])->and(array_column($meshes, 'chosen'))->toBe([false, true, false]);
    $cells = array_column($meshes, 'cells');
    expect($cells[1] / $cells[0])->toBeGreaterThanOrEqual(1.5)->and($cells[2] / $cells[1])->toBeGreaterThanOrEqual(1.5);
    foreach ($meshes as $mesh) {
        $taken = Adjustments::apply('plan', $read, $mesh['plan'], $wide, $high)->read;
        $grid = Plan::of($taken->choices)->layout->grid;
        expect([$grid->cells()->columns, $grid->cells()->rows])->toBe([$mesh['columns'], $mesh['rows']])->and($grid->hasSliver())->toBeFalse();
        $again = test()->postJson('/api/meshes', ['choices' => $taken->document(), 'wide' => $wide, 'high' => $high])->json();
        expect(array_column($again, 'chosen', 'density'))->toBe([...array_fill_keys(['few', 'middling', 'many'], false), $mesh['density'] => true]);
    }
})->with([
    ['3000 x 4000', '210 mm x 297 mm', 'cm'],
    ['2000 x 2000', '9 in x 12 in', 'in'],
    ['10 cm x 15 cm', '297 mm x 420 mm', 'cm'],
    ['5 in x 7 in', '18 in x 24 in', 'in'],
    ['4000 x 1000', '50 cm x 70 cm', 'cm'],
]);

it('does not move the squares of a drawing that was begun', function () {
    $drawing = Drawings::begin(opened('300 x 400', '210 mm x 297 mm')->document(), 300, 400);
    $save = fn (array $changes) => test()->putJson("/api/drawings/{$drawing->id}", ['version' => $drawing->refresh()->version, 'choices' => array_replace_recursive($drawing->document(), $changes)])->assertOk()->json('workings');
    $a3 = ['paper' => ['sheet' => 'a3', 'width' => '297 mm', 'height' => '420 mm']];
    expect($save($a3)['choices']['fit']['cell'])->toBe('4.5 cm');
    $a4 = ['paper' => ['sheet' => 'a4', 'width' => '210 mm', 'height' => '297 mm']];
    expect($save($a4)['choices']['fit']['cell'])->toBe('3 cm');
    test()->putJson("/api/drawings/{$drawing->id}/cells/0/0", ['state' => 'done'])->assertOk();
    $kept = $save($a3);
    expect($kept['choices']['fit'])->toMatchArray(['cell' => '3 cm', 'columns' => 6, 'rows' => 8, 'planned' => null])->and($kept['offer']['sentence'])->toBe('48 squares of 4.5 cm would fit whole.');
});

it('offers the unit a size was typed in, once, and the plan follows it', function (string $unit, array $choices, ?string $offered) {
    $read = BestPlan::begin(['unit' => $unit, 'ruler' => Unit::from($unit)->commonRuler()->name, ...$choices], 3000, 4000);
    $told = fn (array $document): ?array => test()->postJson('/api/workings', ['choices' => $document, 'wide' => 3000, 'high' => 4000])->assertOk()->json('unit_offer');
    $offer = $told($read->document());
    expect($offer['sentence'] ?? null)->toBe($offered);
    if ($offer !== null) {
        $taken = Adjustments::apply('unit', $read, ['unit' => $offer['unit']], 3000, 4000)->read;
        expect($taken->json->unit)->toBe($offer['unit'])->and($told($taken->document()))->toBeNull()->and($taken->json->fit->planned)->not->toBeNull();
        expect($told(array_replace_recursive($read->document(), ['copy' => ['waved' => [$offer['name']]]])))->toBeNull();
    }
})->with([
    'a sheet in centimetres' => ['in', ['paper' => ['sheet' => null, 'width' => '21 cm', 'height' => '30 cm']], 'You typed 21 cm. Work in centimetres?'],
    'a sheet in inches' => ['cm', ['paper' => ['sheet' => null, 'width' => '9 in', 'height' => '12 in']], 'You typed 9 in. Work in inches?'],
    'a print in centimetres' => ['in', ['photo' => ['kind' => 'print', 'width' => '9 cm', 'height' => '12 cm']], 'You typed 9 cm. Work in centimetres?'],
    'a sheet of the catalogue' => ['in', ['paper' => ['sheet' => 'a4', 'width' => '210 mm', 'height' => '297 mm']], null],
    'millimetres beside centimetres' => ['cm', ['paper' => ['sheet' => null, 'width' => '210 mm', 'height' => '30 cm']], null],
    'sizes alone' => ['in', ['photo' => ['kind' => 'sizes', 'width' => '9 cm', 'height' => '12 cm']], 'You typed 9 cm. Work in centimetres?'],
    'a screen with an old size' => ['in', ['photo' => ['kind' => 'screen', 'width' => '9 cm', 'height' => '12 cm']], null],
]);

it('follows or stays, and only offers what can be taken, whatever is changed in whatever order', function (int $seed) {
    $chance = new Random\Randomizer(new Random\Engine\Mt19937($seed));
    $one = fn (array $of): mixed => $of[$chance->getInt(0, count($of) - 1)];
    [$wide, $high] = $one([[3000, 4000], [4000, 3000], [1080, 1920], [1450, 2050], [2000, 2000]]);
    $facts = [
        fn (): array => ['paper' => [...$one([['sheet' => 'a4', 'width' => '210 mm', 'height' => '297 mm'], ['sheet' => 'a3', 'width' => '297 mm', 'height' => '420 mm'], ['sheet' => null, 'width' => '9 in', 'height' => '12 in'], ['sheet' => null, 'width' => '33 cm', 'height' => '33 cm']]), 'turn' => $one(['advised', 'upright', 'sideways', 'given'])]],
        fn (): array => ['paper' => ['shape' => $one(['rectangle', 'oval', 'circle'])]],
        fn (): array => ['paper' => ['margins' => ['left' => $one(['0', '1/4 in', '2 cm']), 'top' => $one(['0', '1 in', '15 mm'])]]],
        fn (): array => ['photo' => $one([['kind' => 'screen'], ['kind' => 'print', 'width' => '13 cm', 'height' => '18 cm', 'agreed' => true], ['kind' => 'print', 'width' => '6 in', 'height' => '4 in', 'agreed' => true]])],
        fn (): array => ['photo' => ['quarters' => $one([0, 1, 2, 3]), 'mirrored' => $one([true, false]), 'straighten' => $one([0, 0, 2.5])]],
        fn (): array => ['photo' => ['border' => ['top' => $one(['0', '5 %']), 'left' => $one(['0', '3 %'])]]],
        fn (): array => ['photo' => ['subject' => $one(['still life', 'likeness', 'landscape'])]],
    ];
    $own = [
        fn (ChoicesReader $read): ChoicesReader => Adjustments::apply('way', $read, ['way' => $one(['crop', 'inset', 'stretch', 'cells'])], $wide, $high)->read,
        fn (ChoicesReader $read): ChoicesReader => Adjustments::apply('count', $read, ['side' => $one(['columns', 'rows']), 'count' => $one([3, 7, 11])], $wide, $high)->read,
        fn (ChoicesReader $read): ChoicesReader => BestPlan::read(array_replace_recursive($read->document(), ['fit' => ['way' => 'crop'], 'grid' => ['school' => $one(['count', 'thirds', 'measure']), 'columns' => $one([4, 9])]]), $wide, $high),
    ];
    $read = BestPlan::begin([], $wide, $high);
    $chosen = fn (ChoicesReader $read): array => [array_diff_key((array) $read->json->fit, ['planned' => 0, 'own' => 0]), (array) $read->json->grid];
    for ($step = 0, $acted = 0; $step < 24; $step++) {
        $before = $read;
        try {
            $isOwn = $step > 8 && $chance->getInt(0, 3) === 0;
            $read = match (true) {
                $isOwn => $one($own)($read),
                $chance->getInt(0, 5) === 0 => Adjustments::apply('unit', $read, ['unit' => $one(['in', 'cm', 'mm'])], $wide, $high)->read,
                default => BestPlan::read(array_replace_recursive($read->document(), $one($facts)()), $wide, $high),
            };
            Plan::of($read->choices);
        } catch (InchLadder\Impossible|Illuminate\Validation\ValidationException) {
            // It is said beside the field, and nothing of it is kept.
            $read = $before;

            continue;
        }
        $acted++;
        if ($read->json->fit->planned !== null) {
            // Still the planner's: just what these would begin with, on the sheet as it lies.
            $anew = BestPlan::begin([...$read->document(), 'fit' => [...$read->document()['fit'], 'planned' => $read->json->fit->planned]], $wide, $high);
            expect($chosen($anew))->toEqual($chosen($read), "seed {$seed}, step {$step}");
        } elseif ($before->json->fit->planned === null && ! $isOwn) {
            expect($chosen($read))->toEqual($chosen($before), "seed {$seed}, step {$step}");
        }
        $told = test()->postJson('/api/workings', ['choices' => $read->document(), 'wide' => $wide, 'high' => $high])->assertOk()->json();
        expect($read->json->fit->planned === null || $told['offer'] === null)->toBeTrue();
        if ($told['offer'] !== null) {
            $taken = Adjustments::apply('plan', $read, $told['offer']['plan'], $wide, $high)->read;
            expect(test()->postJson('/api/workings', ['choices' => $taken->document(), 'wide' => $wide, 'high' => $high])->assertOk()->json('offer'))->toBeNull("seed {$seed}, step {$step}");
            $kept = Adjustments::apply('keep', $read, [], $wide, $high)->read;
            expect($chosen($kept))->toEqual($chosen($read))->and(test()->postJson('/api/workings', ['choices' => $kept->document(), 'wide' => $wide, 'high' => $high])->json('offer'))->toBeNull();
        }
    }
    expect($acted)->toBeGreaterThan(10);
})->with(range(1, getenv('INCH_LONG') ? 24 : 4));
