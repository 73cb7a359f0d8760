<?php

use InchLadder\Paper\Colour;
use InchLadder\Pixels\Contour;
use InchLadder\Pixels\Contours;
use InchLadder\Pixels\End;
use InchLadder\Pixels\Field;
use InchLadder\Pixels\Flow;
use InchLadder\Pixels\SlantedEdges;
use InchLadder\Pixels\ThinLines;
use Tests\Core\Pictures;

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

/** A picture of lightness alone, dark and light parted softly where `$distance` is 0. */
function parted(Closure $distance, int $wide = 160, int $high = 120): Contours
{
    return Contours::of(Pictures::lab($wide, $high, fn (float $x, float $y): array => [$distance($x, $y) > 0 ? 75 : 30, 0, 0]));
}

it('finds an edge where it is, to a twentieth of a sample, from one edge of the picture to the other', function (Closure $distance, End $ends) {
    $contours = parted($distance)->all;
    expect($contours)->toHaveCount(1);
    [$contour] = $contours;
    expect([$contour->starts, $contour->ends])->toBe([$ends, $ends])->and($contour->contrast())->toEqualWithDelta(45, 2);
    foreach ($contour->x as $i => $x) {
        // The distance is a share of the picture's height, 120 samples.
        expect(abs($distance($x / 160, $contour->y[$i] / 120)) * 120)->toBeLessThan(0.15);
    }
    $off = array_map(fn (float $x, float $y): float => abs($distance($x / 160, $y / 120)) * 120, $contour->x, $contour->y);
    sort($off);
    expect($off[intdiv(count($off), 2)])->toBeLessThan(0.05);
})->with([
    'level' => [fn (float $x, float $y): float => $y - 97 / 240, End::Leaves],
    'upright' => [fn (float $x, float $y): float => ($x - 225 / 320) * 4 / 3, End::Leaves],
    'a slope' => [fn (float $x, float $y): float => ($y - 0.2 - 0.5 * $x) / hypot(1, 0.375), End::Leaves],
    'a circle about a corner' => [fn (float $x, float $y): float => hypot($x * 4 / 3, $y) - 0.6, End::Leaves],
    'a circle inside' => [fn (float $x, float $y): float => hypot(($x - 0.5) * 4 / 3, $y - 0.5) - 0.3, End::Closes],
]);

it('finds an edge of colours that are equally light', function () {
    // Magenta and green of one lightness: nothing of it shows in greys.
    $contours = Contours::of(Pictures::lab(90, 90, fn (float $x, float $y): array => hypot($x - 0.5, $y - 0.5) < 0.3 ? [60, 60, -40] : [60, -50, 40]))->all;
    expect($contours)->toHaveCount(1)->and($contours[0]->isClosed())->toBeTrue()->and($contours[0]->length())->toEqualWithDelta(2 * M_PI * 27, 3);
});

it('says how a contour ends: it fades, or meets another', function (Closure $colour, array $ends) {
    $found = array_map(fn (Contour $one): array => [$one->starts->value, $one->ends->value], Contours::of(Pictures::lab(140, 120, $colour))->all);
    foreach ($found as &$two) {
        sort($two);
    }
    expect($found)->toBe($ends);
})->with([
    'an edge that loses itself half-way' => [fn (float $x, float $y): array => [50 + ($x > 0.5 ? 25 : -25) * max(0, 1 - 1.6 * $y), 0, 0], [['fades', 'leaves']]],
    'a T' => [fn (float $x, float $y): array => [$y < 0.5 ? 85 : ($x < 0.4 ? 20 : 50), 0, 0], [['leaves', 'leaves'], ['leaves', 'meets']]],
]);

it('finds nothing in grain, however strong, nor in a slow gradient', function (float $grain) {
    mt_srand(11);
    $contours = Contours::of(Pictures::lab(120, 90, fn (float $x, float $y): array => array_map(fn (int $mean): float => $mean + $grain * array_sum(array_map(fn (): float => mt_rand(-100, 100) / 100, range(1, 4))), [40 + (int) (30 * $x), 5, 10])));
    expect($contours->all)->toBe([]);
})->with([0, 2.0, 8.0]);

