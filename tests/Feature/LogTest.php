<?php

use App\Archive\ArchiveReader;
use App\Models\Drawing;
use Tests\Drawings;

/*
 * The record of a drawing: kept by itself, on one page, and carried with it.
 */

/** @param  array<string, mixed>  $worked */
function work(Drawing $drawing, array $worked): void
{
    test()->putJson("/api/drawings/{$drawing->id}/sitting", $worked)->assertNoContent();
}

function logOf(Drawing $drawing): mixed
{
    return test()->getJson("/api/drawings/{$drawing->id}/log")->assertOk()->json();
}

/** Two sittings, a night between, and a lesson of the first. */
function twoSittings(): Drawing
{
    test()->travelTo('2026-03-02 20:00:00');
    $drawing = Drawings::begin([...Drawings::FIVE_BY_SEVEN, 'copy' => ['working' => 'passes', 'pass' => 'place']]);
    foreach (range(1, 10) as $minute) {
        work($drawing, ['rung' => 'copy', 'pass' => 'place', 'seconds' => 60]);
        test()->travel(1)->minutes();
    }
    test()->putJson("/api/drawings/{$drawing->id}/cells/0/0", ['reached' => 3])->assertOk();
    work($drawing, ['rung' => 'check', 'seconds' => 30]);
    test()->travel(12)->hours();
    work($drawing, ['rung' => 'copy', 'pass' => 'refine', 'seconds' => 120]);
    test()->putJson("/api/drawings/{$drawing->id}/cells/1/0", ['doubtful' => true, 'words' => 'rim'])->assertOk();
    test()->putJson("/api/drawings/{$drawing->id}/sittings/".logOf($drawing)['sittings'][1]['id'], ['lesson' => '=place first, „refine“ later'])->assertNoContent();

    return $drawing;
}

it('keeps sittings by rung and pass, what they left open and what they taught', function () {
    $drawing = twoSittings();
    $log = logOf($drawing);
    expect($log['time'])->toBe('12 min')
        ->and(array_map(fn (array $one): array => [$one['began'], $one['time'], $one['lesson']], $log['sittings']))->toBe([['2026-03-03T08:08:00Z', '2 min', ''], ['2026-03-02T19:59:00Z', '10 min', '=place first, „refine“ later']])
        ->and($log['parts'])->toBe([['rung' => 'copy', 'pass' => 'Place', 'time' => '10 min'], ['rung' => 'copy', 'pass' => 'Refine', 'time' => '2 min'], ['rung' => 'check', 'pass' => null, 'time' => 'under a minute']])
        ->and($log['passes'])->toBe(['Place: 1 of 35 cells', 'Refine: 1 of 35 cells', 'Detail: 1 of 35 cells'])
        ->and($log['open'])->toBe(['Flagged: B1.', 'A note on B1.'])
        ->and($log['progress'])->toBe([[0, 0], [10.5, 1]])
        ->and($log['pass'])->toBe('Place')
        ->and($log['waved'])->toBe([]);
    Drawings::rechoose($drawing, ['copy' => ['waved' => ['early detail', 'of another edition']]]);
    expect(logOf($drawing)['waved'])->toBe(['detail before what holds it stands']);
    Drawings::step($drawing, 'undo');
    // Undo is of the work, not of its record.
    Drawings::step($drawing, 'undo');
    expect(logOf($drawing)['time'])->toBe('12 min')->and(logOf($drawing)['open'])->toBe([]);
});

it('carries its sittings out and in, whatever a lesson says', function () {
    $drawing = twoSittings();
    $path = tempnam(sys_get_temp_dir(), 'inch').'.zip';
    file_put_contents($path, test()->get("/api/drawings/{$drawing->id}/drawing.zip")->assertOk()->streamedContent());
    $back = app(ArchiveReader::class)->read($path);
    $plain = fn (array $log): array => array_map(fn (array $one): array => [...$one, 'id' => 0], $log['sittings']);
    expect($plain(logOf($back)))->toBe($plain(logOf($drawing)));
    $csv = test()->get("/api/drawings/{$drawing->id}/log.csv")->assertOk()->assertHeader('Content-Type', 'text/csv; charset=utf-8')->getContent();
    expect($csv)->toStartWith("began,ended,rung,pass,seconds,lesson\r\n2026-03-02T19:59:00Z,2026-03-02T20:10:00Z,copy,place,600,\"'=place first, „refine“ later\"\r\n");
});

