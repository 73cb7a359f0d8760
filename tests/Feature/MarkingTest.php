<?php

use App\Models\Drawing;
use InchLadder\Marks\EndUse;
use InchLadder\Paper\Surface;
use Tests\Drawings;

/*
 * The walk through marking out: what it says, what is ticked off, and what a change of plan does to that.
 */

/** @return array<string, mixed> one step of the walk */
function stepOf(Drawing $drawing, string $key, string $query = '', string $board = 'paper'): array
{
    $steps = test()->getJson("/api/drawings/{$drawing->id}/marking/{$board}?{$query}")->assertOk()->json('steps');

    return array_values(array_filter($steps, fn (array $step) => $step['key'] === $key))[0];
}

function tickOff(Drawing $drawing, string $tick, bool $done = true, string $board = 'paper'): Illuminate\Testing\TestResponse
{
    return test()->putJson("/api/drawings/{$drawing->id}/marking/{$board}/{$tick}", ['done' => $done]);
}

it('reads the same lengths as the list of marks, on the ruler in hand', function (string $step, string $edge) {
    $drawing = Drawings::begin();
    $marks = $this->getJson("/api/drawings/{$drawing->id}/marks.json")->json("marks.{$edge}") ?? $this->getJson("/api/drawings/{$drawing->id}/marks.json")->json($edge);
    $ticks = stepOf($drawing, $step)['ticks'];
    expect(array_map(fn (array $tick) => $tick['reads'].' in', array_slice($ticks, 1)))->toBe(array_map(fn (array $mark) => $mark['sheet']['text'], $marks));
})->with([
    ['top', 'across'],
    ['bottom', 'across'],
    ['left', 'down'],
    ['right', 'down'],
]);

it('says where all is measured from, which end is zero, and not to turn the ruler', function (string $query) {
    $drawing = Drawings::begin();
    expect(implode(' ', stepOf($drawing, 'corner', $query)['words']))->toContain('top left corner', 'longest line is 10 1/2 in', 'diagonal 12 7/8 in', '1 × 1 in on the photo, 1 1/2 × 1 1/2 in on the paper')
        ->and(implode(' ', stepOf($drawing, 'top', $query)['words']))->toContain('its 0 at the top left corner')
        ->and(implode(' ', stepOf($drawing, 'straight', $query)['words']))->toContain('Do not turn it', '0 stays at the left')
        ->and(implode(' ', stepOf($drawing, 'right', $query)['words']))->toContain('0 at the top, not at the bottom');
})->with([
    'right-handed' => '',
    'left-handed' => 'hand=left',
]);

it('rules each line where the boards show it, in pieces that the ruler reaches, whatever was chosen', function (int $seed) {
    $drawing = Drawings::atRandom($seed, '5 in');
    $workings = $this->getJson("/api/drawings/{$drawing->id}")->json('workings');
    [$area, $sheet] = [$workings['drawing'], $drawing->plan()->layout->sheet];
    $across = array_map(fn (float $at) => $area['left']['mm'] + $at * $area['width']['mm'], $workings['lines']['across']);
    $down = array_map(fn (float $at) => $area['top']['mm'] + $at * $area['height']['mm'], $workings['lines']['down']);
    [$left, $right, $top, $bottom] = [$across[0], end($across), $down[0], end($down)];
    $boxes = array_map(fn (array $tick) => [$tick['at']['left'] * $sheet->width->toFloat(), $tick['at']['top'] * $sheet->height->toFloat(), $tick['at']['width'] * $sheet->width->toFloat(), $tick['at']['height'] * $sheet->height->toFloat()], stepOf($drawing, 'join')['ticks']);
    expect($boxes)->toEqualWithDelta([...array_map(fn (float $x) => [$x, $top, 0, $bottom - $top], $across), ...array_map(fn (float $y) => [$left, $y, $right - $left, 0], $down)], 0.001);
    // No piece of a line is longer than the ruler, but for half a graduation; on a print, for what its lines lean.
    foreach (['paper' => $sheet, 'photo' => $drawing->plan()->layout->whole->print] as $board => $size) {
        $walk = $this->getJson("/api/drawings/{$drawing->id}/marking/{$board}")->json();
        $steps = array_column($walk['steps'], 'ticks', 'key');
        foreach (['between' => ['top', 'height', 'height'], 'beside' => ['left', 'width', 'width']] as $step => [$from, $side, $of]) {
            [$begin, $length] = [$walk['inner'][$from] * $size->{$of}->toFloat(), $walk['inner'][$side] * $size->{$of}->toFloat()];
            $places = array_values(array_unique(array_map(fn (array $tick) => round($tick['at'][$from] * $size->{$of}->toFloat(), 2), $steps[$step] ?? [])));
            sort($places);
            $ends = [$begin, ...$places, $begin + $length];
            expect(max(array_map(fn (float $a, float $b) => $b - $a, array_slice($ends, 0, -1), array_slice($ends, 1))))->toBeLessThan(127 + ($board === 'paper' ? 0.8 : 13), "{$board} {$step}")
                ->and($places === [] || ($places[0] > $begin && end($places) < $begin + $length))->toBeTrue("{$board} {$step}");
        }
    }
})->with(seeds(10, 24, 30));

