<?php

use Tests\Accuracy;
use Tests\Redrawing;
use Tests\Scene;
use Tests\Scenes;

/*
 * A portrait, a landscape and a still life, copied by a program that follows what is told of each cell and draws nothing
 * but straight stretches and bows; and laid over outlines that are known, as they were put together of shapes.
 */

it('is redrawn from what is told, cell by cell', function (Scene $scene, int $columns, array $choices) {
    $told = new Accuracy($scene->save(4, 92), $columns, $choices);
    ['found' => $found, 'true' => $true, 'known' => $known] = Redrawing::of($told->redrawn(), $scene->outlines(), $told->cell());
    // Of strong, long contours (ΔE 14, a third of a cell) four fifths; of what is told seven eighths lie on an edge.
    expect($known)->toBeGreaterThan(3000)->and($found)->toBeGreaterThan(0.8)->and($true)->toBeGreaterThan(0.88);
})->with(few(1, [
    'a portrait' => [Scenes::portrait(), 9, []],
    'a landscape' => [Scenes::landscape(), 12, []],
    'a still life' => [Scenes::stillLife(), 10, []],
]));
