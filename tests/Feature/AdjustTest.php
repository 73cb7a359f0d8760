<?php

use App\Adjusting\Adjustments;
use App\Documents\ChoicesReader;
use App\Wire\Json\AdjustedJson;
use App\Wording\Writing;
use Illuminate\Validation\ValidationException;
use InchLadder\Impossible;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Unit;
use InchLadder\Plan\Plan;

/*
 * What the hand does to a drawing, and the choices that come of it.
 */

/**
 * Does something to a 6 × 4 in print (1500 × 1000 pixels) on a 10 × 10 in sheet without margins.
 *
 * @param  array<string, mixed>  $how
 * @param  array<string, mixed>  $choices
 */
function adjusted(string $act, array $how, array $choices = []): AdjustedJson
{
    $document = array_replace_recursive([
        'photo' => ['kind' => 'print', 'width' => '6 in', 'height' => '4 in'],
        'paper' => [
            'sheet' => null,
            'width' => '10 in',
            'height' => '10 in',
            'margins' => ['top' => '0', 'right' => '0', 'bottom' => '0', 'left' => '0'],
        ],
    ], $choices);

    $followed = Adjustments::apply($act, ChoicesReader::read($document, 1500, 1000), $how, 1500, 1000);

    return new AdjustedJson($followed->read->json, $followed->said);
}

/** What is planned after something was done. */
function planned(AdjustedJson $adjusted): Plan
{
    return Plan::of(ChoicesReader::read((array) json_decode((string) json_encode($adjusted->choices), true), 1500, 1000)->choices);
}

/** @return array<string, list<string>> the sentences, by the field they belong beside */
function refused(Closure $act): array
{
    try {
        $act();
    } catch (ValidationException $e) {
        return $e->errors();
    } catch (Impossible $e) {
        return [$e->choice() => [$e->getMessage()]];
    }

    return [];
}

it('keeps a count or a cell that was typed when the way to fit changes', function (array $grid, array $cells) {
    // Six columns on 10 in: 1 5/8 in is the largest side that a ruler of 1/8 in can say.
    $there = adjusted('way', ['way' => 'cells'], ['ruler' => '1/8 in', 'grid' => $grid]);
    expect(array_intersect_key((array) $there->choices->fit, $cells))->toEqual($cells);
    $ruled = planned($there)->layout->grid->cells();
    $back = adjusted('way', ['way' => 'crop'], (array) json_decode((string) json_encode($there->choices), true))->choices;
    expect(array_intersect_key((array) $back->grid, $grid))->toEqual($grid)->and($back->fit->way)->toBe('crop')
        ->and($grid['columns'] ?? $ruled->columns)->toBe($ruled->columns);
})->with([
    'columns' => [['school' => 'count', 'columns' => 6], ['way' => 'cells', 'cell' => '1 5/8 in', 'columns' => 6, 'rows' => 4]],
    'columns and rows' => [['school' => 'proportional', 'columns' => 6, 'rows' => 8], ['cell' => '1 1/4 in', 'columns' => 6, 'rows' => 8]],
    'a cell' => [['school' => 'measure', 'cell' => '1 1/4 in', 'on' => 'paper'], ['cell' => '1 1/4 in', 'columns' => null]],
    'a cell on the print' => [['school' => 'measure', 'cell' => '1 1/4 in', 'on' => 'print'], ['way' => 'cells']],
    // Those have no count of squares: the planner's is taken.
    'neither' => [['school' => 'thirds'], ['way' => 'cells', 'size' => '1', 'left' => null]],
    'as many as there can be' => [['school' => 'count', 'columns' => 60], ['cell' => '1/8 in', 'columns' => 60, 'rows' => 40]],
]);