it('asks before a print is marked, and has none to mark on a screen', function () {
    expect(implode(' ', stepOf(Drawings::begin(), 'corner', board: 'photo')['words']))->toContain('mark a copy of it');
    $screen = Drawings::begin([...Drawings::FIVE_BY_SEVEN, 'photo' => ['kind' => 'screen']], 501, 700);
    $this->getJson("/api/drawings/{$screen->id}/marking/photo")->assertNotFound();
});

it('tells a short ruler where it is laid on', function () {
    $drawing = Drawings::begin([...Drawings::FIVE_BY_SEVEN, 'reach' => '6 in']);
    $ticks = array_column(stepOf($drawing, 'left')['ticks'], null, 'key');
    expect($ticks['left-2']['more'])->toBe('')
        ->and($ticks['left-5']['more'])->toBe('laid on again: its 0 at 6 in, read 1 3/4 in')
        ->and($ticks['left-5']['spoken'])->toBe('line 5, 7 and 3 quarters inches, ruler laid on, reads 1 and 3 quarters inches')
        ->and(implode(' ', stepOf($drawing, 'top')['words']))->toContain('Where the ruler ends, 6 in, make a faint tick')
        ->and(implode(' ', stepOf($drawing, 'between')['words']))->toContain('again at 5 1/2 in from the top edge')
        ->and(stepOf($drawing, 'between')['ticks'])->toHaveCount(6)
        ->and(implode(' ', stepOf($drawing, 'corner')['words']))->toContain('Your ruler of 6 in is laid more than once');
});

it('ticks off what is made and ruled, keeps it, and takes it back', function () {
    $drawing = Drawings::begin();
    tickOff($drawing, 'top-2')->assertOk();
    tickOff($drawing, 'upright-3')->assertOk();
    tickOff($drawing, 'check-look-4')->assertOk();
    $made = fn () => array_merge(...array_map(fn (array $step) => array_column(array_filter($step['ticks'], fn (array $tick) => $tick['done']), 'key'), $this->getJson("/api/drawings/{$drawing->id}/marking/paper")->json('steps')));
    expect($made())->toBe(['top-2', 'check-look-4', 'upright-3']);
    tickOff($drawing, 'top-2', false)->assertOk();
    expect($made())->toBe(['check-look-4', 'upright-3']);
    // The other board has its own.
    tickOff($drawing, 'top-1', board: 'photo')->assertOk();
    expect($made())->toBe(['check-look-4', 'upright-3']);
    $this->deleteJson("/api/drawings/{$drawing->id}/marking/paper")->assertNoContent();
    expect($made())->toBe([]);
    tickOff($drawing, 'top-99')->assertNotFound();
});

it('does not claim marks that a later plan puts elsewhere, and says how many', function () {
    $drawing = Drawings::begin();
    tickOff($drawing, 'top-1');
    tickOff($drawing, 'top-2');
    tickOff($drawing, 'left-1');
    $choices = [...Drawings::FIVE_BY_SEVEN, 'paper' => ['sheet' => 'letter', 'width' => '8 1/2 in', 'height' => '11 in', 'margins' => ['top' => '0 in', 'right' => '0 in', 'bottom' => '0 in', 'left' => '1/2 in']]];
    $this->putJson("/api/drawings/{$drawing->id}", ['version' => $drawing->version, 'choices' => $choices])->assertOk();
    // The area moved to the right by a quarter inch: what is marked down the side still holds.
    $this->getJson("/api/drawings/{$drawing->id}/marking/paper")->assertJsonPath('moved', fn (string $said) => str_starts_with($said, '2 marks were made before the plan changed'));
    expect(array_column(stepOf($drawing, 'top')['ticks'], 'done'))->not->toContain(true)
        ->and(array_column(array_filter(stepOf($drawing, 'left')['ticks'], fn (array $tick) => $tick['done']), 'key'))->toBe(['left-1']);
});

