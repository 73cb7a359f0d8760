<?php

use App\Wording\RelationWording;
use App\Wording\ThingWording;
use InchLadder\Checking\Alignment;
use InchLadder\Checking\Landmark;
use InchLadder\Copying\Pass;
use InchLadder\Copying\Side;
use InchLadder\Fit\Ways\Stretch;
use InchLadder\Grid\Part;
use InchLadder\Layout\KeyPoint;
use InchLadder\Layout\Places;
use InchLadder\Layout\Span;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Paper\Outline;
use InchLadder\Paper\Shape;
use InchLadder\Photo\Border;
use InchLadder\Photo\Framing;
use InchLadder\Photo\Keep;
use InchLadder\Photo\Reference;
use InchLadder\Photo\Turning;
use InchLadder\Plan\Plan;
use InchLadder\Things\Gaps;
use InchLadder\Things\Related;
use InchLadder\Things\Relation;
use InchLadder\Things\Relations;
use InchLadder\Things\Thing;
use InchLadder\Things\ThingInCrop;
use InchLadder\Things\Things;
use InchLadder\Things\ThingWithoutSize;
use Tests\Core\Plans;

/*
 * Named things as they lie in the crop: a 4 × 5 in picture drawn 8 × 10 in, so that shares are easily inches.
 */

/** A thing whose outline is written as a document keeps it; two places are a box. */
function thing(string $places, string $name = 'jug', bool $must = false, Pass ...$ticked): Thing
{
    $at = Places::read($places, Thing::MOST_POINTS) ?? [];
    $boxed = count($at) === 2;
    $at = $boxed ? [$at[0], [$at[1][0], $at[0][1]], $at[1], [$at[0][0], $at[1][1]]] : $at;

    return new Thing($name, $at ?: [[0.0, 0.0]], $boxed, $must, array_values($ticked));
}

function laid(string $places): ThingInCrop
{
    $thing = thing($places);

    return new ThingInCrop($thing, $thing->outline);
}

it('measures a thing, how far it reaches and where it leaves the picture', function (string $places, string $size, array $extremes, array $edges) {
    $layout = Plans::of(Reference::printed(size('4x5in')), size('8x10in'), new Stretch)->layout;
    $say = new ThingWording($layout);
    $one = laid($places);
    expect($say->size(...$one->size()))->toBe($size)
        ->and(array_map(fn (Side $side): string => $say->extreme($one, $side), Side::cases()))->toBe($extremes)
        ->and($say->edges($one))->toBe($edges);
})->with([
    'a box well inside' => ['0.25 0.2, 0.75 0.6', '50 % of the width, 40 % of the height: 4 × 4 in', ['highest in row 2, 2 in from the drawing’s top edge', 'rightmost in column 4, 6 in from the drawing’s left edge', 'lowest in row 4, 6 in from the drawing’s top edge', 'leftmost in column 2, 2 in from the drawing’s left edge'], []],
    'a kite: each tip in a cell of its own' => ['0.5 0.1, 0.875 0.5, 0.5 0.95, 0.125 0.5', '75 % of the width, 85 % of the height: 6 × 8 1/2 in', ['highest in C1, 1 in from the drawing’s top edge', 'rightmost in D3, 7 in from the drawing’s left edge', 'lowest in C5, 9 1/2 in from the drawing’s top edge', 'leftmost in A3, 1 in from the drawing’s left edge'], []],
    'through the right edge and back' => ['0.5 0.2, 1.5 0.2, 1.5 0.6, 0.5 0.6', '50 % of the width, 40 % of the height: 4 × 4 in', ['highest in D2, 2 in from the drawing’s top edge', 'rightmost beyond the crop', 'lowest in D4, 6 in from the drawing’s top edge', 'leftmost in C3, 4 in from the drawing’s left edge'], ['leaves through the right edge and comes back, 2 in and 6 in from the top']],
    'nearer to the left than the ruler tells' => ['0.0025 0.25, 0.5 0.5', '50 % of the width, 25 % of the height: 4 × 2 1/2 in', ['highest in row 2, 2 1/2 in from the drawing’s top edge', 'rightmost in column 3, 4 in from the drawing’s left edge', 'lowest in row 3, 5 in from the drawing’s top edge', 'leftmost in column 1, 0 in from the drawing’s left edge'], ['touches the left edge']],
    'a near miss at the left, a touch at the foot' => ['0.015625 0.5, 0.5 1', '48 % of the width, 50 % of the height: 3 7/8 × 5 in', ['highest in row 3, 5 in from the drawing’s top edge', 'rightmost in column 3, 4 in from the drawing’s left edge', 'lowest in row 5, 10 in from the drawing’s top edge', 'leftmost in column 1, 1/8 in from the drawing’s left edge'], ['touches the bottom edge', '1/8 in short of the left edge: let it touch, or keep well clear']],
]);

