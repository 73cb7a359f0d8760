<?php

use App\Models\Drawing;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Drawings;

/*
 * One undo for all of it: choices, cells, blanks skipped, doubts, notes and ticks.
 */

/**
 * Everything that can be taken back, as it stands.
 *
 * @return array<string, mixed>
 */
function asItStands(Drawing $drawing): array
{
    $shown = test()->getJson("/api/drawings/{$drawing->id}")->assertOk()->json();
    $cells = $shown['cells'];
    usort($cells, fn (array $a, array $b): int => [$a['row'], $a['column']] <=> [$b['row'], $b['column']]);

    return ['choices' => $shown['workings']['choices'], 'cells' => $cells, 'ticks' => Drawing::query()->findOrFail($drawing->id)->markTicks()->orderBy('board')->orderBy('tick')->get(['board', 'tick', 'place'])->toArray()];
}

/** @return array<string, mixed> the answer */
function afterStep(Drawing $drawing, string $way): array
{
    $now = Drawing::query()->findOrFail($drawing->id);

    return test()->postJson("/api/drawings/{$drawing->id}/{$way}", ['version' => $now->version, 'edits' => $now->edits])->assertOk()->json();
}

it('takes back whatever was done, in its order, and brings it again', function (int $seed) {
    $random = new Randomizer(new Mt19937($seed));
    $drawing = Drawings::begin();
    $url = "/api/drawings/{$drawing->id}";
    $stood = [asItStands($drawing)];
    for ($i = 0; $i < 14; $i++) {
        [$column, $row] = [$random->getInt(0, 2), $random->getInt(0, 2)];
        match ($random->getInt(0, 6)) {
            0 => $this->putJson("{$url}/cells/{$column}/{$row}", ['state' => ['done', 'empty', 'open'][$random->getInt(0, 2)]])->assertOk(),
            1 => $this->putJson("{$url}/cells/{$column}/{$row}", ['doubtful' => $random->getInt(0, 1) === 1])->assertOk(),
            2 => $this->putJson("{$url}/cells/{$column}/{$row}", ['words' => ['', 'rim', '=1+1'][$random->getInt(0, 2)]])->assertOk(),
            3 => $this->putJson("{$url}/cells", ['cells' => [0, 1, 2, 7], 'state' => 'empty'])->assertOk(),
            4 => $this->putJson("{$url}/marking/paper/top-".$random->getInt(1, 3), ['done' => $random->getInt(0, 2) > 0])->assertOk(),
            5 => $this->deleteJson("{$url}/marking/paper")->assertNoContent(),
            default => rechoose($drawing, ['fit' => ['cell' => ['1 1/2 in', '3/4 in', '1 in'][$random->getInt(0, 2)]], 'photo' => ['mirrored' => $random->getInt(0, 1) === 1]]),
        };
        $now = asItStands($drawing);
        // What changes nothing is nothing to take back.
        if (json_encode($now) !== json_encode(end($stood))) {
            $stood[] = $now;
        }
    }
    expect(count($stood))->toBeGreaterThan(4);
    for ($i = count($stood) - 2; $i >= 0; $i--) {
        afterStep($drawing, 'undo');
        expect(asItStands($drawing))->toEqual($stood[$i]);
    }
    expect(afterStep($drawing, 'undo')['undo'])->toBeNull();
    for ($i = 1; $i < count($stood); $i++) {
        afterStep($drawing, 'redo');
        expect(asItStands($drawing))->toEqual($stood[$i]);
    }
    expect($this->getJson($url)->json('redo'))->toBeNull();
})->with(range(1, 12));

/** @param  array<string, mixed>  $changed */
function rechoose(Drawing $drawing, array $changed): void
{
    $shown = test()->getJson("/api/drawings/{$drawing->id}")->json();
    test()->putJson("/api/drawings/{$drawing->id}", ['version' => $shown['version'], 'choices' => array_replace_recursive($shown['workings']['choices'], $changed)])->assertOk();
}

it('names what undo would take back', function (Closure $do, string $what) {
    $drawing = Drawings::begin();
    $do("/api/drawings/{$drawing->id}");
    expect($this->getJson("/api/drawings/{$drawing->id}")->json('undo'))->toBe($what);
})->with([
    'a cell done' => [fn (string $url) => test()->putJson("{$url}/cells/2/1", ['state' => 'done']), 'C2 copied'],
    'blank cells' => [fn (string $url) => test()->putJson("{$url}/cells", ['cells' => [0, 1], 'state' => 'empty']), '2 cells skipped as blank'],
    'a doubt' => [fn (string $url) => test()->putJson("{$url}/cells/0/0", ['doubtful' => true]), 'doubt at A1'],
    'a note' => [fn (string $url) => test()->putJson("{$url}/cells/0/0", ['words' => 'rim']), 'note at A1'],
    'a tick' => [fn (string $url) => test()->putJson("{$url}/marking/paper/top-1", ['done' => true]), 'mark made'],
]);

it('does not stand in the way of another tab’s choices, and takes nothing back that this one has not seen', function () {
    $drawing = Drawings::begin();
    $shown = $this->getJson("/api/drawings/{$drawing->id}")->json();
    $this->putJson("/api/drawings/{$drawing->id}/cells/0/0", ['state' => 'done'])->assertOk();
    // Undo asked from before the cell was done would take back what that tab knows nothing of.
    $this->postJson("/api/drawings/{$drawing->id}/undo", ['version' => $shown['version'], 'edits' => $shown['edits']])->assertConflict();
    $this->putJson("/api/drawings/{$drawing->id}", ['version' => $shown['version'], 'choices' => [...$shown['workings']['choices'], 'title' => 'From the other tab']])->assertOk()
        ->assertJsonPath('cells.0.state', 'done')->assertJsonPath('undo', 'title');
});

it('keeps a bounded number of revisions, and can still go back through all of them', function () {
    $drawing = Drawings::begin();
    $url = "/api/drawings/{$drawing->id}";
    foreach (range(1, 1210) as $i) {
        Drawing::query()->findOrFail($drawing->id)->tick('paper', ['top-1' => $i % 2 === 1 ? '1' : null], 'mark');
    }
    rechoose($drawing, ['title' => 'Last']);
    expect($drawing->revisions()->count())->toBeLessThan(1120);
    foreach (range(1, 40) as $i) {
        afterStep($drawing, 'undo');
    }
    expect($this->getJson($url)->json('workings.choices.title'))->toBe('Garden gate');
    Drawing::query()->findOrFail($drawing->id)->forceFill(['position' => $drawing->revisions()->min('position')])->save();
    expect($this->getJson($url)->json('undo'))->toBeNull()->and(afterStep($drawing, 'undo')['undo'])->toBeNull();
});

it('refuses cells that are not there, and says nothing half', function (array $noted) {
    $drawing = Drawings::begin();
    $this->putJson("/api/drawings/{$drawing->id}/cells", $noted)->assertUnprocessable();
    expect($drawing->cellNotes()->count())->toBe(0);
})->with([[['cells' => [0, 99], 'state' => 'done']], [['cells' => [], 'state' => 'done']], [['cells' => 'all', 'state' => 'done']], [['cells' => [-1], 'state' => 'done']], [['cells' => [0]]], [['state' => 'done']], [['cells' => [0], 'state' => 'gone']]]);