it('names what to look at before ruling: last tick, remainder, both ends, corner, and a spacing test before what lasts', function () {
    $looks = stepOf(Drawings::begin(), 'check')['ticks'];
    expect(implode(' ', array_column($looks, 'more')))->toContain('at 8 in across and 10 3/4 in down', '1/2 in across, 1/4 in down', 'both ends of it', 'cannot be undone')
        ->and($looks)->toHaveCount(5);
});

it('places every tick on the board where it is read', function (string $query) {
    $drawing = Drawings::begin([...Drawings::FIVE_BY_SEVEN, 'reach' => '6 in']);
    foreach ($this->getJson("/api/drawings/{$drawing->id}/marking/paper?{$query}")->json('steps') as $step) {
        foreach ($step['ticks'] as $tick) {
            if ($tick['at'] === null || str_starts_with($tick['key'], 'upright') || str_starts_with($tick['key'], 'level')) {
                continue;
            }
            [$read, $side] = in_array($step['key'], ['left', 'right', 'beside'], true) ? [$tick['at']['top'], 11] : [$tick['at']['left'], 8.5];
            $inches = array_sum(array_map(fn (string $part) => str_contains($part, '/') ? (float) explode('/', $part)[0] / (float) explode('/', $part)[1] : (float) $part, explode(' ', $tick['reads'])));
            expect($read)->toEqualWithDelta($inches / $side, 1e-9);
        }
    }
})->with(['', 'hand=left']);

it('folds the grid’s own lines where halving can make them', function () {
    $drawing = Drawings::begin([...Drawings::FIVE_BY_SEVEN, 'fit' => ['way' => 'crop'], 'grid' => ['school' => 'proportional', 'columns' => 4, 'rows' => 8]]);
    $folding = $this->getJson("/api/drawings/{$drawing->id}/folding")->assertOk()->json();
    expect($folding['fits'])->toBeTrue()
        ->and($folding['says'])->toContain('in quarters across and in eighths down', '4 by 8')
        ->and(array_map(fn (array $fold) => [$fold['way'], count($fold['creases']), count($fold['before']), count($fold['crossed'])], $folding['folds']))
        ->toBe([['across', 1, 0, 0], ['across', 2, 1, 0], ['down', 1, 0, 3], ['down', 2, 1, 3], ['down', 4, 3, 3]])
        ->and(implode(' ', $folding['folds'][2]['words']))->toContain('top edge to the bottom edge', 'crosses all 3', 'does not serve the other');
});

it('says so where halving cannot make them', function () {
    $this->getJson('/api/drawings/'.Drawings::begin()->id.'/folding')->assertOk()->assertJsonPath('fits', false)
        ->assertJsonPath('says', fn (string $says) => str_contains($says, 'not 5 by 7'));
});

it('halves, thirds and quarters every side and cell on its own ruler', function () {
    $shares = array_column($this->getJson('/api/drawings/'.Drawings::begin()->id.'/shares')->assertOk()->json(), null, 'of');
    expect(array_keys($shares))->toHaveCount(8)
        ->and($shares['drawing, across']['readings'])->toBe(['1 7/8', '2 1/2', '3 3/4', '5', '5 5/8'])
        ->and($shares['a cell of the photo, across']['readings'])->toBe(['1/4', '≈ 5/16', '1/2', '≈ 11/16', '3/4']);
});

it('advises a pencil, and ticks at the edges only where lines would harm', function (string $surface, string $use, string $says, bool $edges) {
    $this->getJson('/api/pencil?'.http_build_query(['surface' => $surface, 'use' => $use]))->assertOk()
        ->assertJsonPath('pencil', fn (string $pencil) => str_contains($pencil, $says))->assertJsonPath('edges_only', $edges);
})->with([
    [Surface::Toothed->value, EndUse::Erased->value, 'H', false],
    [Surface::Watercolour->value, EndUse::Wash->value, 'HB', true],
    [Surface::Print->value, EndUse::Stays->value, 'None on the print itself', true],
    ['moon dust', 'none', 'H', false],
]);