it('tells a contour from the texture it lies in', function () {
    // Sand on either side, and one edge through it that parts a light side from a dark one.
    mt_srand(5);
    $sand = array_map(fn (): int => mt_rand(-7, 7), range(0, 60 * 60 - 1));
    $contours = Contours::of(Pictures::lab(180, 180, fn (float $x, float $y): array => [($y > 0.5 + 0.1 * $x ? 75 : 35) + $sand[min(59, (int) (60 * $y)) * 60 + min(59, (int) (60 * $x))], 0, 0]));
    $on = 0.0;
    foreach ($contours->all as $contour) {
        foreach ($contour->x as $i => $x) {
            $on += abs($contour->y[$i] - 90 - 0.1 * $x) < 3 ? 1 : 0;
        }
    }
    $all = array_sum(array_map(fn (Contour $one): int => $one->count(), $contours->all));
    expect($on)->toBeGreaterThan(150)->and($on / $all)->toBeGreaterThan(0.7);
});

it('takes two opposite edges near each other for one line, with its middle and its width', function (float $thick, float $widest, bool $isLine) {
    // A branch across the picture, at a slope of 1 to 4.
    $contours = parted(fn (float $x, float $y): float => abs(120 * $y - 40 - 40 * $x) / hypot(1, 0.25) - $thick / 2)->all;
    expect($contours)->toHaveCount(2);
    $lines = ThinLines::merged($contours, $widest);
    expect($lines)->toHaveCount($isLine ? 1 : 2);
    foreach ($isLine ? $lines : [] as $line) {
        expect($line->width)->toEqualWithDelta($thick, 0.4)->and([$line->starts, $line->ends])->toBe([End::Leaves, End::Leaves]);
        foreach ($line->x as $i => $x) {
            expect($line->y[$i])->toEqualWithDelta(40 + 0.25 * $x, 0.1);
        }
    }
})->with([[3.0, 8.0, true], [7.5, 8.0, true], [9.5, 8.0, false]]);

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

it('tells which way what is seen runs, to two degrees, and how far apart', function (float $degrees, float $period, float $noise, float $across, float $down) {
    mt_srand((int) ($degrees * 7 + $period));
    $way = deg2rad($degrees);
    $values = [];
    for ($y = 0; $y < 48; $y++) {
        for ($x = 0; $x < 60; $x++) {
            // A wave whose crests run that way, on a slope of light.
            $off = -$x * $across * sin($way) + $y * $down * cos($way);
            $values[] = 50 + 12 * sin(2 * M_PI * $off / $period) + 0.05 * $x + $noise * ((mt_rand(0, 1000) + mt_rand(0, 1000) + mt_rand(0, 1000)) / 500 - 3);
        }
    }
    $flow = Flow::of(new Field(60, 48, $values), $across, $down);
    $off = abs($flow->degrees - $degrees);
    expect(min($off, 180 - $off))->toBeLessThan(2.0)->and($flow->coherence)->toBeGreaterThan($noise > 0 ? 0.6 : 0.95);
    if ($noise === 0.0) {
        expect($flow->period)->toEqualWithDelta($period, 0.12 * $period);
    }
})->with(function () {
    foreach ([-89.0, -60.0, -37.0, -12.0, 0.0, 8.0, 22.5, 45.0, 71.0, 90.0] as $degrees) {
        foreach ([[6.0, 0.0, 1.0, 1.0], [9.0, 1.5, 1.0, 1.0], [3.0, 0.0, 0.5, 0.4], [12.0, 2.0, 1.0, 1.4]] as $with) {
            yield [$degrees, ...$with];
        }
    }
});

it('says nothing of what runs no way, or is too small to tell', function () {
    mt_srand(3);
    $grain = new Field(60, 60, array_map(static fn (): float => mt_rand(0, 100), range(1, 3600)));
    expect(Flow::of($grain, 1, 1)?->coherence)->toBeLessThan(0.1)
        ->and(Flow::of(new Field(40, 40, array_fill(0, 1600, 55.0)), 1, 1))->toBeNull()
        // Light that falls off evenly, however steeply.
        ->and(Flow::of(new Field(40, 40, array_map(static fn (int $i): float => 20 + 0.7 * ($i % 40) + 0.3 * intdiv($i, 40), range(0, 1599))), 1, 1)?->slope ?? 0.0)->toBeLessThan(0.2)
        ->and(Flow::of(new Field(4, 40, array_fill(0, 160, 55.0)), 1, 1))->toBeNull();
});
