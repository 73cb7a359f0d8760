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

it('takes back whatever was done, in its order, and brings it again', function (int $seed) {
    $random = new Randomizer(new Mt19937($seed));
    $drawing = Drawings::begin();
    $url = "/api/drawings/{$drawing->id}";
    $stood = [asItStands($drawing)];
    for ($i = 0; $i < 14; $i++) {
        [$column, $row] = [$random->getInt(0, 2), $random->getInt(0, 2)];
        match ($random->getInt(0, 8)) {
            0 => $this->putJson("{$url}/cells/{$column}/{$row}", ['state' => ['done', 'empty', 'open'][$random->getInt(0, 2)]])->assertOk(),
            1 => $this->putJson("{$url}/cells/{$column}/{$row}", ['doubtful' => $random->getInt(0, 1) === 1])->assertOk(),
            2 => $this->putJson("{$url}/cells/{$column}/{$row}", ['words' => ['', 'rim', '=1+1'][$random->getInt(0, 2)]])->assertOk(),
            3 => $this->putJson("{$url}/cells", ['cells' => [0, 1, 2, 7], 'state' => 'empty'])->assertOk(),
            4 => $this->putJson("{$url}/marking/paper/top-".$random->getInt(1, 3), ['done' => $random->getInt(0, 2) > 0])->assertOk(),
            6 => $this->putJson("{$url}/cells/{$column}/{$row}", ['reached' => $random->getInt(0, 3)])->assertOk(),
            7 => $this->putJson("{$url}/cells", ['cells' => [0, 3, 8], 'reached' => $random->getInt(0, 3)])->assertOk(),
            5 => $this->deleteJson("{$url}/marking/paper")->assertNoContent(),
            default => Drawings::rechoose($drawing, ['fit' => ['cell' => ['1 1/2 in', '3/4 in', '1 in'][$random->getInt(0, 2)]], 'photo' => ['mirrored' => $random->getInt(0, 1) === 1]]),
        };
        $now = asItStands($drawing);
        // What changes nothing is nothing to take back.
        if (json_encode($now) !== json_encode(end($stood))) {
            $stood[] = $now;
        }
    }
    expect(count($stood))->toBeGreaterThan(4);
    for ($i = count($stood) - 2; $i >= 0; $i--) {
        Drawings::step($drawing, 'undo');
        expect(asItStands($drawing))->toEqual($stood[$i]);
    }
    expect(Drawings::step($drawing, 'undo')['undo'])->toBeNull();
    for ($i = 1; $i < count($stood); $i++) {
        Drawings::step($drawing, 'redo');
        expect(asItStands($drawing))->toEqual($stood[$i]);
    }
    expect($this->getJson($url)->json('redo'))->toBeNull();
})->with(seeds(4, 12));

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
        ->assertJsonPath('cells.0.state', 'done')->assertJsonPath('undo', 'the title');
});

it('keeps a bounded number of revisions, and can still go back through all of them', function () {
    $drawing = Drawings::begin();
    $url = "/api/drawings/{$drawing->id}";
    $tick = fn (int $i) => Drawing::query()->findOrFail($drawing->id)->tick('paper', ['top-1' => $i % 2 === 1 ? '1' : null], 'mark');
    // A thousand are copies of the first two: made one by one within this test's one transaction they take PostgreSQL a minute.
    $tick(1);
    $tick(2);
    $pair = $drawing->revisions()->where('position', '>', 0)->orderBy('position')->toBase()->get(['drawing_id', 'what', 'hand', 'created_at', 'updated_at'])->map(fn (object $one): array => (array) $one)->all();
    $drawing->revisions()->toBase()->insert(array_map(fn (int $at): array => [...$pair[($at + 1) % 2], 'position' => $at], range(3, 1080)));
    Drawing::query()->findOrFail($drawing->id)->forceFill(['position' => 1080])->save();
    array_map($tick, range(1081, 1210));
    Drawings::rechoose($drawing, ['title' => 'Last']);
    expect($drawing->revisions()->count())->toBeLessThan(1120);
    foreach (range(1, 40) as $i) {
        Drawings::step($drawing, 'undo');
    }
    expect($this->getJson($url)->json('workings.choices.title'))->toBe('Garden gate');
    Drawing::query()->findOrFail($drawing->id)->forceFill(['position' => $drawing->revisions()->min('position')])->save();
    expect($this->getJson($url)->json('undo'))->toBeNull()->and(Drawings::step($drawing, 'undo')['undo'])->toBeNull();
});

