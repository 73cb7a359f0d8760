<?php

use InchLadder\Fit\Aim;
use InchLadder\Fit\Crop;
use InchLadder\Fit\CropPull;
use InchLadder\Fit\Dividers;
use InchLadder\Fit\Frame;
use InchLadder\Fit\Pivot;
use InchLadder\Fit\Ratio;
use InchLadder\Fit\RatioUnreadable;
use InchLadder\Fit\Scale;
use InchLadder\Fit\Ways\CropToPaper;
use InchLadder\Fit\Ways\Inset;
use InchLadder\Fit\Ways\Stretch;
use InchLadder\Fit\Ways\WholeCells;
use InchLadder\Grid\CellTooLarge;
use InchLadder\Grid\CountOutOfRange;
use InchLadder\Measure\Graduation;
use InchLadder\Measure\Length;
use InchLadder\Measure\LengthReader;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Unit;
use InchLadder\Photo\PrintSizeImpossible;
use InchLadder\Photo\Reference;
use Tests\Core\Plans;

/*
 * The trade figures here are common practice; they have no published source.
 */

function frame(?string $left = null, ?string $top = null, string $size = '1'): Frame
{
    return new Frame($left === null ? null : Rational::of($left), $top === null ? null : Rational::of($top), Rational::of($size));
}

it('fits whole cells on to a sheet', function (string $print, string $sheet, string $cell, int $columns, int $rows, string $area, string $left, string $scale) {
    $plan = Plans::of(Reference::printed(size($print)), size($sheet), new WholeCells(length($cell), frame()));
    expect([$plan->layout->grid->cells()->columns, $plan->layout->grid->cells()->rows])->toBe([$columns, $rows])
        ->and($plan->layout->fitted->area)->toEqual(size($area))
        ->and($plan->layout->leftover)->toEqual(size($left))
        ->and((string) $plan->layout->scale->x)->toBe($scale)
        ->and((string) $plan->layout->scale->y)->toBe($scale)
        ->and($plan->layout->scale->keepsProportion())->toBeTrue();
})->with([
    '5 × 7 print on letter, 1 in becomes 1½ in' => ['5x7in', '8.5x11in', '1.5 in', 5, 7, '7.5x10.5in', '1x0.5in', '3/2'],
    '6 × 4 print, 1 in becomes 2 in' => ['6x4in', '12x8in', '2 in', 6, 4, '12x8in', '0x0in', '2'],
    'a sheet measured 294 × 420 mm, 5 cm cells' => ['25x40cm', '294x420mm', '5 cm', 5, 8, '25x40cm', '44x20mm', '1'],
    'the same sheet, cells that leave nothing' => ['7x10cm', '294x420mm', '42 mm', 7, 10, '294x420mm', '0x0mm', '21/5'],
]);

it('enlarges the area with the square of the length', function () {
    $plan = Plans::of(Reference::printed(size('5x7in')), size('8.5x11in'), new WholeCells(length('1.5in'), frame()));
    expect((string) $plan->layout->scale->area())->toBe('9/4');
});

it('takes as many cells as are asked for, when they fit', function () {
    $plan = Plans::of(Reference::printed(size('4x5in')), size('21x29.7cm'), new WholeCells(length('4 cm'), frame(), 4, 5));
    expect($plan->layout->fitted->area)->toEqual(size('16x20cm'));
});

it('finds the largest square of which so many fit', function (int $columns, ?int $rows, ?string $ruler, string $side) {
    expect(WholeCells::largest(size('8.5x11in'), $columns, $rows, $ruler === null ? null : Graduation::read($ruler)))->toBeLength($side);
})->with([
    'across alone' => [5, null, null, '1.7 in'],
    'the height is what stops it' => [6, 8, null, '1 3/8 in'],
    'the width is what stops it' => [8, 6, null, '1 1/16 in'],
    'on the ruler' => [5, null, '1/16 in', '1 11/16 in'],
    'finer than the ruler' => [60, null, '1/2 in', '17/120 in'],
]);

