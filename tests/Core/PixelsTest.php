<?php

use InchLadder\Paper\Colour;
use InchLadder\Pixels\Contour;
use InchLadder\Pixels\Field;
use InchLadder\Pixels\Gradient;
use InchLadder\Pixels\SlantedEdges;

/**
 * A field of a function of places, each sample taken at its middle.
 *
 * @param  Closure(float, float): float  $lightness  of shares across and down
 */
function sampled(int $wide, int $high, Closure $lightness): Field
{
    $values = [];
    foreach (range(0, $high - 1) as $y) {
        foreach (range(0, $wide - 1) as $x) {
            $values[] = $lightness(($x + 0.5) / $wide, ($y + 0.5) / $high);
        }
    }

    return new Field($wide, $high, $values);
}

/** An edge as soft as a lens makes it: light beyond `$distance` 0. */
function soft(float $distance): float
{
    return 60 + 140 / (1 + exp(-$distance / 0.01));
}

it('refuses a field that is not as long as its sides say', function (int $wide, int $high, int $count) {
    new Field($wide, $high, array_fill(0, $count, 0));
})->with([[3, 3, 8], [3, 3, 10], [2, 5, 10], [5, 2, 10]])->throws(InvalidArgumentException::class, 'at least 3 × 3');

it('turns a field over its diagonal', function () {
    $field = sampled(4, 3, fn (float $x, float $y): float => round(100 * $x) + $y);
    $turned = $field->transposed();
    expect([$turned->wide, $turned->high])->toBe([3, 4]);
    foreach (range(0, 3) as $x) {
        foreach (range(0, 2) as $y) {
            expect($turned->at($y, $x))->toBe($field->at($x, $y));
        }
    }
    expect($turned->transposed()->all())->toBe($field->all());
});

it('finds the slope of a plane everywhere, at its frame and between its samples too', function (float $x, float $y) {
    // Lightness grows by 2 a sample to the right and falls by 3 a sample downwards.
    $gradient = Gradient::of(sampled(12, 9, fn (float $x, float $y): float => 100 + 2 * 12 * $x - 3 * 9 * $y));
    [$across, $down] = $gradient->at($x, $y);
    expect($across)->toEqualWithDelta(2, 1e-9)->and($down)->toEqualWithDelta(-3, 1e-9)->and($gradient->steepness($x, $y))->toEqualWithDelta(sqrt(13), 1e-9);
})->with([[0, 0], [11, 8], [5.25, 3.75], 'outside, brought to the frame' => [-4, 99]]);

it('follows an edge to within a hundredth of the side', function (Closure $distance, array $from, array $to) {
    $contour = Contour::from(Gradient::of(sampled(110, 110, fn (float $x, float $y): float => soft($distance($x, $y)))), ...$from);
    [$x, $y] = $contour->points[count($contour->points) - 1];
    expect($contour->leaves)->toBeTrue()->and($x)->toEqualWithDelta($to[0], 0.02)->and($y)->toEqualWithDelta($to[1], 0.02);
    // All along it, not only at its ends.
    foreach (array_slice($contour->points, 2, -2) as [$x, $y]) {
        expect(abs($distance($x, $y)))->toBeLessThan(0.01);
    }
})->with([
    'level' => [fn (float $x, float $y): float => $y - 0.4, [0.0, 0.4], [1.0, 0.4]],
    'upright, from below' => [fn (float $x, float $y): float => $x - 0.7, [0.7, 1.0], [0.7, 0.0]],
    'a slope' => [fn (float $x, float $y): float => ($y - 0.2 - 0.5 * $x) / hypot(1, 0.5), [0.0, 0.2], [1.0, 0.7]],
    'a circle about a corner' => [fn (float $x, float $y): float => hypot($x, $y) - 0.6, [0.6, 0.0], [0.0, 0.6]],
    'a circle about the middle of a side, in and out of the same side' => [fn (float $x, float $y): float => hypot($x - 0.5, $y) - 0.3, [0.2, 0.0], [0.8, 0.0]],
    'a wave' => [fn (float $x, float $y): float => ($y - 0.5 - 0.1 * sin(2 * M_PI * $x)) / hypot(1, 0.2 * M_PI * cos(2 * M_PI * $x)), [0.0, 0.5], [1.0, 0.5]],
]);

it('says that an edge fades where it does', function () {
    // The upper half has an edge, the lower half none.
    $field = sampled(110, 110, fn (float $x, float $y): float => 130 + (soft($x - 0.5) - 130) * max(0.0, 1 - 2 * $y));
    $contour = Contour::from(Gradient::of($field), 0.5, 0.0);
    [, $y] = $contour->points[count($contour->points) - 1];
    expect($contour->leaves)->toBeFalse()->and($y)->toBeGreaterThan(0.35)->toBeLessThan(0.5);
});

it('ends, whatever it is given', function () {
    mt_srand(11);
    foreach (range(1, 12) as $try) {
        $field = sampled(40, 30, fn (): float => mt_rand(0, 255));
        $contour = Contour::from(Gradient::of($field), mt_rand(0, 100) / 100, 0.0);
        expect(count($contour->points))->toBeGreaterThan(0)->toBeLessThan(200);
        foreach ($contour->points as [$x, $y]) {
            expect($x)->toBeGreaterThanOrEqual(0)->toBeLessThanOrEqual(1)->and($y)->toBeGreaterThanOrEqual(0)->toBeLessThanOrEqual(1);
        }
    }
});

it('knows the colours of papers, the lightest being white and the darkest black', function () {
    $lightness = array_map(fn (Colour $colour): float => $colour->lightness(), Colour::cases());
    expect(max($lightness))->toBe(Colour::White->lightness())->and(min($lightness))->toBe(Colour::Black->lightness())
        ->and(Colour::White->lightness())->toBeGreaterThan(99)->and(Colour::Black->lightness())->toBeLessThan(20)
        ->and(array_unique(array_map(fn (Colour $colour): string => $colour->hex(), Colour::cases())))->toHaveCount(count(Colour::cases()))
        ->and(Colour::Tan->hex())->toBe('#d6bf9b');
});

it('finds the slanted straight edge of a mass, from frame to frame, and none in texture or in what is level', function (Closure $lightness, ?array $ends) {
    $found = SlantedEdges::of(sampled(240, 180, $lightness), 3);
    if ($ends === null) {
        expect($found)->toBe([]);

        return;
    }
    foreach ($ends as $i => $share) {
        expect($found[0][$i])->toEqualWithDelta($share, 0.025);
    }
})->with([
    // A roof from (0, 0.6) to (1, 0.2); a bank from (0.2, 1) to (0.7, 0); the same dark on the other side.
    'a roof' => [fn (float $x, float $y): float => soft($y - 0.6 + 0.4 * $x), [0, 0.6, 1, 0.2]],
    'a bank' => [fn (float $x, float $y): float => soft($x - 0.2 - 0.5 * (1 - $y)), [0.2, 1, 0.7, 0]],
    'the other way round' => [fn (float $x, float $y): float => soft(0.6 - 0.4 * $x - $y), [0, 0.6, 1, 0.2]],
    'a level horizon' => [fn (float $x, float $y): float => soft($y - 0.4), null],
    'leaves' => [fn (float $x, float $y): float => 120 + 60 * sin(1e4 * sin(37 * floor(60 * $x) + 91 * floor(45 * $y))), null],
    'nothing' => [fn (float $x, float $y): float => 120.0, null],
]);