it('walks through the finer lines of a cut cell too: their readings are those of the list of marks, for either hand', function (string $hand, string $hairlines, string $says) {
    $drawing = Drawings::begin([...Drawings::FIVE_BY_SEVEN, 'grid' => ['divided' => [['column' => 1, 'row' => 2, 'parts' => 3, 'hairlines' => $hairlines]]]]);
    $step = stepOf($drawing, 'finer', "hand={$hand}");
    expect(array_column($step['ticks'], 'reads'))->toBe(['B3, vertical 1/3', 'B3, vertical 2/3', 'B3, level 1/3', 'B3, level 2/3'])
        ->and($step['ticks'][0]['more'])->toBe($says);
    $rows = $this->getJson("/api/drawings/{$drawing->id}")->json('workings.rows_across');
    $finer = array_values(array_filter($rows, fn (array $row) => $row['line'] === null));
    expect($finer[0]['name'])->toBe('1 1/3')->and($finer[0]['sheet']['rounded']['text'])->toBe(preg_replace('/^.*at /', '', $says).' in');
    expect(tickOff($drawing, 'finer-1-2-upright-1')->assertOk()->json('moved'))->toBe('');
})->with([
    ['right', 'in the cell', 'top to bottom, at 2 1/2'],
    ['left', 'in the cell', 'top to bottom, at 2 1/2'],
    ['right', 'ticks', 'ticks only, at 2 1/2'],
]);

it('has no such step where no cell is cut', function () {
    expect(array_column($this->getJson('/api/drawings/'.Drawings::begin()->id.'/marking/paper')->json('steps'), 'key'))->not->toContain('finer');
});

it('says to fold the sheet, or the print, only where its creases are the grid’s lines', function (int $seed) {
    mt_srand($seed);
    $pick = fn (array $of): mixed => $of[mt_rand(0, count($of) - 1)];
    $drawing = Drawings::begin([
        'unit' => 'cm', 'ruler' => '1 mm',
        'photo' => ['kind' => 'print', 'width' => '12 cm', 'height' => '18 cm', 'border' => $pick([null, ['top' => '0.05', 'right' => '0', 'bottom' => '0.1', 'left' => '0']]), 'straighten' => $pick([0, 0, 2.5]), 'mirrored' => $pick([false, true])],
        'paper' => ['width' => '20 cm', 'height' => $pick(['30 cm', '28 cm']), 'margins' => array_fill_keys(['top', 'right', 'bottom', 'left'], $pick(['0 cm', '0 cm', '1 cm']))],
        'fit' => ['way' => $pick(['crop', 'inset'])],
        'grid' => ['school' => 'proportional', 'columns' => $pick([2, 4, 8, 16]), 'rows' => $pick([2, 4, 8]), 'part' => $pick([null, null, ['left' => '1/4', 'top' => '1/4', 'width' => '1/2', 'height' => '1/2']])],
    ]);
    $folding = $this->getJson("/api/drawings/{$drawing->id}/folding")->assertOk()->json();
    $layout = $drawing->plan()->layout;
    // Where creases come, if what is meant is folded whole, against where the grid's lines are.
    $matches = function (float $side, float $before, float $frame, array $shares) {
        foreach ($shares as $i => $share) {
            if (abs($before + $frame * $share - $side * $i / (count($shares) - 1)) > 1e-6) {
                return false;
            }
        }

        return true;
    };
    $shares = fn ($division): array => array_map(fn ($share) => $share->toFloat(), $division->fractions);
    [$across, $down] = [$shares($layout->grid->across), $shares($layout->grid->down)];
    $sheet = $matches($layout->sheet->width->toFloat(), $layout->left->toFloat(), $layout->fitted->area->width->toFloat(), $across)
        && $matches($layout->sheet->height->toFloat(), $layout->top->toFloat(), $layout->fitted->area->height->toFloat(), $down);
    // Of the print as it is in the hand: its border, and how it was straightened, are on it.
    $print = $layout->framing->turning->degrees === 0.0 && $layout->framing->border->isNone()
        && $matches(1, $layout->fitted->crop->left->toFloat(), $layout->fitted->crop->width->toFloat(), $across) && $matches(1, $layout->fitted->crop->top->toFloat(), $layout->fitted->crop->height->toFloat(), $down);
    expect($folding['fits'])->toBe($across[0] === 0.0 && $down[0] === 0.0);
    if ($folding['fits']) {
        expect(str_contains($folding['what'][0], 'do not fold the sheet'))->toBe(! $sheet)->and(str_contains($folding['what'][1], 'trim'))->toBe(! $print);
    }
})->with(seeds(14, 60));