it('refuses cells that cannot be', function (string $cell, ?int $columns, string $exception, string $says) {
    $fit = fn () => (new WholeCells(length($cell), frame(), $columns))->onto(Reference::onScreen(400, 300), size('8.5x11in'));
    expect($fit)->toBeRefused($exception, $says);
})->with([
    'larger than the sheet' => ['9 in', null, CellTooLarge::class, 'longer than the side it must divide, 8.5 in'],
    'nothing' => ['0', null, CellTooLarge::class, 'cannot be 0 long'],
    'too many wanted' => ['2 in', 5, CellTooLarge::class, '5 cells of this size do not fit along the paper. 4 do'],
    'more than sixty' => ['1 mm', null, CountOutOfRange::class, 'The limit is 60 a side'],
]);

it('trims both to whole cells, the print too', function () {
    $plan = Plans::of(Reference::printed(size('5x7in')), size('10x10in'), new WholeCells(length('2.5 in'), frame()));
    // 4 × 4 cells want a square: 5 of the 7 in are kept.
    expect($plan->layout->print)->toEqual(size('5x5in'))
        ->and((string) $plan->layout->fitted->crop->trimmed())->toBe('2/7')
        ->and((string) $plan->layout->fitted->crop->top)->toBe('1/7');
});

it('crops the largest part of the paper’s shape', function (string $photo, string $sheet, string $width, string $height) {
    $fitted = (new CropToPaper(frame()))->onto(Reference::printed(size($photo)), size($sheet));
    expect([(string) $fitted->crop->width, (string) $fitted->crop->height])->toBe([$width, $height]);
})->with([
    'wide photo, tall paper' => ['10x5in', '4x5in', '2/5', '1'],
    'tall photo, wide paper' => ['5x10in', '5x4in', '1', '2/5'],
    'the same shape' => ['4x6in', '8x12in', '1', '1'],
    '8 × 10 photo on 9 × 11: 8 × 9 7/9 is kept' => ['8x10in', '9x11in', '1', '44/45'],
]);

it('keeps the crop inside the photo wherever it is put', function (?string $left, ?string $top, string $size, string $placed) {
    $crop = (new CropToPaper(frame($left, $top, $size)))->onto(Reference::onScreen(1000, 500), size('5x5in'))->crop;
    expect("{$crop->left} {$crop->top} {$crop->width} {$crop->height}")->toBe($placed);
})->with([
    'centred' => [null, null, '1', '1/4 0 1/2 1'],
    'put at the left' => ['0', null, '1', '0 0 1/2 1'],
    'dragged past the right' => ['0.9', '0.5', '1', '1/2 0 1/2 1'],
    'dragged past the left' => ['-3', null, '1', '0 0 1/2 1'],
    'half as large, centred' => [null, null, '1/2', '3/8 1/4 1/4 1/2'],
    'half as large, in a corner' => ['1', '1', '0.5', '3/4 1/2 1/4 1/2'],
]);

it('makes of a pull what stays inside the photo, in the crop’s own shape', function (string $from, array $pull, string $becomes) {
    $reference = Reference::onScreen(1000, 500);
    $crop = (new CropToPaper(frame(...explode(' ', $from))))->onto($reference, size('5x5in'))->crop;
    $hand = new CropPull($crop, $crop->sizeOn($reference));
    $share = fn (string $name): Rational => Rational::of($pull[$name]);
    $pulled = match ($pull['by']) {
        'move' => $hand->moved($share('left'), $share('top')),
        'size' => $hand->sized($share('size')),
        'corner' => $hand->{isset($pull['free']) ? 'freeCorner' : 'corner'}($share('width'), $share('height')),
    };
    $again = $pulled instanceof Frame ? (new CropToPaper($pulled))->onto($reference, size('5x5in'))->crop : $pulled;
    expect("{$again->left} {$again->top} {$again->width} {$again->height}")->toBe($becomes);
})->with(function () {
    // The page draws a pull before it is answered: resources/js/boards/held.test.ts reads the same table.
    foreach (json_decode((string) file_get_contents(__DIR__.'/pulls.json'), true) as $one) {
        yield $one['name'] => [$one['from'], $one['pull'], $one['becomes']];
    }
});

it('insets the whole photo along the extended diagonal', function (string $photo, string $sheet, string $size, string $area) {
    $fitted = (new Inset(Rational::of($size)))->onto(Reference::printed(size($photo)), size($sheet));
    expect($fitted->area)->toEqual(size($area))->and($fitted->crop->trimmed()->isZero())->toBeTrue();
})->with([
    'a square on 18 × 24' => ['5x5in', '18x24in', '1', '18x18in'],
    '8 × 10 on to 9 × 11, held by the height' => ['8x10in', '9x11in', '1', '8.8x11in'],
    '8 × 10 in 9 wide' => ['8x10in', '9x20in', '1', '9x11.25in'],
    '15 × 10 cm in 25 wide: the true height is 16⅔ cm' => ['15x10cm', '25x20cm', '1', '25x50/3cm'],
    'at half' => ['5x5in', '18x24in', '1/2', '9x9in'],
]);

