<?php

use App\Documents\ChoicesReader;
use App\Documents\Reading\Fields;
use App\Wire\FramingQuery;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use InchLadder\Grid\School;
use InchLadder\Grid\SchoolCatalogue;
use InchLadder\Measure\Rational;
use InchLadder\Paper\Position;
use InchLadder\Photo\Border;
use InchLadder\Photo\Framing;
use InchLadder\Photo\Keep;
use InchLadder\Photo\PrintedPart;
use InchLadder\Photo\Turning;

/*
 * Choices as they are sent, read into choices as they are meant.
 */

/** @param  array<string, mixed>  $document */
function readChoices(array $document): ChoicesReader
{
    return ChoicesReader::read($document, 1500, 1000);
}

it('reads a share as it was written, exactly', function (mixed $written, ?string $read) {
    $share = Fields::readShare($written);
    expect($share === null ? null : (string) $share)->toBe($read);
})->with([
    'a fraction' => ['4/9', '4/9'],
    'a decimal' => ['0.25', '1/4'],
    'a number of six digits' => [0.123456, '1929/15625'],
    'a number as drawing gives it' => [1 / 3, '333333/1000000'],
    'a whole' => [1, '1'],
    'below nothing' => ['-1/2', '-1/2'],
    'small, as scripts write it' => ['1e-7', '0'],
    'a fraction of nothing' => ['1/0', null],
    'words' => ['half', null],
    'endless' => [INF, null],
    'no number' => [NAN, null],
    'a list' => [[1], null],
    'very long' => [str_repeat('9', 40), null],
]);

it('brings shares inside their bounds and keeps their exactness', function (string $field, mixed $written, string $kept) {
    $fit = readChoices(['fit' => [$field => $written]])->json->fit;
    expect($fit->{$field})->toBe($kept);
})->with([
    ['left', '1/3', '1/3'],
    ['left', -4, '-1'],
    ['top', 7, '2'],
    ['size', 0, '1/20'],
    ['size', '3/7', '3/7'],
    ['width', '0.001', '1/20'],
    ['inset', 2, '1'],
]);

it('gives a bare number the drawing’s unit, wherever a length is typed', function (string $part, string $field, string $typed, string $read) {
    $json = readChoices(['unit' => 'cm', 'ruler' => '1 mm', $part => [$field => $typed]])->json;
    expect($json->{$part}->{$field})->toBe($read);
})->with([
    ['fit', 'cell', '4', '4 cm'],
    ['fit', 'print_cell', '2,5', '2.5 cm'],
    ['grid', 'cell', '3', '3 cm'],
    ['grid', 'tick', '1', '1 cm'],
    ['paper', 'width', '30', '30 cm'],
    ['photo', 'width', '15 cm', '15 cm'],
]);

it('takes a border in per cent of anything, and in lengths of a print', function (string $kind, string $typed, ?string $left) {
    $document = ['photo' => ['kind' => $kind, 'width' => '6 in', 'height' => '4 in', 'border' => ['left' => $typed]]];
    if ($left === null) {
        expect(fn () => readChoices($document))->toThrow(ValidationException::class);

        return;
    }
    expect((string) readChoices($document)->choices->framing->border->left)->toBe($left);
})->with([
    ['screen', '3 %', '3/100'],
    ['screen', '2,5%', '1/40'],
    ['screen', '0', '0'],
    ['screen', '1/4 in', null],
    ['print', '1/4 in', '1/24'],
    ['print', '5 mm', '25/762'],
    ['print', '0.0', '0'],
    ['print', 'thin', null],
    ['print', '-1 in', null],
]);

it('offers every school it has, and no other', function () {
    $classes = array_map(fn (string $file) => 'InchLadder\\Grid\\Schools\\'.basename($file, '.php'), glob(base_path('core/Grid/Schools/*.php')));
    $offered = array_map(function (string $name) {
        $read = readChoices(['grid' => ['school' => $name]]);

        return $read->choices->school::class;
    }, SchoolCatalogue::keys());
    sort($offered);
    sort($classes);
    expect($offered)->toBe($classes)
        ->and(array_filter($classes, fn (string $class) => ! is_subclass_of($class, School::class)))->toBe([]);
});