it('shows of each way beforehand just what taking it makes', function (array $choices) {
    $document = ['photo' => ['kind' => 'print', 'width' => '6 in', 'height' => '4 in'], ...$choices];
    $write = new Writing(ChoicesReader::read($document, 1500, 1000)->choices->notation);
    foreach (test()->postJson('/api/ways', ['choices' => $document, 'wide' => 1500, 'high' => 1000])->assertOk()->json() as $shown) {
        $taken = Adjustments::apply('way', ChoicesReader::read($document, 1500, 1000), ['way' => $shown['way']], 1500, 1000)->read;
        $size = $write->readSize(Plan::of($taken->choices)->layout->fitted->area);
        expect($taken->json->fit->way)->toBe($shown['way'])->and($shown['size'])->toBe($size, $shown['way']);
    }
})->with([
    'as it begins' => [[]],
    'counted' => [['grid' => ['school' => 'count', 'columns' => 7]]],
    'counted both ways, an oval in centimetres' => [[
        'unit' => 'cm', 'ruler' => '1 mm', 'paper' => ['shape' => 'oval', 'sheet' => 'a3', 'width' => '29.7 cm', 'height' => '42 cm'],
        'grid' => ['school' => 'proportional', 'columns' => 5, 'rows' => 9],
    ]],
    'measured, on a turned photo' => [[
        'photo' => ['kind' => 'print', 'width' => '6 in', 'height' => '4 in', 'quarters' => 1, 'mirrored' => true],
        'grid' => ['school' => 'measure', 'cell' => '3/4 in'],
    ]],
    'halves and diagonals' => [['grid' => ['school' => 'quarters'], 'paper' => ['margins' => ['top' => '1 in', 'left' => '1/2 in']]]],
    'whole cells already' => [[
        'fit' => ['way' => 'cells', 'cell' => '1 1/8 in', 'columns' => 4],
        'grid' => ['school' => 'proportional', 'columns' => 2, 'rows' => 2],
    ]],
    'a strip that no square of sixty fits' => [[
        'paper' => ['sheet' => null, 'width' => '2 in', 'height' => '9 ft'], 'grid' => ['school' => 'count', 'columns' => 2],
    ]],
]);

it('takes the count of whole squares along to another way', function (string $school, array $grid) {
    $fit = ['way' => 'cells', 'cell' => '1 1/4 in', 'columns' => 6, 'rows' => 4];
    $back = adjusted('way', ['way' => 'inset', 'school' => $school], ['fit' => $fit])->choices;
    expect(array_intersect_key((array) $back->grid, $grid))->toEqual($grid)->and($back->fit->way)->toBe('inset');
})->with([
    'columns' => ['count', ['school' => 'count', 'columns' => 6]],
    'both' => ['proportional', ['columns' => 6, 'rows' => 4]],
    'a cell' => ['measure', ['cell' => '1 1/4 in', 'on' => 'paper']],
    'not for halves of its own' => ['folding', ['school' => 'folding', 'columns' => 6]],
]);

it('straightens by a drawn line, on top of what was straightened before', function (array $line, float $before, float $degrees) {
    $how = array_combine(['x1', 'y1', 'x2', 'y2'], $line);
    expect(adjusted('level', $how, ['photo' => ['straighten' => $before]])->choices->photo->straighten)
        ->toEqualWithDelta($degrees, 0.02);
})->with([
    'falling by 30 in 1500 pixels' => [[0, 0.5, 1, 0.53], 0.0, -1.15],
    'the same, when it was straightened already' => [[0, 0.5, 1, 0.53], 1.0, -0.15],
    'rising' => [[0, 0.53, 1, 0.5], 0.0, 1.15],
    'a wall that leans by 15 in 1000 pixels' => [[0.51, 0, 0.5, 1], 0.0, -0.86],
    'level already' => [[0.1, 0.4, 0.9, 0.4], 0.0, 0.0],
    'a tap, which is no line' => [[0.4, 0.4, 0.4, 0.4], 0.5, 0.5],
]);

it('straightens the picture with its key points', function () {
    $points = ['points' => [['name' => 'middle', 'x' => '0.5', 'y' => '0.5', 'cross' => false], ['name' => 'right', 'x' => '0.9', 'y' => '0.5', 'cross' => false]]];
    $level = adjusted('level', ['x1' => 0, 'y1' => 0.5, 'x2' => 1, 'y2' => 0.52], $points);
    // A line that falls to the right is levelled anticlockwise: what lay on the right of the middle comes up.
    expect(Rational::of($level->choices->points[0]->y)->toFloat())->toEqualWithDelta(0.5, 1e-6)
        ->and(Rational::of($level->choices->points[1]->y)->toFloat())->toBeLessThan(0.495)
        ->and($level->said)->toBe('');
});

it('refuses a line that would turn the photo too far', function () {
    expect(refused(fn () => adjusted('level', ['x1' => 0, 'y1' => 0, 'x2' => 0.6, 'y2' => 0.4])))
        ->toHaveKey('photo.straighten');
});