it('measures a stretch, and what it does to a slope', function (string $photo, string $sheet, string $x, string $y, string $stretch, float $slope) {
    $scale = Scale::between(size($photo), size($sheet));
    expect([(string) $scale->x, (string) $scale->y, (string) $scale->stretch])->toBe([$x, $y, $stretch])
        ->and($scale->slope(20.0))->toEqualWithDelta($slope, 0.05);
})->with([
    '8 × 10 on to 9 × 11' => ['8x10in', '9x11in', '9/8', '11/10', '1/44', 19.6],
    'a square filling 18 × 24' => ['10x10in', '24x18in', '12/5', '9/5', '1/3', 15.3],
    'the same, upright' => ['10x10in', '18x24in', '9/5', '12/5', '1/3', 25.9],
    'in proportion' => ['5x7in', '7.5x10.5in', '3/2', '3/2', '0', 20.0],
]);

it('stretches knowingly: the whole photo, the whole paper', function () {
    $plan = Plans::of(Reference::printed(size('8x10in')), size('9x11in'), new Stretch);
    expect(round($plan->layout->scale->stretch->toFloat() * 100, 2))->toBe(2.27)->and($plan->layout->leftover)->toEqual(size('0x0in'));
});

it('finds that adding the same to both sides is no enlargement', function () {
    // 15 × 10 cm with 10 cm added to each side: 25 × 20.
    expect((string) size('15x10cm')->ratio())->toBe('3/2')->and((string) size('25x20cm')->ratio())->toBe('5/4');
});

it('works from a screen without a single length on the photo', function () {
    $plan = Plans::of(Reference::onScreen(3000, 2000), size('8.5x11in'));
    expect($plan->layout->print)->toBeNull()->and($plan->layout->printCell())->toBeNull()
        ->and($plan->layout->scale->x)->toBeNull()
        ->and($plan->layout->scale->area())->toBeNull()
        ->and($plan->layout->scale->stretch->isZero())->toBeTrue()
        ->and($plan->across()->marks[0]->at->print)->toBeNull();
});

it('mentions a print whose shape is not its photo’s', function (string $print, ?float $percent) {
    $mismatch = Reference::printed(size($print), 3000, 2000)->mismatch();
    expect($mismatch === null ? null : round($mismatch->percent, 1))->toBe($percent);
})->with([
    ['6x4in', null],
    ['6x4.1in', 2.4],
    ['6x4.05in', null],
    ['7x4in', 16.7],
    ['4x6in', 55.6],
]);

it('offers the two sizes that would agree', function () {
    $mismatch = Reference::printed(size('7x5in'), 3000, 2000)->mismatch();
    expect($mismatch?->heightForWidth())->toBeLength('14/3 in')
        ->and($mismatch?->widthForHeight())->toBeLength('7.5 in');
});

it('refuses prints that cannot be', fn (string $size) => Reference::printed(size($size)))
    ->with([
        'nothing' => '0x7in',
        'a hair' => '0.5x7mm',
        'a street' => '5x21m',
    ])->throws(PrintSizeImpossible::class);

it('knows the diagonals of a 6 in square', function () {
    expect(size('6x6in')->diagonal() / 25.4)->toEqualWithDelta(8.485, 0.0005);
});

it('turns no length into a float on the way', function () {
    $third = Plans::of(Reference::printed(size('3x3in')), size('7x7in'), new Inset(Rational::nd(1, 3)))->layout->fitted->area->width;
    expect($third->times(3)->equals(Length::inches(7)))->toBeTrue();
});

/** Shares as a person writes them. @return list<Rational> */
function shares(string ...$shares): array
{
    return array_map(Rational::of(...), array_values($shares));
}

