<?php

use App\Documents\Renamed;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Drawings;
use Tests\Shot;

/*
 * What is known by a name goes by its new one: readings of shots, what was meant, what was ticked.
 */

/** @return array<string, mixed> */
function namedDocument(Randomizer $random, array $names): array
{
    $place = static fn (): string => (string) ($random->getInt(0, 1000) / 1000);
    [$p, $q, $t, $u, $s] = $names;

    return [
        'points' => [['name' => $p, 'x' => $place(), 'y' => $place()], ['name' => $q, 'x' => $place(), 'y' => $place()]],
        'things' => [['name' => $t, 'places' => $place()], ['name' => $u, 'places' => $place()]],
        'spans' => [['name' => $s, 'x1' => $place()]],
        'shots' => [['readings' => [['name' => $p, 'at' => $place()], ['name' => "{$t}, top", 'at' => $place()]]], ['readings' => [['name' => "{$u}, left", 'at' => $place()]]]],
        'meant' => [['name' => "{$t}, bottom", 'right_mm' => 1.0], ['name' => $q, 'right_mm' => 2.0]],
        'related' => ["{$t} | {$u}", "{$p} | {$t}", "{$s} | {$u}"],
    ];
}

it('keeps to its names whatever is renamed, several at once, and back', function (int $seed) {
    $random = new Randomizer(new Mt19937($seed));
    $all = $random->shuffleArray(['jug', 'jug 2', 'a | b', 'left, right', '壺', '7', 'Ö', "o'clock", 'jug, above', 'x | y | z', ' ', 'thing']);
    [$old, $new] = [array_slice($all, 0, 5), array_slice($all, 5, 5)];
    $after = $old;
    foreach (array_keys($old) as $i) {
        $random->getInt(0, 1) === 1 && $after[$i] = $new[$i];
    }
    [$was, $wanted] = [namedDocument(new Randomizer(new Mt19937($seed)), $old), namedDocument(new Randomizer(new Mt19937($seed)), $after)];
    $now = [...$was, 'points' => $wanted['points'], 'things' => $wanted['things'], 'spans' => $wanted['spans']];
    expect(Renamed::follow($was, $now))->toBe($wanted)
        ->and(Renamed::follow($wanted, [...$wanted, 'points' => $was['points'], 'things' => $was['things'], 'spans' => $was['spans']]))->toBe($was)
        // A step of undo brings its own.
        ->and(Renamed::follow($wanted, $was))->toBe($was);
})->with(seeds(24, 60));

it('takes nothing for a new name that is none', function (Closure $change) {
    $was = namedDocument(new Randomizer(new Mt19937(3)), ['a', 'b', 'jug', 'pot', 's']);
    $now = $change($was);
    expect(Renamed::follow($was, $now))->toBe($now);
})->with([
    'another order' => [fn ($was) => [...$was, 'things' => array_reverse($was['things'])]],
    'one taken away' => [fn ($was) => [...$was, 'things' => [$was['things'][1]]]],
    'one for another' => [fn ($was) => [...$was, 'things' => [$was['things'][0], ['name' => 'cup', 'places' => 'elsewhere']]]],
    'a name that another has' => [fn ($was) => [...$was, 'things' => [['name' => 'pot'] + $was['things'][0], $was['things'][1]]]],
]);

it('keeps a tick on what was renamed, through undo', function () {
    $box = fn (string $name, float $left): array => ['name' => $name, 'outline' => "{$left} 0.3, ".($left + 0.2).' 0.3, '.($left + 0.2)." 0.6, {$left} 0.6", 'boxed' => true, 'must' => false, 'ticked' => []];
    $drawing = Shot::drawing(['things' => [$box('jug', 0.3), $box('cup', 0.52)], 'meant' => [['name' => 'spout', 'right_mm' => 1.0, 'down_mm' => 0.0]]]);
    $relation = fn (): array => test()->getJson("/api/drawings/{$drawing->id}")->json('workings.check.relations.0');
    $key = $relation()['key'];
    Drawings::rechoose($drawing, ['related' => [$key]]);
    expect($relation()['ticked'])->toBeTrue();
    Drawings::rechoose($drawing, ['things' => [['name' => '壺']], 'points' => [['name' => 'lip']]]);
    expect($relation())->toMatchArray(['key' => str_replace('jug', '壺', $key), 'ticked' => true])
        ->and(test()->getJson("/api/drawings/{$drawing->id}")->json('workings.choices.meant.0.name'))->toBe('lip');
    expect(Drawings::step($drawing, 'undo')['workings']['check']['relations'][0])->toMatchArray(['key' => $key, 'ticked' => true]);
});