it('makes a drawn box the picture’s edge, inside a border that was there', function () {
    $once = adjusted('border', ['left' => 0.1, 'top' => 0.2, 'width' => 0.8, 'height' => 0.6]);
    expect((array) $once->choices->photo->border)->toBe(['top' => '20 %', 'right' => '10 %', 'bottom' => '20 %', 'left' => '10 %']);
    $twice = adjusted('border', ['left' => 0.5, 'top' => 0, 'width' => 0.5, 'height' => 1], ['photo' => ['border' => (array) $once->choices->photo->border]]);
    expect((array) $twice->choices->photo->border)->toBe(['top' => '20 %', 'right' => '10 %', 'bottom' => '20 %', 'left' => '50 %'])
        ->and((string) planned($twice)->choices->framing->border->width())->toBe('2/5');
});

it('places the crop as it is typed', function (string $side, string $typed, array $crop, string $said) {
    $adjusted = adjusted('crop', ['side' => $side, 'typed' => $typed], ['fit' => ['left' => '0', 'top' => '0', 'size' => '1/2']]);
    $found = planned($adjusted)->layout->fitted->crop;
    expect([(string) $found->left, (string) $found->top, (string) $found->width, (string) $found->height])->toBe($crop)
        ->and($adjusted->said)->toContain($said);
})->with([
    // The paper is square: half as large as can be is 2 × 2 in of the print.
    'a length from the left' => ['left', '1 1/2 in', ['1/4', '0', '1/3', '1/2'], ''],
    'a share from the top' => ['top', '12.5 %', ['0', '1/8', '1/3', '1/2'], ''],
    'further than the photo goes' => ['left', '5 in', ['2/3', '0', '1/3', '1/2'], 'The crop stops at its edge'],
    'a width, and the height follows' => ['width', '3 in', ['0', '0', '1/2', '3/4'], ''],
    'a height, and the width follows' => ['height', '1 in', ['0', '0', '1/6', '1/4'], ''],
    'more than the photo has in this shape' => ['width', '5 in', ['0', '0', '2/3', '1'], 'as large as it can be'],
]);

it('frees both sides of a free crop', function () {
    $free = ['fit' => ['lock' => 'free', 'left' => '0.1', 'top' => '0.1', 'width' => '0.5', 'height' => '0.5']];
    $crop = planned(adjusted('crop', ['side' => 'width', 'typed' => '25 %'], $free))->layout->fitted->crop;
    expect((string) $crop->width)->toBe('1/4')
        ->and((string) $crop->height)->toBe('1/2')
        ->and((string) $crop->left)->toBe('1/10');
    expect(adjusted('crop', ['side' => 'height', 'typed' => '9 in'], $free)->said)->toContain('takes all of it');
});

it('answers a crop that is no crop beside its field', function (string $side, string $typed, array $choices, string $says) {
    expect(refused(fn () => adjusted('crop', ['side' => $side, 'typed' => $typed], $choices)))
        ->toHaveKey("crop.{$side}")
        ->and(refused(fn () => adjusted('crop', ['side' => $side, 'typed' => $typed], $choices))["crop.{$side}"][0])
        ->toContain($says);
})->with([
    ['left', 'there', [], 'is not a length'],
    ['left', '', [], 'A length is missing'],
    ['width', '0.1 in', [], 'at least a twentieth'],
    ['height', '1 %', [], 'at least a twentieth'],
    ['top', '2 in', ['photo' => ['kind' => 'screen']], 'typed in per cent'],
]);

it('puts a point where it is wanted, in words of the paper', function (string $at, array $point, string $said, array $place) {
    $adjusted = adjusted('aim', ['x' => $point[0], 'y' => $point[1], 'at' => $at], ['fit' => ['size' => '1/2']]);
    $crop = planned($adjusted)->layout->fitted->crop;
    expect($adjusted->said)->toContain($said)
        ->and([round($crop->left->toFloat(), 4), round($crop->top->toFloat(), 4)])->toBe($place);
})->with([
    'in the centre' => ['centre', [0.5, 0.5], 'The point lies in the dead centre.', [0.3333, 0.25]],
    'on a third' => ['third', [0.5, 0.5], 'The point lies on a crossing of thirds.', [0.2778, 0.1667]],
    'too near the corner' => ['centre', [0.0, 0.0], 'on the paper the point stays 5 in left of it and 5 in above it', [0.0, 0.0]],
    'too low only' => ['centre', [0.5, 0.9], 'on the paper the point stays 3 in below it.', [0.3333, 0.5]],
]);

