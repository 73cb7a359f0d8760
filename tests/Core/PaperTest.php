<?php

use App\Wording\Phrases;
use InchLadder\Colour\Grade;
use InchLadder\Fit\Ways\Inset;
use InchLadder\Measure\Rational;
use InchLadder\Paper\Basis;
use InchLadder\Paper\Catalogue;
use InchLadder\Paper\Margins;
use InchLadder\Paper\MarginsEatSheet;
use InchLadder\Paper\Measured;
use InchLadder\Paper\OffTheSheet;
use InchLadder\Paper\OrientationAdvice;
use InchLadder\Paper\Placement;
use InchLadder\Paper\Position;
use InchLadder\Paper\Shape;
use InchLadder\Paper\SheetSize;
use InchLadder\Paper\SheetSizeOutOfBounds;
use InchLadder\Paper\SheetUnknown;
use InchLadder\Paper\Turn;
use InchLadder\Paper\Weight;
use InchLadder\Paper\WeightUnreadable;
use InchLadder\Photo\Reference;
use Tests\Core\Plans;

it('names every sheet once, upright, with the source of its size', function () {
    $sheets = Catalogue::sheets();
    expect($sheets)->not->toBeEmpty();
    foreach ($sheets as $key => $sheet) {
        expect($sheet->key)->toBe($key)
            ->and($sheet->size->isUpright())->toBeTrue("{$key} lies on its side")
            ->and($sheet->source)->not->toBe('')
            ->and(SheetSize::check($sheet->size))->toBe($sheet->size);
    }
    expect(array_unique(array_map(fn ($sheet) => $sheet->source.$sheet->name, $sheets)))->toHaveCount(count($sheets));
});

it('finds sheets by what people call them', function (string $name, string $size) {
    $sheet = Catalogue::find($name)->size;
    expect($sheet->width)->toBeLength(explode('x', $size)[0].' in')
        ->and($sheet->height)->toBeLength(explode('x', $size)[1].' in');
})->with([
    ['letter', '8.5x11'],
    ['Letter', '8.5x11'],
    ['legal', '8.5x14'],
    ['tabloid', '11x17'],
    ['artist-18x24', '18x24'],
    ['Arch A', '9x12'],
]);

it('does not guess at a sheet it does not know', fn () => expect(fn () => Catalogue::find('foolscap octavo'))->toBeRefused(SheetUnknown::class, 'No sheet is called “foolscap octavo”'));

it('takes the margins off the sheet', function () {
    $usable = (new Margins(length('1 in'), length('1/2 in'), length('2 in'), length('1/4 in')))->inside(size('9x12in'));
    expect($usable->width)->toBeLength('8.25 in')->and($usable->height)->toBeLength('9 in');
});

it('refuses margins that eat the sheet', fn (string $margin) => expect(fn () => Margins::all(length($margin))->inside(size('6x8in')))->toBeRefused(MarginsEatSheet::class, 'These margins leave no room to draw on'))
    ->with([
        'just' => '2.9 in',
        'all' => '3 in',
        'more' => '20 in',
    ]);

it('bounds a sheet from 10 mm to 20 m', function (string $size, bool $allowed) {
    $check = fn () => SheetSize::check(size($size));
    $allowed ? expect($check())->toBeObject() : expect($check)->toBeRefused(SheetSizeOutOfBounds::class, 'from 1 cm (3/8 in) to 20 m');
})->with([
    ['10x10mm', true],
    ['9.9x10mm', false],
    ['20x20m', true],
    ['1x20.01m', false],
    ['0x5in', false],
]);

it('advises which way round by the long axes, with the share each way wastes', function (string $photo, string $sheet, ?bool $upright, string $words) {
    $advice = OrientationAdvice::for(size($photo)->ratio(), size($sheet));
    expect($advice->upright)->toBe($upright)->and(Phrases::orientation($advice))->toContain($words);
})->with([
    'tall on a tall sheet' => ['5x7in', '8.5x11in', true, 'Portrait fits best.'],
    'wide on a tall sheet' => ['6x4in', '8.5x11in', false, 'Landscape fits best.'],
    'tall on a sheet given sideways' => ['5x7in', '11x8.5in', true, 'Portrait'],
    'a square picture' => ['5x5in', '18x24in', null, 'Both ways leave 25 % of the sheet empty'],
    'a square sheet' => ['5x7in', '10x10in', null, 'The sheet is square'],
]);