it('dashes what lies behind a thing in front, and only that', function (string $back, array $fronts, array $pieces) {
    $told = array_map(fn (array $piece): string => ($piece[1] ? 'hidden ' : 'seen ').Places::write($piece[0]), laid($back)->pieces(array_map(laid(...), $fronts)));
    expect($told)->toBe($pieces);
})->with([
    'alone' => ['0.1 0.1, 0.3 0.2', [], ['seen 0.1 0.1, 0.3 0.1, 0.3 0.2, 0.1 0.2, 0.1 0.1']],
    'a corner behind a box' => ['0.1 0.1, 0.5 0.5', ['0.3 0.3, 0.9 0.9'], ['seen 0.1 0.1, 0.5 0.1, 0.5 0.3', 'hidden 0.5 0.3, 0.5 0.5, 0.3 0.5', 'seen 0.3 0.5, 0.1 0.5, 0.1 0.1']],
    'wholly behind two' => ['0.2 0.2, 0.4 0.4', ['0.1 0.1, 0.3 0.9', '0.25 0.1, 0.9 0.9'], ['hidden 0.2 0.2, 0.25 0.2, 0.3 0.2, 0.4 0.2, 0.4 0.4, 0.3 0.4, 0.25 0.4, 0.2 0.4, 0.2 0.2']],
    'side by side hides nothing' => ['0.1 0.1, 0.3 0.3', ['0.5 0.1, 0.7 0.3'], ['seen 0.1 0.1, 0.3 0.1, 0.3 0.3, 0.1 0.3, 0.1 0.1']],
]);

it('finds the gaps between things as shapes of their own', function (array $things, float $ratio, array $gaps) {
    $layout = Plans::of(Reference::printed(size('4x5in')), size('8x10in'), new Stretch)->layout;
    $found = Gaps::between(Things::in($layout, array_map(fn (string $places): Thing => thing($places), $things)), $ratio)->all;
    expect(array_map(fn (array $gap): array => array_map(fn (float $side): float => round($side, 2), array_slice(array_values($gap), 0, 4)), $found))->toBe($gaps);
})->with([
    'nothing named: all of it' => [[], 1.0, [[0.0, 0.0, 1.0, 1.0]]],
    'a bar across parts it in two' => [['0 0.5, 1 0.75'], 0.8, [[0.0, 0.0, 1.0, 0.5], [0.0, 0.75, 1.0, 0.25]]],
    // An arch: two posts and a lintel. Between them a gap; beside and above it one more each.
    'an arch' => [['0.2 0.3, 0.3 1', '0.7 0.3, 0.8 1', '0.2 0.2, 0.8 0.3'], 1.0, [[0.0, 0.0, 1.0, 1.0], [0.3, 0.3, 0.4, 0.7]]],
    'all of it covered' => [['0 0, 1 1'], 1.5, []],
    'a hair is no gap' => [['0 0, 0.5 1', '0.502 0, 1 1'], 1.0, []],
]);

it('asks for what must not be forgotten, in each pass, and not for what lies beside the crop', function () {
    $layout = Plans::of(Reference::printed(size('4x5in')), size('8x10in'), new Stretch)->layout;
    $things = Things::in($layout, [thing('0.1 0.1, 0.2 0.2', 'jug', true, Pass::Place), thing('0.3 0.1, 0.5 0.2', 'rim'), thing('0.3 0.3, 0.5 0.5', 'hand', true), thing('1.3 0.3, 1.5 0.5', 'cat', true)]);
    expect($things->missingIn(Pass::Place))->toBe(['hand'])->and($things->missingIn(Pass::Refine))->toBe(['jug', 'hand'])->and(array_map(fn (ThingInCrop $one) => $one->thing->name, $things->before($things->all[2])))->toBe(['jug', 'rim']);
});

it('refuses a thing of no size', fn (string $places) => expect(fn () => thing($places))->toBeRefused(ThingWithoutSize::class, '“jug” has no width or no height'))
    ->with(['a line' => '0.1 0.1, 0.5 0.1', 'a place' => '0.2 0.2, 0.2 0.2, 0.2 0.2', 'two places of an outline' => '0.1 0.1', 'none' => '']);

it('knows no cell of a grid that covers a part only, where a thing reaches beside it', function () {
    $layout = Plans::of(Reference::printed(size('4x5in')), size('8x10in'), new Stretch, part: Part::of(Rational::zero(), Rational::zero(), Rational::nd(1, 2), Rational::nd(1, 2)))->layout;
    $say = new ThingWording($layout);
    $kite = laid('0.25 0.1, 0.875 0.3, 0.25 0.9, 0.125 0.3');
    expect($say->extreme($kite, Side::Top))->toStartWith('highest in ')->and($say->extreme($kite, Side::Left))->toStartWith('leftmost in ')
        ->and($say->extreme($kite, Side::Right))->toBe('rightmost 7 in from the drawing’s left edge, beside the grid')
        ->and($say->extreme($kite, Side::Bottom))->toBe('lowest 9 in from the drawing’s top edge, beside the grid');
});