it('moves the drawing until a point lies in the middle of the sheet, when there is room', function () {
    $inset = ['fit' => ['way' => 'inset', 'inset_width' => '6 in']];
    $plan = planned(adjusted('aim', ['x' => 0.4, 'y' => 0.75, 'at' => 'sheet'], $inset));
    // Drawn 6 × 4 in on 10 × 10 in: the middle, 5 in, less 2.4 and 3 in.
    expect($plan->layout->left)->toBeLength('2.6 in')
        ->and($plan->layout->top)->toBeLength('2 in');
    $wide = ['fit' => ['way' => 'inset', 'inset_width' => '10 in']];
    expect(refused(fn () => adjusted('aim', ['x' => 0, 'y' => 0, 'at' => 'sheet'], $wide)))->toHaveKey('paper.offset.left');
});

it('sizes an inset as it is typed, exactly', function (string $as, string $typed, string $width, string $height) {
    $area = planned(adjusted('inset', ['as' => $as, 'typed' => $typed]))->layout->fitted->area;
    expect($area->width)->toBeLength($width)
        ->and($area->height)->toBeLength($height);
})->with([
    ['width', '9 in', '9 in', '6 in'],
    ['width', '20 cm', '20 cm', '40/3 cm'],
    ['height', '5 in', '7.5 in', '5 in'],
    ['factor', '1 1/2', '9 in', '6 in'],
    ['factor', '×1,25', '7.5 in', '5 in'],
    ['factor', '1/2', '3 in', '2 in'],
    ['percent', '150', '9 in', '6 in'],
    ['percent', '33 %', '1.98 in', '1.32 in'],
]);

it('answers an inset that cannot be beside its field', function (string $as, string $typed, string $says, array $choices = []) {
    $sentences = refused(fn () => adjusted('inset', ['as' => $as, 'typed' => $typed], $choices));
    expect($sentences)->toHaveKey("inset.{$as}")
        ->and($sentences["inset.{$as}"][0])->toContain($says);
})->with([
    ['width', '11 in', 'at 10 × 6.67 in'],
    ['height', '7 in', 'at 10 × 6.67 in'],
    ['factor', '2', 'at 10 × 6.67 in'],
    ['factor', 'twice', 'Type how many times larger'],
    ['percent', 'half', 'Type a percentage'],
    'a numeral of another script' => ['percent', '٣', 'Type a percentage'],
    'a decimal over a number' => ['factor', '1.5/2', 'Type how many times larger'],
    ['width', '1 mm', 'too small to draw'],
    ['percent', '150', 'there is no print to enlarge', ['photo' => ['kind' => 'screen']]],
]);

it('makes the grid as fine as the smallest thing needs, and frees it from whole cells', function (string $fineness, int $columns) {
    $adjusted = adjusted('feature', ['width' => 0.1, 'fineness' => $fineness], ['fit' => ['way' => 'cells', 'cell' => '2 in']]);
    // A square crop of the print is two thirds as wide as it, so the thing is 0.15 of the crop.
    expect($adjusted->choices->fit->way)->toBe('crop');
    $share = Rational::of('0.1')->dividedBy(planned($adjusted)->layout->fitted->crop->width)->toFloat();
    expect($adjusted->choices->grid->columns)->toBe($columns)
        ->and($columns * $share)->toBeGreaterThanOrEqual(['loose' => 1, 'middling' => 2, 'exact' => 4][$fineness]);
})->with([
    ['loose', 7],
    ['middling', 14],
    ['exact', 27],
]);

it('gives the finest grid for a thing too small for any, and goes by the shorter side of its box', function () {
    $finest = adjusted('feature', ['width' => 0.001, 'fineness' => 'exact']);
    expect($finest->choices->grid->columns)->toBe(60)->and($finest->said)->toContain('the finest there is');
    // A tenth of the width, and a fiftieth of the height: the height asks for more.
    expect(adjusted('feature', ['width' => 0.1, 'height' => 0.02, 'fineness' => 'loose'])->choices->grid->columns)->toBeGreaterThan(adjusted('feature', ['width' => 0.1, 'height' => 0.3, 'fineness' => 'loose'])->choices->grid->columns);
});