it('says a square picture leaves a quarter of an 18 × 24 sheet empty', function () {
    // Common practice.
    $advice = OrientationAdvice::for(Rational::one(), size('18x24in'));
    expect((string) $advice->wastedUpright)->toBe('1/4')->and((string) $advice->wastedSideways)->toBe('1/4');
});

it('turns the sheet only as it is told', function (Turn $turn, string $photo, string $width) {
    expect(Plans::of(Reference::printed(size($photo)), size('8.5x11in'), turn: $turn)->layout->sheet->width)->toBeLength($width);
})->with([
    [Turn::AsGiven, '6x4in', '8.5 in'],
    [Turn::Advised, '6x4in', '11 in'],
    [Turn::Advised, '4x6in', '8.5 in'],
    [Turn::Advised, '4x4in', '8.5 in'],
    [Turn::Upright, '6x4in', '8.5 in'],
    [Turn::Sideways, '4x6in', '11 in'],
]);

it('puts the drawing area where it is wanted inside the margins', function (Position|array $place, string $left, string $top) {
    $plan = Plans::of(
        Reference::printed(size('5x7in')), size('9x12in'), new Inset(Rational::nd(1, 2)),
        margins: new Margins(length('1 in'), length('1 in'), length('1 in'), length('2 in')),
        placement: $place instanceof Position ? Placement::at($place) : Placement::offset(length($place[0]), length($place[1])),
    );
    // Usable 6 × 10, inset 6 × 8.4 at half size: 3 × 4.2, so 3 × 5.8 to spare.
    expect($plan->layout->left)->toBeLength($left)->and($plan->layout->top)->toBeLength($top);
})->with([
    [Position::Centred, '3.5 in', '3.9 in'],
    [Position::TopLeft, '2 in', '1 in'],
    [Position::TopRight, '5 in', '1 in'],
    [Position::BottomLeft, '2 in', '6.8 in'],
    [Position::BottomRight, '5 in', '6.8 in'],
    // Of 5.8 in to spare, 45 % lie above: 2.61 in (common practice).
    [Position::Optical, '3.5 in', '3.61 in'],
    'own offsets, over the margin' => [['1/2 in', '6 in'], '1/2 in', '6 in'],
]);

it('refuses offsets that run off the sheet', function (string $left, string $top, string $says) {
    $plan = fn () => Plans::of(Reference::printed(size('5x7in')), size('9x12in'), new Inset(Rational::nd(1, 2)), placement: Placement::offset(length($left), length($top)));
    expect($plan)->toBeRefused(OffTheSheet::class, $says);
})->with([
    ['5 in', '1 in', 'From the left edge it may lie 0 to 4.71 in'],
    ['1 in', '6.5 in', 'From the top edge it may lie 0 to 6 in'],
]);

it('points out a sheet that is further off than ISO 216 allows', function (string $key, string $measured, ?bool $within, string $short) {
    $found = Measured::against(Catalogue::find($key), size($measured));
    expect($found->isWithinTolerance)->toBe($within)->and($found->short)->toBeLength($short);
})->with([
    // ISO 216: ±1.5 mm to 150 mm, ±2 mm to 600 mm, ±3 mm above.
    ['a6', '106.5x148mm', true, '1.5 mm'],
    ['a6', '106.6x148mm', false, '1.6 mm'],
    ['a4', '212x299mm', true, '2 mm'],
    ['a4', '210x294.9mm', false, '0'],
    ['a0', '844x1192mm', true, '3 mm'], ['a0', '841x1192.1mm', false, '0'], 'measured sideways' => ['a4', '297x210mm', true, '0'],
    'no tolerance is named' => ['letter', '9x11in', null, '0.5 in'],
]);