/*
 * How things stand to each other.
 */

/** @param  array<string, string>  $things  outline by name, the one in front first; two places are a box */
function scene(array $things, array $points = [], array $spans = [], mixed ...$more): Plan
{
    return Plans::of(Reference::printed(size('4x5in')), size('8x10in'), new Stretch,
        ...[...$more,
            'things' => array_map(static fn (string $name, string $places): Thing => thing($places, $name), array_keys($things), $things),
            'points' => array_map(static fn (string $name, array $at): KeyPoint => new KeyPoint($name, Rational::of($at[0]), Rational::of($at[1]), false), array_keys($points), $points),
            'spans' => array_map(static fn (string $name, array $at): Span => new Span($name, ...[...array_map(Rational::of(...), $at), null]), array_keys($spans), $spans)]);
}

/** @return list<string> */
function related(Plan $plan): array
{
    $say = new RelationWording($plan->layout);

    return array_map($say->says(...), Relations::among($plan->layout, $plan->things()));
}

it('tells how things stand to each other, and where', function (array $things, array $says, array $points = [], array $spans = []) {
    expect(related(scene($things, $points, $spans)))->toBe($says);
})->with([
    'a gap to the right' => [['jug' => '0.1 0.2, 0.4 0.55', 'cup' => '0.45 0.3, 0.8 0.7'], ['“jug” is left of “cup”: a space of 3/8 in, in B3']],
    'one that the ruler does not tell' => [['jug' => '0.1 0.2, 0.4 0.55', 'cup' => '0.402 0.3, 0.8 0.7'], ['“jug” touches “cup” in B3']],
    'a corner behind' => [['jug' => '0.1 0.2, 0.4 0.6', 'cup' => '0.3 0.5, 0.8 0.9'], ['“cup” goes behind “jug”, in B3 and B4']],
    'one in the other: no gap' => [['eye' => '0.3 0.3, 0.32 0.32', 'face' => '0.1 0.1, 0.9 0.9'], []],
    'far over it' => [['lamp' => '0.3 0.05, 0.5 0.15', 'cup' => '0.3 0.6, 0.6 0.9'], ['“lamp” stands above “cup”, 4 1/2 in higher']],
    'far off, and beside it' => [['lamp' => '0.05 0.05, 0.2 0.15', 'cup' => '0.6 0.6, 0.9 0.9'], []],
    'a point on a line' => [['hill' => '0 0.8, 0.5 0.4, 1 0.8, 1 1, 0 1'], ['“tree” meets “hill” in A4'], ['tree' => ['0.2', '0.642']]],
    'a point well beside it' => [['hill' => '0 0.8, 0.5 0.4, 1 0.8, 1 1, 0 1'], [], ['tree' => ['0.2', '0.58']]],
    'a beam that ends on a post' => [[], ['“beam” meets “post” 1/4 of the way along it, in C2'], [], ['beam' => ['0.1', '0.4', '0.5', '0.3'], 'post' => ['0.5', '0.2', '0.5', '0.6']]],
]);

it('tells a gap as long as a search of every place would, whatever the outlines', function (int $seed) {
    $random = new Random\Randomizer(new Random\Engine\Mt19937($seed));
    $share = static fn (float $from, float $to): float => $from + ($to - $from) * $random->getInt(0, 1_000_000) / 1_000_000;
    $round = static function (float $x, float $y) use ($share): array {
        $at = [];
        for ($i = 0; $i < 7; $i++) {
            $far = $share(0.04, 0.12);
            $at[] = [round($x + $far * cos(2 * M_PI * $i / 7), 5), round($y + $far * sin(2 * M_PI * $i / 7), 5)];
        }

        return $at;
    };
    [$one, $other] = [$round(0.3, $share(0.3, 0.7)), $round(0.58, $share(0.3, 0.7))];
    $write = static fn (array $places): string => implode(', ', array_map(static fn (array $at): string => "{$at[0]} {$at[1]}", $places));
    $plan = scene(['one' => $write($one), 'other' => $write($other)]);
    $along = static function (array $outline): array {
        $places = [];
        foreach ($outline as $i => [$x, $y]) {
            [$u, $v] = $outline[($i + 1) % count($outline)];
            for ($k = 0; $k < 60; $k++) {
                $places[] = [($x + $k / 60 * ($u - $x)) * 203.2, ($y + $k / 60 * ($v - $y)) * 254.0];
            }
        }

        return $places;
    };
    $least = INF;
    foreach ($along($one) as [$x, $y]) {
        foreach ($along($other) as [$u, $v]) {
            $least = min($least, hypot($u - $x, $v - $y));
        }
    }
    $found = Relations::among($plan->layout, $plan->things());
    $near = array_values(array_filter($found, static fn (Relation $relation): bool => $relation->how->value === 'gap'));
    if ($least < 25.0 && $least > 2.0) {
        expect($near)->toHaveCount(1)->and($near[0]->apart)->toEqualWithDelta($least, 0.15);
    } else {
        expect($near)->toHaveCount($least > 25.6 ? 0 : count($near));
    }
})->with(range(1, 12));