it('changes nothing but what was done', function (string $act, array $how, array $changed) {
    $before = (array) json_decode((string) json_encode(adjusted('aim', ['x' => 0.5, 'y' => 0.5, 'at' => 'centre'])->choices), true);
    $after = (array) json_decode((string) json_encode(adjusted($act, $how, $before)->choices), true);
    $parts = array_keys(array_filter($after, fn (mixed $part, string $name) => $part !== $before[$name], ARRAY_FILTER_USE_BOTH));
    expect($parts)->toBe($changed);
})->with([
    ['level', ['x1' => 0, 'y1' => 0.5, 'x2' => 1, 'y2' => 0.52], ['photo']],
    ['border', ['left' => 0.1, 'top' => 0.1, 'width' => 0.8, 'height' => 0.8], ['photo']],
    ['crop', ['side' => 'left', 'typed' => '1/2 in'], ['fit']],
    ['inset', ['as' => 'width', 'typed' => '5 in'], ['fit']],
    ['plan', ['paper_cell' => '2 in', 'photo_cell' => '1 in', 'columns' => 4, 'rows' => 4], ['fit']],
    ['feature', ['width' => 0.2, 'fineness' => 'loose'], ['grid']],
    ['unit', ['unit' => 'mm'], ['unit', 'ruler']],
    ['unit', ['unit' => 'in'], []],
]);

it('takes another unit with the common ruler of its family, and keeps a ruler that is marked in it', function (array $choices, string $unit, array $then) {
    $adjusted = adjusted('unit', ['unit' => $unit], ['photo' => ['ruler' => $choices[2]], 'unit' => $choices[0], 'ruler' => $choices[1]])->choices;
    expect([$adjusted->ruler, $adjusted->photo->ruler])->toBe($then);
})->with([
    'inches to centimetres' => [['in', '1/8 in', '1/32 in'], 'cm', ['1 mm', null]],
    'millimetres to inches' => [['mm', '0.5 mm', '1 mm'], 'in', ['1/16 in', null]],
    'centimetres to millimetres' => [['cm', '0.5 mm', '1 mm'], 'mm', ['0.5 mm', '1 mm']],
]);

it('lets the guides follow lines that came out elsewhere', function () {
    $choices = ['fit' => ['way' => 'inset'], 'grid' => ['school' => 'proportional', 'columns' => 4, 'rows' => 2]];
    $before = planned(adjusted('aim', ['x' => 0.5, 'y' => 0.5, 'at' => 'centre'], $choices));
    $left = $before->layout->left->in(Unit::Inch)->toFloat();
    // Line 1 belongs at 2½ in of the area and lies at 2¾; the others were not measured.
    $adjusted = adjusted('ruled', ['way' => 'across', 'ticks' => ['1' => ($left + 2.75).' in']], $choices);
    $after = planned($adjusted);
    expect($adjusted->choices->grid->school)->toBe('own')
        ->and(array_map(fn ($share) => round($share->toFloat(), 4), $after->layout->grid->columns))->toBe([0.0, 0.275, 0.5, 0.75, 1.0])
        ->and(array_map(fn ($share) => round($share->toFloat(), 4), $after->layout->grid->rows))->toBe([0.0, 0.5, 1.0])
        ->and($after->layout->fitted->area->width->equals($before->layout->fitted->area->width))->toBeTrue();
});