it('draws a circle on the largest square of the paper, an oval on all of it', function (Shape $shape, string $area) {
    expect(Plans::of(Reference::printed(size('5x7in')), size('9x12in'), shape: $shape)->layout->fitted->area)->toEqual(size($area));
})->with([
    [Shape::Circle, '9x9in'],
    [Shape::Oval, '9x12in'],
    [Shape::Rectangle, '9x12in'],
]);

it('has canvases at the sizes they are sold by, and finds every sheet by its key', function () {
    // Common practice.
    expect(Catalogue::find('canvas-16x20')->size)->toEqual(size('16x20in'))
        ->and(Catalogue::find('Canvas 8x10')->size)->toEqual(size('8x10in'));
    foreach (Catalogue::sheets() as $key => $sheet) {
        expect(Catalogue::find($key))->toBe($sheet)
            ->and($sheet->size->isUpright())->toBeTrue("{$key} is not upright")
            ->and($sheet->source)->not->toBe('');
    }
    expect(Catalogue::has('foolscap'))->toBeFalse();
});

it('offers every family of sheets it has', function () {
    $families = glob(dirname(__DIR__, 2).'/core/Paper/Standards/*.php');
    $counted = array_sum(array_map(fn (string $file) => count((new ('InchLadder\\Paper\\Standards\\'.basename($file, '.php')))->sheets()), $families));
    expect(Catalogue::sheets())->toHaveCount($counted);
});

it('weighs paper in both systems, and there and back', function (string $typed, Basis $basis, float $grams, float $pounds) {
    $weight = Weight::read($typed, $basis);
    expect(round($weight->grams))->toBe($grams)->and(round($weight->inPounds($basis)))->toBe($pounds)
        ->and(Weight::pounds($weight->inPounds($basis), $basis)->grams)->toEqualWithDelta($weight->grams, 1e-9);
})->with([
    // As the trade tells them (common practice; makers round to what sells).
    ['20 lb', Basis::Bond, 75.0, 20.0],
    ['24lbs', Basis::Bond, 90.0, 24.0],
    ['60 #', Basis::Text, 89.0, 60.0],
    ['80 lb', Basis::Text, 118.0, 80.0],
    ['80 lb', Basis::Cover, 216.0, 80.0],
    ['65 lb', Basis::Cover, 176.0, 65.0],
    ['110 lb', Basis::Index, 199.0, 110.0],
    ['100 LB', Basis::Bristol, 219.0, 100.0],
    ['140 lb', Basis::Imperial, 298.0, 140.0],
    ['300 gsm', Basis::Imperial, 300.0, 141.0],
    ['89,5 g/m²', Basis::Text, 90.0, 60.0],
    ['220', Basis::Cover, 220.0, 81.0],
]);

it('takes pounds for those of watercolour paper where nothing says of what, from the lightest of it on', fn (string $typed, Basis $basis) => expect(Weight::read($typed, null)->basis)->toBe($basis))
    ->with([['140 lb', Basis::Imperial], ['90 lb', Basis::Imperial], ['89 lb', Basis::Text], ['300 g', Basis::Imperial], ['120 g', Basis::Text]]);

it('refuses what is no weight of paper', fn (string $typed, string $says) => expect(static fn () => Weight::read($typed, Basis::Text))->toBeRefused(WeightUnreadable::class, $says))
    ->with([['thick', 'Write it like 240 g or 70 lb'], ['-3 g', 'no weight of paper'], ['', 'no weight of paper'], ['4.9 g', 'from 5 to 3000 g'], ['99999 lb', 'from 5 to 3000 g'], ['1e9', 'no weight of paper']]);

it('has grades in the order of the packets, hard to soft, each good for something', function () {
    $kinds = array_map(static fn (Grade $grade): string => $grade->kind(), Grade::cases());
    expect(array_column(Grade::cases(), 'value'))->toHaveCount(20)->and(array_values(array_unique($kinds)))->toBe(['very-hard', 'hard', 'middle', 'soft', 'very-soft'])
        // None comes back once another began.
        ->and(count(array_filter(range(1, 19), static fn (int $i): bool => $kinds[$i] !== $kinds[$i - 1])))->toBe(4);
});
