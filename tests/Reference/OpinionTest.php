<?php

use App\Devices\Exposure;
use App\Devices\Mistakes;
use App\Imaging\ShotPixels;
use App\Shots\SecondOpinion;
use Illuminate\Foundation\Testing\RefreshDatabase;
use InchLadder\Compare\Cause;
use InchLadder\Compare\Model;
use InchLadder\Plan\Comparison;
use Tests\Shot;

uses(RefreshDatabase::class);

/*
 * The second opinion against what is known: shots of the simulated camera, a smaller cut of `bin/bench accuracy`. The camera
 * bends by Brown's polynomial, what is put right is by the division model: neither knows the other.
 */

it('tells what was put in, from a shot and nothing else', function (int $seed, Mistakes $mistakes, Cause $cause, Model $model, array $whole, array $choices = []) {
    $drawing = Shot::drawing($choices);
    $back = Comparison::stepBack($drawing->plan());
    [$path, $truth] = Shot::take($drawing, $mistakes, new Exposure($seed, side: 2200, grid: $seed % 2 === 0));
    $shot = ShotPixels::of(new Imagick($path));
    $second = app(SecondOpinion::class);
    $plan = $drawing->plan();
    $found = $second->find($plan, $drawing->photo, $shot)->corners;
    foreach ($truth['sheet'] as $i => $corner) {
        expect(hypot($found[$i][0] - $corner[0], $found[$i][1] - $corner[1]))->toBeLessThan(0.005 * hypot($shot->wide, $shot->high));
    }
    $opinion = $second->judge($plan, $drawing->photo, $second->prepare($plan, $drawing->photo, $shot, null), []);
    $motion = $opinion->verdict->whole->motion;
    [$right, $down] = $motion->at($opinion->verdict->middleX, $opinion->verdict->middleY);
    expect($opinion->verdict->cause)->toBe($cause)->and($opinion->verdict->whole->model)->toBe($model)
        ->and([$right, $down, $motion->turn(), 100 * ($motion->size() - 1)])->toEqualWithDelta($whole, 0.5 * $back);
    // Places taken for sure are where they came out; most are.
    $near = 0;
    foreach ($truth['points'] as $one) {
        [$x, $y, , $sure] = $opinion->places[$one['name']];
        $off = hypot($x - $one['came_out_mm'][0], $y - $one['came_out_mm'][1]);
        $near += $off <= $back ? 1 : 0;
        expect($sure && $off > 1.5 * $back)->toBeFalse("{$one['name']} is {$off} mm off, and said to be sure");
    }
    expect($near)->toBeGreaterThanOrEqual(0.7 * count($truth['points']));
})->with(few(3, [
    'larger, and a place moved' => [34, new Mistakes(size: 4, moves: ['cloth' => [-5.0, 4.0]], wobble: 0.15), Cause::Point, Model::Similarity, [0, 0, 0, 4]],
    'turned' => [33, new Mistakes(turn: -2.2, wobble: 0.15), Cause::Whole, Model::Similarity, [0, 0, -2.2, 0]],
    'faithful' => [31, new Mistakes(wobble: 0.15), Cause::None, Model::Same, [0, 0, 0, 0]],
    'moved' => [32, new Mistakes(right: 4, down: -3, wobble: 0.15), Cause::Whole, Model::Similarity, [4, -3, 0, 0]],
    'on a sheet of 22 × 30 in' => [35, new Mistakes(right: 9, down: 7, wobble: 0.3), Cause::Whole, Model::Similarity, [9, 7, 0, 0], ['paper' => ['sheet' => null, 'width' => '22 in', 'height' => '30 in']]],
    'on a wall of 4 × 5 m' => [36, new Mistakes(moves: ['cloth' => [-90.0, 70.0]], wobble: 2), Cause::Point, Model::Same, [0, 0, 0, 0], ['unit' => 'cm', 'ruler' => '1 mm', 'paper' => ['sheet' => null, 'width' => '400 cm', 'height' => '500 cm']]],
]));