it('refuses work that is none, and a lesson that is no line', function (string $what, array $sent) {
    $drawing = twoSittings();
    $url = "/api/drawings/{$drawing->id}/".($what === 'sitting' ? 'sitting' : 'sittings/'.logOf($drawing)['sittings'][0]['id']);
    $before = logOf($drawing);
    test()->putJson($url, $sent)->assertUnprocessable();
    expect(logOf($drawing))->toBe($before);
})->with([
    ['sitting', ['rung' => 'Über uns', 'seconds' => 60]], ['sitting', ['rung' => 'copy', 'seconds' => 0]], ['sitting', ['rung' => 'copy', 'seconds' => 100_000]], ['sitting', ['rung' => 'copy', 'pass' => 'ruin', 'seconds' => 60]], ['sitting', []],
    ['lesson', ['lesson' => str_repeat('x', 201)]], ['lesson', ['lesson' => "two\nlines"]], ['lesson', ['lesson' => ['a']]], ['lesson', []],
]);

it('knows no sitting of another drawing', function () {
    $drawing = twoSittings();
    test()->putJson('/api/drawings/'.Drawings::begin()->id.'/sittings/'.logOf($drawing)['sittings'][0]['id'], ['lesson' => 'mine'])->assertNotFound();
});

it('says what the last sitting left open when a new one begins, and not within one', function () {
    $drawing = twoSittings();
    $carried = fn (): ?string => test()->getJson("/api/drawings/{$drawing->id}/copying")->assertOk()->json('carried');
    expect($carried())->toBeNull();
    test()->travel(5)->hours();
    expect($carried())->toBe('Flagged: B1. A note on B1.')->and(explode(' ', $carried())[0])->toBe(explode(' ', logOf($drawing)['open'][0])[0]);
    work($drawing, ['rung' => 'copy', 'pass' => 'refine', 'seconds' => 5]);
    expect($carried())->toBeNull();
    // Nothing was left open: nothing is said.
    test()->putJson("/api/drawings/{$drawing->id}/cells/1/0", ['doubtful' => false, 'words' => ''])->assertOk();
    test()->travel(2)->days();
    expect($carried())->toBeNull();
});

it('keeps what is pinned to a rung or a pass with the choices, and lets go of what is nowhere', function () {
    $drawing = Drawings::begin();
    $pinned = fn (): array => array_map(array_values(...), test()->getJson("/api/drawings/{$drawing->id}")->json('workings.choices.pinned'));
    Drawings::rechoose($drawing, ['pinned' => [['at' => 'copy detail', 'words' => ' the left ear is higher '], ['at' => 'tone', 'words' => 'darks before lights'], ['at' => 'copy later', 'words' => 'x'], ['at' => 'marks', 'words' => '  '], ['at' => '<b>', 'words' => 'x']]]);
    expect($pinned())->toBe([['copy detail', 'the left ear is higher'], ['tone', 'darks before lights']]);
    Drawings::step($drawing, 'undo');
    expect($pinned())->toBe([]);
    $this->postJson('/api/workings', ['choices' => ['pinned' => array_fill(0, 61, ['at' => 'tone', 'words' => 'x'])], 'wide' => 9, 'high' => 7])->assertUnprocessable();
});

it('plots the cells that are through the pass that is on; all that are done, where a cell is finished before the next', function (array $copy, ?string $pass, int $cells) {
    $drawing = Drawings::begin(['copy' => $copy]);
    work($drawing, ['rung' => 'copy', 'seconds' => 300]);
    foreach ([['0/0', ['reached' => 1]], ['1/0', ['reached' => 2]], ['2/0', ['reached' => 3]], ['0/1', ['state' => 'empty']]] as [$cell, $noted]) {
        test()->putJson("/api/drawings/{$drawing->id}/cells/{$cell}", $noted)->assertOk();
    }
    $log = logOf($drawing);
    expect([$log['pass'], max([0, ...array_column($log['progress'], 1)])])->toBe([$pass, $cells]);
})->with([
    [['working' => 'passes', 'pass' => 'place'], 'Place', 3],
    [['working' => 'passes', 'pass' => 'refine'], 'Refine', 2],
    [['working' => 'passes', 'pass' => 'detail'], 'Detail', 1],
    [['working' => 'cells'], null, 1],
]);