it('refuses cells that are not there, and says nothing half', function (array $noted) {
    $drawing = Drawings::begin();
    $this->putJson("/api/drawings/{$drawing->id}/cells", $noted)->assertUnprocessable();
    expect($drawing->cellNotes()->count())->toBe(0);
})->with([[['cells' => [0, 99], 'state' => 'done']], [['cells' => [], 'state' => 'done']], [['cells' => 'all', 'state' => 'done']], [['cells' => [-1], 'state' => 'done']], [['cells' => [0]]], [['state' => 'done']], [['cells' => [0], 'state' => 'gone']], [['cells' => [0], 'reached' => 4]], [['cells' => [0], 'reached' => -1]], [['cells' => [0], 'reached' => 2, 'state' => 'done']], [['cells' => [0], 'reached' => null]]]);

it('hears each note once and in order, however often and in whatever lots a device sends what waited', function (int $seed) {
    $random = new Randomizer(new Mt19937($seed));
    [$told, $sent] = [Drawings::begin(), Drawings::begin()];
    $notes = array_map(fn (int $i): array => ['key' => "note-{$seed}-{$i}", 'mesh' => '5x7', 'ago' => 60 - $i, 'cells' => array_slice($random->shuffleArray(range(0, 11)), 0, $random->getInt(1, 3)), ...$random->shuffleArray([
        ['state' => 'done'], ['state' => 'open'], ['state' => 'empty'], ['reached' => $random->getInt(0, 3)], ['doubtful' => (bool) $random->getInt(0, 1)], ['words' => ['', 'rim', '½ lower'][$random->getInt(0, 2)]],
    ])[0]], range(0, 24));
    foreach ($notes as $note) {
        $this->putJson("/api/drawings/{$told->id}/cells", array_diff_key($note, ['key' => 0, 'mesh' => 0]))->assertOk();
    }
    for ($kept = 0; $kept < count($notes);) {
        // The answer is lost now and then: what was kept is sent again, with what came since.
        $lot = array_slice($notes, max(0, $kept - $random->getInt(0, 4)), $random->getInt(1, 9));
        $last = (int) array_search(end($lot), $notes, true);
        $this->putJson("/api/drawings/{$sent->id}/notes", ['notes' => $lot])->assertOk();
        $kept = max($kept, $last + 1);
    }
    $cells = fn (Drawing $drawing): array => asItStands($drawing)['cells'];
    expect($cells($sent))->toBe($cells($told))->not->toBe([])
        ->and(Drawing::query()->findOrFail($sent->id)->position)->toBe(Drawing::query()->findOrFail($told->id)->position);
    // Nor does one that comes late undo what was done after it.
    $this->putJson("/api/drawings/{$sent->id}/notes", ['notes' => $notes])->assertOk()->assertJsonPath('edits', Drawing::query()->findOrFail($sent->id)->edits);
    expect($cells($sent))->toBe($cells($told));
})->with(seeds(3, 6));

it('keeps all that waited or none, tells when it was done, and puts nothing on the cells of another grid', function () {
    $this->travelTo('2031-05-04 10:00:00');
    $drawing = Drawings::begin();
    $send = fn (array ...$notes) => $this->putJson("/api/drawings/{$drawing->id}/notes", ['notes' => array_map(fn (array $note, int $i): array => ['key' => "k{$i}", 'mesh' => '5x7', 'state' => 'done', ...$note], $notes, array_keys($notes))]);
    $send(['cells' => [0]], ['cells' => [99]])->assertUnprocessable();
    $send(['cells' => [0]], ['cells' => [1], 'mesh' => '6x8'])->assertUnprocessable()->assertJsonPath('message', 'The grid was changed elsewhere meanwhile. What was noted of a cell of the 6 × 8 grid before could not be kept. Note it again.');
    expect($drawing->cellNotes()->count())->toBe(0);
    // What was refused was not heard: it may be sent again.
    $send(['cells' => [0], 'ago' => 600], ['cells' => [1], 'ago' => 60])->assertOk();
    expect($drawing->cellNotes()->orderBy('column')->pluck('settled_at')->map->format('H:i:s')->all())->toBe(['09:50:00', '09:59:00']);
    foreach ([['ago' => -1], ['ago' => 604801], ['mesh' => 'all'], ['key' => ''], ['key' => 'no spaces'], ['cells' => []], ['state' => 'gone'], ['reached' => 2], ['state' => null]] as $nonsense) {
        $send(['cells' => [2], ...$nonsense])->assertUnprocessable();
    }
    $this->putJson("/api/drawings/{$drawing->id}/notes", ['notes' => array_fill(0, 201, ['key' => 'k', 'cells' => [0], 'state' => 'done'])])->assertUnprocessable()->assertJsonPath('message', 'Send 1 to 200 notes at a time.');
    // Forgotten after a month, as it was not lost on the way.
    $this->travel(31)->days();
    $send(['cells' => [2]])->assertOk();
    expect(Illuminate\Support\Facades\DB::table('heard_notes')->count())->toBe(1);
});

