<?php

use InchLadder\Grid\Density;

it('offers the counts nearest to 20, 40 and 90 cells, each once and in order', function (array $counts, array $chosen, array $slivers = []) {
    expect(array_map(fn (int $i): int => $counts[$i], Density::among($counts, $slivers)))->toEqual($chosen);
})->with([
    [[12, 24, 35, 48, 96, 150], ['few' => 24, 'middling' => 35, 'many' => 96]],
    // In doublings 28 is farther from 40 than 57 is, and 29 nearer.
    [[6, 14, 28, 57, 114], ['few' => 28, 'middling' => 57, 'many' => 114]],
    [[6, 14, 29, 57, 114], ['few' => 14, 'middling' => 29, 'many' => 114]],
    [[40, 45], ['middling' => 40, 'many' => 45]],
    // 40 leaves a sliver, so a count less than one doubling off comes before it; 90 does too, but nothing else is near.
    [[21, 28, 40, 90], ['few' => 21, 'middling' => 28, 'many' => 90], [false, false, true, true]],
    [[300], ['middling' => 300]],
    [[], []],
]);

it('is few when fewer and many when more, for whatever counts there are', function () {
    mt_srand(7);
    foreach (range(1, 300) as $try) {
        $counts = array_values(array_unique(array_map(fn (): int => mt_rand(1, 900), range(1, mt_rand(3, 9)))));
        sort($counts);
        $chosen = array_map(fn (int $i): int => $counts[$i], Density::among($counts));
        expect(count(array_unique($chosen)))->toBe(count($chosen));
        isset($chosen['few']) && expect($chosen['few'])->toBeLessThan($chosen['middling']);
        isset($chosen['many']) && expect($chosen['many'])->toBeGreaterThan($chosen['middling']);
    }
});