it('says what a pivot makes that was set by a ruler', function (string $ratio, string $tip, string $ruler, string $reads, string $makes) {
    $pivot = Pivot::of(Rational::of($ratio), length($tip), Graduation::read($ruler));
    expect($pivot->fromShortEnd->reading)->toBeLength($reads)->and((string) $pivot->makes)->toBe($makes)
        ->and($pivot->error->toFloat())->toEqualWithDelta($pivot->makes->toFloat() / Rational::of($ratio)->toFloat() - 1, 1e-12)
        // The arms together are the dividers, and their lengths are as what they span.
        ->and($pivot->fromShortEnd->reading->plus($pivot->fromShortEnd->reading->times(Rational::larger($pivot->makes, $pivot->makes->reciprocal()))))->toBeLength($tip);
})->with([
    'read as it is' => ['3/2', '10 in', '1/16 in', '4 in', '3/2'],
    // 8 ÷ 2.6 = 3.077 in, read as 3 1/16: 79/16 ÷ 49/16.
    'rounded' => ['8/5', '8 in', '1/16 in', '49/16 in', '79/49'],
    'the other way round' => ['5/8', '8 in', '1/16 in', '49/16 in', '49/79'],
    'in centimetres' => ['1.7', '20 cm', '1 mm', '7.4 cm', '63/37'],
    'shorter than the ruler reads' => ['400', '10 in', '1/16 in', '1/16 in', '159'],
]);

it('sets the pivot of dividers where the arms are as the lengths they span', function (string $ratio, string $pivot) {
    // By similar triangles: the short arm is to the long one as photo to paper, and both are 200 mm.
    expect(Dividers::pivot(Rational::of($ratio), length('200 mm')))->toBeLength($pivot)
        ->and(Dividers::fromShortEnd(Rational::of($ratio)->reciprocal(), length('200 mm')))->toBeLength($pivot);
})->with([['1', '100 mm'], ['2', '200/3 mm'], ['3', '50 mm'], ['3/2', '80 mm'], ['7/3', '60 mm']]);

it('takes the mark nearest to a ratio, and its reciprocal where the drawing is smaller', function (string $ratio, string $setting) {
    expect((string) Dividers::nearest(Rational::of($ratio)))->toBe($setting);
})->with([['1.8', '5/3'], ['9/10', '1'], ['0.55', '3/5'], ['7', '8'], ['100', '10']]);

it('reads how one length is to another as people write it', function (string $typed, string $ratio) {
    expect((string) Ratio::read($typed, new LengthReader(Unit::Inch)))->toBe($ratio);
})->with([
    ['4:5', '4/5'], ['3 to 2', '3/2'], ['3/2', '3/2'], ['1.5', '3/2'], ['150%', '3/2'], ['12,5 %', '1/8'], ['8in:6in', '4/3'], ['20 cm : 8 in', '125/127'], ['8x10in', '4/5'], ['50', '50'], ['1:50', '1/50'],
]);

it('refuses what is no ratio, or beyond any crop', function (string $typed) {
    expect(fn () => Ratio::read($typed, new LengthReader(Unit::Inch)))->toThrow(RatioUnreadable::class);
})->with(['', 'wide', '0', '0:5', '5:0', '51', '1:51', '0 %', '8in:0in', '0in:8in', '8x0in', '-2', '1/0', '4:5:6']);

it('says where a crop ends, takes its middle, and moves it no further than the picture', function () {
    $crop = Crop::at(...shares('1/8', '1/5', '1/2', '3/5'));
    expect([(string) $crop->right(), (string) $crop->bottom()])->toBe(['5/8', '4/5']);
    $middle = $crop->middle(...shares('1/2', '1/3'));
    expect(array_map(strval(...), [$middle->left, $middle->top, $middle->width, $middle->height]))->toBe(['1/4', '2/5', '1/4', '1/5']);
    foreach ([['-1', '0'], ['1/10', '1/10'], ['9', '1/2']] as [$wanted, $is]) {
        expect((string) $crop->movedTo(Rational::of($wanted), Rational::zero())->left)->toBe($is);
    }
});

it('brings a point to its place in the crop, and says by how much it misses where the picture ends', function () {
    $crop = Crop::at(...shares('1/4', '1/4', '1/2', '1/2'));
    $there = Aim::atCentre($crop, ...shares('2/5', '3/5'));
    expect([(string) $there->crop->left, (string) $there->crop->top, $there->hits()])->toBe(['3/20', '7/20', true]);
    $short = Aim::atCentre($crop, ...shares('1/10', '1/2'));
    expect([(string) $short->crop->left, (string) $short->missedAcross, (string) $short->missedDown, $short->hits()])->toBe(['0', '-3/10', '0', false]);
    // On the third it is nearest to already.
    expect((string) Aim::atNearestThird($crop, ...shares('2/5', '7/10'))->crop->left)->toBe('7/30');
});