it('says the same of a picture however it is held', function (int $quarters, bool $mirrored) {
    $things = ['jug' => '0.1 0.2, 0.4 0.6', 'cup' => '0.45 0.3, 0.8 0.7', 'cloth' => '0.05 0.55, 0.9 0.9', 'lamp' => '0.2 0.05, 0.35 0.12'];
    $points = ['rim' => ['0.1', '0.4'], 'far' => ['0.95', '0.05']];
    $held = static function (int $quarters, bool $mirrored) use ($things, $points): array {
        // Points lie on the picture as it is held, outlines on the file.
        $turned = array_map(static function (array $at) use ($quarters, $mirrored): array {
            [$x, $y] = array_map(floatval(...), $at);
            for ($i = 0; $i < $quarters; $i++) {
                [$x, $y] = [1 - $y, $x];
            }

            return [(string) round($mirrored ? 1 - $x : $x, 6), (string) round($y, 6)];
        }, $points);
        $plan = Plans::of(Reference::printed(size($quarters % 2 ? '5x4in' : '4x5in')), size($quarters % 2 ? '10x8in' : '8x10in'), new Stretch,
            things: array_map(static fn (string $name, string $places): Thing => thing($places, $name), array_keys($things), $things),
            points: array_map(static fn (string $name, array $at): KeyPoint => new KeyPoint($name, Rational::of($at[0]), Rational::of($at[1]), false), array_keys($turned), $turned),
            framing: new Framing(Turning::of($quarters, $mirrored, 0, Keep::Shape), Border::none()));
        // What stands above another stands beside it once the picture is turned.
        $told = array_filter(Relations::among($plan->layout, $plan->things()), static fn (Relation $one): bool => $one->how !== Related::Above);

        return array_values(array_map(static fn (Relation $one): string => "{$one->how->value} {$one->key()} ".round($one->apart, 2), $told));
    };
    expect($held($quarters, $mirrored))->toBe($held(0, false))->not->toBe([]);
})->with([[1, false], [2, false], [3, false], [0, true], [1, true], [3, true]]);

it('names what the artist marked before what contours turn at, and each once', function () {
    $at = static fn (string $name, float $x, float $y, bool $marked = true): Landmark => new Landmark($name, $name, Rational::near($x), Rational::near($y), false, $marked);
    $found = Alignment::among([$at('turn', 0.3, 0.1, false), $at('other turn', 0.3, 0.9, false), $at('eye', 0.302, 0.5), $at('ear', 0.31, 0.75)], size('8x10in'));
    expect(array_map(static fn (Alignment $one): string => "{$one->first->name} {$one->second->name}", $found))->toBe(['eye ear', 'eye turn', 'eye other turn', 'ear turn', 'ear other turn', 'turn other turn']);
});

it('knows what of a thing an oval or a circle holds', function (Shape $shape, string $places, string $lies) {
    // In a box of 8 × 10 in: the circle is 8 in across, a share of 0.5 of its width and 0.4 of its height from the middle.
    $curve = Outline::of($shape, Size::inches(8, 10));
    assert($curve !== null);
    expect(laid($places)->within($curve))->toBe($lies);
})->with([
    'in the middle' => [Shape::Oval, '0.4 0.4, 0.6 0.6', 'inside'],
    'in a corner' => [Shape::Oval, '0.02 0.02, 0.1 0.1', 'outside'],
    // (0.35/0.5)² + (0.35/0.5)² = 0.98 and (0.36/0.5)² twice = 1.04.
    'just inside' => [Shape::Oval, '0.15 0.15, 0.5 0.5', 'inside'],
    'just over' => [Shape::Oval, '0.14 0.14, 0.5 0.5', 'cut'],
    'inside the oval, over the circle' => [Shape::Circle, '0.4 0.05, 0.6 0.5', 'cut'],
    'above the circle, inside the oval' => [Shape::Circle, '0.45 0.02, 0.55 0.09', 'outside'],
    'all round it' => [Shape::Circle, '0 0, 1 1', 'cut'],
]);