it('reads own lines with commas or semicolons between, and decimal commas inside', function (string $typed, array $fractions) {
    $plan = InchLadder\Plan\Plan::of(readChoices([
        'unit' => 'cm',
        'ruler' => '1 mm',
        'photo' => ['kind' => 'print', 'width' => '10 cm', 'height' => '10 cm'],
        'paper' => ['sheet' => null, 'width' => '10 cm', 'height' => '10 cm', 'margins' => ['top' => '0', 'right' => '0', 'bottom' => '0', 'left' => '0']],
        'grid' => ['school' => 'own', 'own_across' => $typed],
    ])->choices);
    expect(array_map(strval(...), $plan->layout->grid->columns))->toBe($fractions);
})->with([
    ['2, 5', ['0', '1/5', '1/2', '1']],
    ['2,5; 5 cm', ['0', '1/4', '1/2', '1']],
    ['5 cm, 2 cm, 5 cm', ['0', '1/5', '1/2', '1']],
    ['', ['0', '1']],
    [';; ,', ['0', '1']],
    ['30 cm', ['0', '1']],
]);

it('places the drawing at every spot there is, and at offsets', function (string $placement, array $offset, string $left, string $top) {
    $plan = InchLadder\Plan\Plan::of(readChoices([
        'photo' => ['kind' => 'print', 'width' => '4 in', 'height' => '4 in'],
        'paper' => [
            'sheet' => null,
            'width' => '10 in',
            'height' => '14 in',
            'placement' => $placement,
            'offset' => $offset,
            'margins' => ['top' => '1 in', 'right' => '1 in', 'bottom' => '1 in', 'left' => '1 in'],
        ],
        'fit' => ['way' => 'inset', 'inset_width' => '6 in'],
    ])->choices);
    expect($plan->layout->left)->toBeLength($left)
        ->and($plan->layout->top)->toBeLength($top);
})->with([
    // Usable 8 × 12 in, drawn 6 × 6 in: 2 × 6 in to spare.
    ['centred', [], '2 in', '4 in'],
    ['optical', [], '2 in', '3.7 in'],
    ['top left', [], '1 in', '1 in'],
    ['top right', [], '3 in', '1 in'],
    ['bottom left', [], '1 in', '7 in'],
    ['bottom right', [], '3 in', '7 in'],
    ['offsets', ['left' => '1/2 in', 'top' => '5 in'], '1/2 in', '5 in'],
    ['offsets', [], '1 in', '1 in'],
]);

it('knows every spot of the core', function () {
    foreach (Position::cases() as $spot) {
        expect(readChoices(['paper' => ['placement' => $spot->value]])->json->paper->placement)->toBe($spot->value);
    }
});

it('writes a framing as an address and reads it back the same', function (int $quarters, bool $mirrored, float $degrees, string $keep, array $border, ?array $part = null) {
    $framing = new Framing(
        Turning::of($quarters, $mirrored, $degrees, Keep::from($keep)),
        Border::of(...array_map(Rational::of(...), $border)),
        $part === null ? null : PrintedPart::of(...array_map(Rational::of(...), $part)),
    );
    parse_str(FramingQuery::write($framing), $query);
    $read = FramingQuery::read(new Request($query));
    expect($read->turning)->toEqual($framing->turning)
        ->and($read->pixels(4321, 1234))->toBe($framing->pixels(4321, 1234));
})->with([
    [0, false, 0.0, 'shape', ['0', '0', '0', '0']],
    [1, false, 0.0, 'shape', ['0', '0', '0', '0']],
    [3, true, -7.25, 'largest', ['0', '0', '0', '0']],
    [2, false, 0.01, 'shape', ['0.1', '0', '0.25', '0.05']],
    [0, true, 15.0, 'largest', ['1/3', '1/7', '0', '0']],
    [1, true, 0.0, 'shape', ['0', '0', '0', '0'], ['1/7', '1/3', '5/9', '6/5', '3/2']],
    [0, false, 2.5, 'shape', ['0.1', '0', '0', '0'], ['0', '0', '1', '5/7', '3/4']],
]);