it('takes just as many whole squares as fit, down to one', function () {
    foreach ([['3 in', null, 1], ['1 in', 3, 3], ['1 in', null, 3]] as [$cell, $wanted, $columns]) {
        expect(Plans::of(Reference::printed(size('3x3in')), size('3x3in'), new WholeCells(length($cell), frame(), $wanted))->layout->grid->cells()->columns)->toBe($columns);
    }
    foreach ([['1 in', 4], ['3 1/16 in', null]] as [$cell, $wanted]) {
        expect(fn () => Plans::of(Reference::printed(size('3x3in')), size('3x3in'), new WholeCells(length($cell), frame(), $wanted)))->toThrow(CellTooLarge::class);
    }
});

it('takes so many squares as long as the paper lets them be, and the other count from the photo', function (string $photo, string $paper, ?int $columns, ?int $rows, string $ruler, string $squares) {
    [$wide, $high] = array_map(intval(...), explode('x', $photo));
    $cells = WholeCells::counted(Reference::onScreen($wide, $high), size($paper), $columns, $rows, Graduation::read($ruler));
    expect("{$cells->columns} x {$cells->rows} of {$cells->cell->exact()}")->toBe($squares);
    $fitted = $cells->onto(Reference::onScreen($wide, $high), size($paper));
    expect([$fitted->cells?->columns, $fitted->cells?->rows])->toBe([$cells->columns, $cells->rows]);
})->with([
    // 3 to 4 in 8 across is 10.67 down, so 11; 190 ÷ 8 is 23.75 and 277 ÷ 11 is 25.2.
    'across' => ['300x400', '190x277mm', 8, null, '1 mm', '8 x 11 of 23'],
    // 12 down is 9 across; 190 ÷ 9 is 21.1.
    'down' => ['300x400', '190x277mm', null, 12, '1 mm', '9 x 12 of 21'],
    'both, whatever is cropped' => ['300x400', '190x277mm', 8, 2, '1 mm', '8 x 2 of 23'],
    'a ruler in inches' => ['300x400', '190x277mm', 8, null, '1/8 in', '8 x 11 of 889/40'],
    'never none' => ['4000x100', '190x277mm', 3, null, '1 mm', '3 x 1 of 63'],
    'never more than there can be' => ['100x4000', '190x277mm', 20, null, '1 mm', '20 x 60 of 4'],
]);

it('takes as many squares of a length as paper and print have, in the shape of the photo', function (string $print, ?string $printCell, string $cell, string $squares) {
    $reference = $print === 'screen' ? Reference::onScreen(300, 400) : Reference::printed(size($print));
    $cells = WholeCells::sided($reference, size('190x277mm'), length($cell), $printCell === null ? null : length($printCell));
    expect("{$cells->columns} x {$cells->rows} of {$cells->cell->exact()}")->toBe($squares)->and($cells->printCell?->exact())->toBe($printCell === null ? null : length($printCell)->exact());
})->with([
    // 7 by 11 lie on the paper; 7 across at 3 to 4 is 9.3 down.
    'a screen' => ['screen', null, '25 mm', '7 x 9 of 25'],
    'all of the width' => ['screen', null, '19 mm', '10 x 13 of 19'],
    'a print with its own square' => ['100x150mm', '25 mm', '30 mm', '4 x 6 of 30'],
    'fewer on the paper than on the print' => ['100x150mm', '25 mm', '60 mm', '3 x 4 of 60'],
    'a print without one' => ['100x150mm', null, '30 mm', '6 x 9 of 30'],
    'one that does not fit is one still, which is refused' => ['screen', null, '300 mm', '1 x 1 of 300'],
]);

it('refuses what one square of a length is too long for', function (string $cell, string $says) {
    $reference = Reference::onScreen(300, 400);
    expect(fn () => WholeCells::sided($reference, size('190x277mm'), length($cell), null)->onto($reference, size('190x277mm')))->toBeRefused(CellTooLarge::class, $says);
})->with([['300 mm', 'longer than the side'], ['0 mm', 'cannot be 0 long']]);