it('puts what was noted before a change, and comes after it, where it would be had it come before', function (array $changed) {
    [$told, $late] = [Drawings::begin(), Drawings::begin()];
    $name = fn (Drawing $drawing): string => $this->getJson("/api/drawings/{$drawing->id}")->json('workings.grid.name');
    $notes = fn (Drawing $drawing, string $name): array => [['key' => 'a', 'mesh' => $name, 'cells' => [0, 1, 6, 7], 'state' => 'done'], ['key' => 'b', 'mesh' => $name, 'cells' => [12], 'words' => 'rim', 'doubtful' => true], ['key' => 'c', 'mesh' => $name, 'cells' => [7], 'state' => 'open']];
    $before = $name($late);
    expect($before)->toBe($name($told))->toStartWith('5x7-');
    $this->putJson("/api/drawings/{$told->id}/notes", ['notes' => $notes($told, $before)])->assertOk();
    foreach ($changed as $change) {
        Drawings::rechoose($told, $change);
        Drawings::rechoose($late, $change);
    }
    expect($name($late))->not->toBe($before);
    $this->putJson("/api/drawings/{$late->id}/notes", ['notes' => $notes($late, $before)])->assertOk();
    expect(asItStands($late)['cells'])->toBe(asItStands($told)['cells']);
})->with([
    'mirrored' => [[['photo' => ['mirrored' => true]]]],
    'on its head' => [[['photo' => ['quarters' => 2]]]],
    'a finer grid' => [[['fit' => ['way' => 'crop'], 'grid' => ['school' => 'count', 'columns' => 10]]]],
    'cropped elsewhere, the same mesh' => [[['fit' => ['way' => 'crop', 'size' => '0.8', 'left' => '0.1', 'top' => '0.1'], 'grid' => ['school' => 'count', 'columns' => 5]]]],
    'several changes' => [[['title' => 'Another'], ['photo' => ['straighten' => 2]], ['photo' => ['straighten' => 0, 'quarters' => 1]], ['fit' => ['way' => 'crop'], 'grid' => ['school' => 'count', 'columns' => 7]]]],
]);

it('lets the later in time count, of the state, the flag and the words each by itself, and offers what came too late', function () {
    $drawing = Drawings::begin(Drawings::FIVE_BY_SEVEN);
    $url = "/api/drawings/{$drawing->id}";
    $this->putJson("{$url}/cells/0/0", ['state' => 'done', 'words' => 'rim'])->assertOk()->assertJsonPath('overtaken', []);
    $send = fn (string $key, array $note) => $this->putJson("{$url}/notes", ['notes' => [['key' => $key, 'mesh' => '5x7', 'cells' => [0, 1], ...$note]]])->assertOk();
    // Of the cell that nothing newer is known of it is noted, of the other it is offered.
    $late = $send('a', ['state' => 'empty', 'ago' => 600])->assertJsonPath('overtaken.0.cells', [0])->assertJsonPath('overtaken.0.state', 'empty')->json('overtaken.0');
    expect($late['says'])->toContain('newer note');
    $send('b', ['words' => 'older', 'doubtful' => true, 'ago' => 600])->assertJsonPath('overtaken.0.words', 'older');
    $cells = fn (): array => array_map(fn (array $cell): array => [$cell['column'], $cell['state'], $cell['doubtful'], $cell['words']], $this->getJson($url)->json('cells'));
    expect($cells())->toBe([[0, 'done', true, 'rim'], [1, 'empty', true, 'older']]);
    // What two clocks may make of one moment is no lateness.
    $send('c', ['words' => 'lid', 'ago' => 2])->assertJsonPath('overtaken', []);
    // Used all the same, it is the newest.
    $this->putJson("{$url}/cells", ['cells' => $late['cells'], 'mesh' => $late['mesh'], 'state' => $late['state']])->assertOk()->assertJsonPath('overtaken', []);
    expect($cells()[0])->toBe([0, 'empty', true, 'lid']);
    $this->postJson("{$url}/undo", ['version' => 1])->assertOk();
    expect($cells()[0])->toBe([0, 'done', true, 'lid']);
});

it('refuses a note under the key of another, and all that came with it', function () {
    $drawing = Drawings::begin(Drawings::FIVE_BY_SEVEN);
    $send = fn (array ...$notes) => $this->putJson("/api/drawings/{$drawing->id}/notes", ['notes' => $notes]);
    $note = ['key' => 'k', 'cells' => [3], 'state' => 'done', 'ago' => 5];
    $send($note)->assertOk();
    $send([...$note, 'ago' => 90])->assertOk();
    $send(['key' => 'new', 'cells' => [9], 'state' => 'done'], [...$note, 'state' => 'empty'])->assertUnprocessable()->assertJsonPath('errors.key.0', fn (string $says) => str_contains($says, 'under this key'));
    $send([...$note, 'cells' => [4]])->assertUnprocessable();
    expect($drawing->cellNotes()->pluck('state')->all())->toBe(['done']);
});