it('puts every line where it was measured, leaves the others, and never moves the frame', function (array $choices) {
    $before = Plan::of(ChoicesReader::read(array_replace_recursive(['photo' => ['kind' => 'print', 'width' => '6 in', 'height' => '4 in'], 'paper' => ['sheet' => null, 'width' => '10 in', 'height' => '10 in', 'margins' => ['top' => '0', 'right' => '1/2', 'bottom' => '0', 'left' => '0']]], $choices), 1500, 1000)->choices);
    foreach (['across' => [$before->across(), $before->layout->left, $before->layout->fitted->area->width], 'down' => [$before->down(), $before->layout->top, $before->layout->fitted->area->height]] as $way => [$ladder, $offset, $side]) {
        $ticks = $wanted = [];
        foreach ($ladder->marks as $i => $mark) {
            $inside = $mark->line > 0 && $i < count($ladder->marks) - 1;
            $off = $inside && $i % 2 === 0 ? '1/16' : '0';
            $at = $offset->plus($mark->at->area->exact)->plus(Length::inches($off));
            $inside && $ticks[$mark->line] = $before->choices->notation->exactly($at);
            $wanted[] = $at->exact();
        }
        $adjusted = adjusted('ruled', ['way' => $way, 'ticks' => $ticks], array_replace_recursive(['paper' => ['margins' => ['right' => '1/2']]], $choices));
        $after = planned($adjusted);
        $ladderAfter = $way === 'across' ? $after->across() : $after->down();
        expect(array_map(fn ($mark) => $mark->at->area->exact->plus($way === 'across' ? $after->layout->left : $after->layout->top)->exact(), $ladderAfter->marks))->toBe($wanted)
            ->and([$after->layout->fitted->area->width->exact(), $after->layout->fitted->area->height->exact(), $after->layout->left->exact(), $after->layout->top->exact()])->toBe([$before->layout->fitted->area->width->exact(), $before->layout->fitted->area->height->exact(), $before->layout->left->exact(), $before->layout->top->exact()])
            ->and((string) $after->layout->fitted->crop->width)->toBe((string) $before->layout->fitted->crop->width)
            ->and((string) $after->layout->fitted->crop->left)->toBe((string) $before->layout->fitted->crop->left);
    }
})->with([
    'squares by count' => [['grid' => ['school' => 'count', 'columns' => 6]]],
    'by measure, the remainder kept' => [['grid' => ['school' => 'measure', 'cell' => '1 3/8 in']]],
    'by measure, the remainder dropped' => [['grid' => ['school' => 'measure', 'cell' => '1 3/8 in', 'remainder' => 'drop']]],
    'the remainder shared' => [['grid' => ['school' => 'measure', 'cell' => '1 3/8 in', 'remainder' => 'share']]],
    'whole cells' => [['fit' => ['way' => 'cells', 'cell' => '2 in']]],
    'over a part' => [['grid' => ['school' => 'proportional', 'columns' => 4, 'rows' => 3, 'part' => ['left' => '1/5', 'top' => '1/4', 'width' => '1/2', 'height' => '1/2']]]],
    'over a part, the remainder dropped' => [['grid' => ['school' => 'measure', 'cell' => '3/4 in', 'remainder' => 'drop', 'part' => ['left' => '1/5', 'top' => '1/4', 'width' => '1/2', 'height' => '1/2']]]],
    'stretched' => [['fit' => ['way' => 'stretch'], 'grid' => ['school' => 'proportional', 'columns' => 5, 'rows' => 4]]],
    'a mirrored print without its border' => [['photo' => ['mirrored' => true, 'border' => ['left' => '1/2 in']], 'grid' => ['school' => 'proportional', 'columns' => 5, 'rows' => 4]]],
]);

it('refuses guides that cannot follow', function (array $choices, array $ticks, string $field) {
    expect(refused(fn () => adjusted('ruled', ['way' => 'across', 'ticks' => $ticks], $choices)))->toHaveKey($field);
})->with([
    'trimmed inside an outline' => [['paper' => ['shape' => 'oval'], 'fit' => ['way' => 'cells', 'cell' => '1 in']], ['1' => '3 in'], 'measured'],
    'the frame’s own edge' => [['fit' => ['way' => 'inset'], 'grid' => ['school' => 'proportional', 'columns' => 4, 'rows' => 2]], ['4' => '9 1/2 in'], 'measured.4'],
    'outside the frame' => [['fit' => ['way' => 'inset'], 'grid' => ['school' => 'proportional', 'columns' => 4, 'rows' => 2]], ['3' => '10 1/2 in'], 'measured.3'],
    'before the line in front of it' => [['fit' => ['way' => 'inset'], 'grid' => ['school' => 'proportional', 'columns' => 4, 'rows' => 2]], ['2' => '2 in'], 'measured.2'],
    'nothing typed' => [[], ['1' => ' '], 'measured'],
    'no length' => [[], ['1' => 'there'], 'measured.1'],
]);