it('keeps crops with all that was chosen for them, and those of another unit too', function () {
    $kept = ['crops' => [
        ['name' => 'close', 'fit' => ['lock' => 'ratio', 'ratio' => '2:3', 'left' => '1/7', 'size' => '1/2']],
        ['name' => '', 'fit' => ['way' => 'cells', 'cell' => '2 in']],
    ]];
    $read = readChoices(['unit' => 'cm', 'ruler' => '1 mm', ...$kept])->json->crops;
    expect($read[0]->name)->toBe('close')
        ->and($read[0]->fit->left)->toBe('1/7')
        ->and($read[0]->fit->top)->toBeNull()
        ->and($read[1]->name)->toBe('crop 2')
        ->and($read[1]->fit->cell)->toBe('2 in');
});

it('refuses more than can be kept', function (string $list, int $most, array $entry) {
    expect(fn () => readChoices([$list => array_fill(0, $most + 1, $entry)]))->toThrow(ValidationException::class, "more than {$most}")
        ->and(readChoices([$list => array_fill(0, $most, $entry)])->json->{$list})->toHaveCount($most);
})->with([
    ['points', 100, ['name' => 'p', 'x' => '0.1', 'y' => '0.1', 'cross' => false]],
    ['regions', 40, ['left' => '0', 'top' => '0', 'width' => '0.1', 'height' => '0.1', 'use' => 'for measuring']],
    ['crops', 12, ['name' => 'c', 'fit' => []]],
    ['beside', 12, ['id' => '01m89dd56fcre5hmr56wy09zhx', 'name' => 'b']],
]);

it('reads what it wrote, to the last field', function (array $document) {
    $once = json_decode((string) json_encode(readChoices($document)->json), true);
    $twice = json_decode((string) json_encode(readChoices($once)->json), true);
    expect($twice)->toBe($once);
})->with([
    'nothing' => [[]],
    'a print, held another way' => [['photo' => ['kind' => 'print', 'width' => '6', 'height' => '4', 'quarters' => 3, 'straighten' => -1.25, 'border' => ['top' => '1/8 in']]]],
    'points, regions, crops' => [[
        'points' => [['name' => 'eye', 'x' => 0.3333333, 'y' => '1/7', 'cross' => true]],
        'regions' => [['left' => 0, 'top' => 0.5, 'width' => 1, 'height' => '1/2', 'use' => 'hidden later']],
        'crops' => [['name' => 'one', 'fit' => ['size' => 0.4]]],
    ]],
    'an own sheet with a grid over a part' => [[
        'paper' => ['sheet' => null, 'name' => 'pad', 'width' => '20 cm', 'height' => '20 cm', 'shape' => 'oval', 'colour' => 'tan'],
        'grid' => ['school' => 'main', 'main_across' => ['1/3', 0.61], 'part' => ['left' => '0.1', 'top' => '0.2', 'width' => '0.5', 'height' => '0.5'], 'divided' => [['column' => 0, 'row' => 1, 'parts' => 3, 'hairlines' => 'run on']]],
    ]],
]);

it('says what the other side of a print will be, as the photo is shaped and held', function (array $photo, array $more, string $field, string $says) {
    try {
        ChoicesReader::read(['photo' => ['kind' => 'print', ...$photo], ...$more], 2333, 3517);
    } catch (ValidationException $refused) {
        expect(array_keys($refused->errors()))->toContain($field)->and($refused->errors()[$field][0])->toContain($says);

        return;
    }
    throw new RuntimeException('A print of one side was read.');
})->with([
    // 4.125 in × 3517 ÷ 2333 = 6.2185 in, which lies at 99.496 sixteenths.
    'from its width' => [['width' => '4 1/8 in'], [], 'photo.height', 'the whole photo is about 6 3/16 in.'],
    // 15 cm × 2333 ÷ 3517 = 9.950 cm, at a ruler of millimetres.
    'from its height' => [['height' => '15 cm'], ['unit' => 'cm', 'ruler' => '1 mm'], 'photo.width', 'about 10 cm.'],
    // Turned a quarter its width is the longer: 6 in × 2333 ÷ 3517 = 3.980 in.
    'turned' => [['width' => '6 in', 'quarters' => 1], [], 'photo.height', 'about 4 in.'],
    'with none known' => [[], [], 'photo.height', 'like 7 in or 18 cm'],
    'with one that is no length' => [['width' => 'wide'], [], 'photo.height', 'like 7 in or 18 cm'],
]);
