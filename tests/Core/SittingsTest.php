<?php

use App\Wording\LogWording;
use InchLadder\Sittings\Progress;
use InchLadder\Sittings\Sitting;

/*
 * A sitting opens and closes by itself; what is counted is work, not the clock. Times are minutes here.
 */

it('goes on through a short rest, ends after a long one, and takes no clock that was set back for a new day', function (float $minutes, bool $goesOn) {
    expect((new Sitting(0, 60 * 60))->goesOn(60 * (60 + $minutes)))->toBe($goesOn);
})->with(['at once' => [0, true], 'tea' => [45, true], 'a minute more' => [46, false], 'three days' => [4320, false], 'set back an hour' => [-60, true], 'set back a day' => [-1440, true]]);

it('adds up what was worked, by rung and pass, and never more than has passed', function () {
    // Work is told of when it is done: what is heard of first began before.
    $sitting = Sitting::opened('copy place', 60, 1000)->with('copy place', 60, 1060)->with('check', 120, 1180);
    expect($sitting->seconds)->toBe(['copy place' => 120, 'check' => 120])->and($sitting->worked())->toBe(240)->and([$sitting->began, $sitting->ended])->toBe([940.0, 1180.0]);
    // Two pages open at once tell the same minute twice, and a minute in a second is none.
    for ($i = 0; $i < 20; $i++) {
        $sitting = $sitting->with('check', 120, 1181);
    }
    expect($sitting->worked())->toBe(241)->and($sitting->with('tone', 60, 1181)->seconds)->not->toHaveKey('tone');
    // A clock that is set back a little tells nothing new, one that is set back an hour loses no work.
    expect($sitting->with('tone', 60, 1150)->worked())->toBe(241)
        ->and($sitting->with('tone', 60, -2419)->seconds['tone'])->toBe(60)->and($sitting->with('tone', 60, -2419)->ended)->toBe(1241.0);
});

it('tells cells against work: rests between sittings are none of it', function (array $sittings, array $done, array $steps) {
    $kept = array_map(fn (array $one): Sitting => new Sitting(60 * $one[0], 60 * $one[1], ['copy' => 60 * $one[2]]), $sittings);
    expect(Progress::of($kept, array_map(fn (float $at): float => 60.0 * $at, $done))->steps)->toBe($steps);
})->with([
    'nothing done' => [[], [], [[0.0, 0]]],
    'half of the time worked, evenly' => [[[0, 60, 30]], [30, 60], [[0.0, 0], [15.0, 1], [30.0, 2]]],
    'a night between' => [[[0, 10, 10], [900, 920, 20]], [910, 5, 10], [[0.0, 0], [5.0, 1], [10.0, 2], [20.0, 3]]],
    'done before any sitting was kept, and after the last' => [[[100, 110, 10]], [50, 200], [[0.0, 0], [0.0, 1], [10.0, 2]]],
    'a sitting of a moment' => [[[5, 5, 1]], [5], [[0.0, 0], [1.0, 1]]],
]);

it('says a time as one would', fn (int $seconds, string $says) => expect(LogWording::length($seconds))->toBe($says))
    ->with([[0, 'no time yet'], [59, 'under a minute'], [60, '1 min'], [3599, '59 min'], [3600, '1 h'], [3660, '1 h 1 min'], [90_061, '25 h 1 min']]);