it('shows what a pull would do in the workings, and the same is made of it when it is done', function (array $fit, array $how, array $crop) {
    $choices = array_replace_recursive(Tests\Drawings::FIVE_BY_SEVEN, ['fit' => $fit]);
    $shown = test()->postJson('/api/workings', ['choices' => $choices, 'wide' => 500, 'high' => 700, 'act' => 'pull', 'how' => $how])->assertOk()->json();
    $done = test()->postJson('/api/adjust', ['choices' => $choices, 'wide' => 500, 'high' => 700, 'act' => 'pull', 'how' => $how])->assertOk()->json('choices');
    expect($done)->toBe($shown['choices'])
        ->and(array_map(fn (string $of) => round($shown['crop'][$of] ?? $shown[$of], 4), array_keys($crop)))->toBe(array_values($crop));
})->with([
    'moved past the lower edge: a square of half the width is 5/14 of the height' => [['way' => 'crop', 'lock' => 'ratio', 'ratio' => '1:1', 'size' => '0.5'], ['by' => 'move', 'left' => 0.05, 'top' => 9], ['left' => 0.05, 'top' => round(9 / 14, 4)]],
    'its corner, of a shape of one’s own' => [['way' => 'crop', 'lock' => 'ratio', 'ratio' => '1:1', 'left' => '0', 'top' => '0', 'size' => '0.5'], ['by' => 'corner', 'width' => 0.7, 'height' => 0], ['left' => 0.0, 'share_w' => 0.7, 'share_h' => 0.5]],
    'its corner, free' => [['way' => 'crop', 'lock' => 'free', 'left' => '0.5', 'top' => '0.5', 'width' => '0.2', 'height' => '0.2'], ['by' => 'corner', 'width' => 0.9, 'height' => 0.3], ['left' => 0.5, 'share_w' => 0.5, 'share_h' => 0.3]],
    'its size about the middle' => [['way' => 'crop', 'lock' => 'ratio', 'ratio' => '5:7', 'left' => '0.25', 'top' => '0.25', 'size' => '0.5'], ['by' => 'size', 'size' => 0.25], ['left' => 0.375, 'top' => 0.375, 'share_w' => 0.25]],
    'whole cells, moved' => [['way' => 'cells', 'cell' => '1 in', 'size' => '0.5'], ['by' => 'move', 'left' => 0.1, 'top' => 0.1], ['left' => 0.1, 'top' => 0.1]],
    'the inset' => [['way' => 'inset'], ['by' => 'inset', 'share' => 0.5], ['inset_size' => 0.5]],
]);

it('refuses a pull nobody knows, and one to nowhere', function (array $how) {
    test()->postJson('/api/workings', ['choices' => Tests\Drawings::FIVE_BY_SEVEN, 'wide' => 500, 'high' => 700, 'act' => 'pull', 'how' => $how])->assertUnprocessable();
})->with([[['by' => 'magic']], [['by' => 'move', 'left' => 'x', 'top' => 0]], [['by' => 'move']], [[]]]);

it('lays a boxed part of a grid on the ruler’s marks, in whole cells', function (int $seed) {
    $random = new Random\Randomizer(new Random\Engine\Mt19937(620 + $seed));
    $one = static fn (array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
    $choices = [
        ...$one([['unit' => 'in', 'ruler' => '1/16 in'], ['unit' => 'in', 'ruler' => '1/8 in'], ['unit' => 'cm', 'ruler' => '1 mm']]),
        'paper' => ['margins' => ['left' => $one(['0', '1/3 in', '1 in'])]], 'fit' => ['way' => $one(['crop', 'inset'])],
        'grid' => ['school' => $school = $one(['count', 'measure', 'proportional', 'thirds']), 'columns' => $random->getInt(2, 6), 'rows' => $random->getInt(2, 6), 'cell' => '5/8 in', 'on' => $one(['paper', 'print'])],
    ];
    $crop = planned(adjusted('gridded', ['left' => 0, 'top' => 0, 'width' => 1, 'height' => 1], $choices))->layout->fitted->crop;
    $box = ['left' => $random->getInt(0, 40) / 100, 'top' => $random->getInt(0, 40) / 100, 'width' => $random->getInt(30, 58) / 100, 'height' => $random->getInt(30, 58) / 100];
    $onPicture = ['left' => $crop->left->toFloat() + $box['left'] * $crop->width->toFloat(), 'top' => $crop->top->toFloat() + $box['top'] * $crop->height->toFloat(), 'width' => $box['width'] * $crop->width->toFloat(), 'height' => $box['height'] * $crop->height->toFloat()];
    $plan = planned(adjusted('gridded', $onPicture, $choices));
    [$layout, $step] = [$plan->layout, $plan->choices->notation->ruler->step->toFloat()];
    foreach ([[$layout->grid->columns, $layout->left, $layout->fitted->area->width, $box['left'], $box['width']], [$layout->grid->rows, $layout->top, $layout->fitted->area->height, $box['top'], $box['height']]] as [$shares, $before, $side, $wantedStart, $wantedLength]) {
        $at = array_map(fn ($share): float => $before->toFloat() + $share->toFloat() * $side->toFloat(), $shares);
        $cells = array_map(fn (float $from, float $to): float => $to - $from, array_slice($at, 0, -1), array_slice($at, 1));
        $offMark = fn (float $mm): float => abs($mm / $step - round($mm / $step)) * $step;
        expect($offMark($at[0]))->toBeLessThan(1e-6)->and(max($cells) - min($cells))->toBeLessThan(1e-6)
            ->and($at[0])->toBeGreaterThan($before->toFloat() - 1e-6)->and(end($at))->toBeLessThan($before->toFloat() + $side->toFloat() + 1e-6);
        // Each line on a mark, but where a cell of one's own falls between marks.
        if ($school !== 'measure') {
            expect(max(array_map($offMark, $at)))->toBeLessThan(1e-6);
        }
        // Near to what was boxed: within a mark where it begins, unless the drawing ends before, and half a cell and a mark a cell in length.
        expect(abs(end($at) - $at[0] - $wantedLength * $side->toFloat()))->toBeLessThan(max($cells) + count($cells) * $step);
    }
})->with(range(1, 24));

it('makes the photo a print from one measured side: the other follows from its pixels, to the ruler', function () {
    mt_srand(11);
    foreach (range(1, 40) as $try) {
        [$wide, $high, $quarters, $cm] = [mt_rand(300, 6000), mt_rand(300, 6000), mt_rand(0, 3), mt_rand(40, 500) / 10];
        $side = $try % 2 ? 'width' : 'height';
        [$ruler, $millimetre] = $try % 3 ? ['1 mm', 1] : ['0.5 mm', 0.5];
        $document = ['unit' => 'cm', 'ruler' => $ruler, 'photo' => ['kind' => 'screen', 'width' => null, 'height' => null, 'quarters' => $quarters]];
        $read = Adjustments::apply('print', ChoicesReader::read($document, $wide, $high), ['side' => $side, 'typed' => "{$cm} cm"], $wide, $high)->read;
        $print = $read->choices->whole->print;
        // As the photo stands after its quarter turns.
        $shape = $quarters % 2 ? $high / $wide : $wide / $high;
        $follows = $side === 'width' ? $cm * 10 / $shape : $cm * 10 * $shape;
        [$typed, $other] = $side === 'width' ? [$print->width, $print->height] : [$print->height, $print->width];
        expect($read->json->photo->kind)->toBe('print')
            ->and($typed->toFloat())->toEqualWithDelta($cm * 10, 1e-9)
            ->and($other->toFloat())->toEqualWithDelta($follows, $millimetre / 2 + 1e-9);
    }
});

it('refuses a side that is no length, nothing, or of no picture, beside that side', function (array $how, ?int $wide, string $field, string $says) {
    $read = ChoicesReader::read($wide === null ? ['photo' => ['kind' => 'sizes', 'width' => '5 in', 'height' => '7 in']] : ['photo' => ['kind' => 'screen']], $wide, $wide);
    try {
        Adjustments::apply('print', $read, $how, $wide, $wide);
        $errors = [];
    } catch (ValidationException $e) {
        $errors = $e->errors();
    }
    expect($errors[$field][0] ?? '')->toContain($says);
})->with([
    'words' => [['side' => 'width', 'typed' => 'wide'], 900, 'photo.width', 'is not a length'],
    'nothing' => [['side' => 'height', 'typed' => ''], 900, 'photo.height', 'A length is missing'],
    'zero' => [['side' => 'width', 'typed' => '0'], 900, 'photo.width', 'cannot be 0 long'],
    'sizes only' => [['side' => 'width', 'typed' => '6 in'], null, 'photo.width', 'Say how long this side'],
]);
