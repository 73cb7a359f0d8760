<?php

use App\Models\Drawing;
use App\Models\OwnPencil;
use App\Printing\Dash;
use App\Printing\Format;
use App\Printing\Line;
use App\Printing\Look;
use App\Printing\Page;
use App\Printing\Picture;
use App\Printing\PrintableSheets;
use App\Printing\Rectangle;
use App\Printing\SheetImpossible;
use App\Wording\Languages;
use App\Wording\Say;
use InchLadder\Printing\Tiling;
use Smalot\PdfParser\Parser;
use Tests\Drawings;
use Tests\Photos;
use Tests\Raster;
use Tests\Sheets;

/*
 * Every sheet that can be printed: in place to a tenth of a millimetre, whole, and inside what a printer reaches.
 */

beforeEach(function () {
    foreach (['HB', '黄土色', 'Охра светлая, с очень длинным названием на коробке'] as $name) {
        OwnPencil::query()->create(['name' => $name, 'kind' => 'graphite']);
    }
});

/** Those that need no shot of the drawing. @return list<string> */
function everySheetKind(): array
{
    return array_values(array_diff(PrintableSheets::keys(), ['study']));
}

/** A 5 × 7 in print on letter; or another. */
function letterDrawing(array $choices = []): Drawing
{
    return Drawings::begin(array_replace_recursive(Drawings::FIVE_BY_SEVEN, $choices));
}

/** On an area of so many cm, from a screen. */
function wall(int $wide, int $high, array $choices = []): Drawing
{
    return letterDrawing(array_replace_recursive([
        'unit' => 'cm',
        'ruler' => '1 mm',
        'photo' => ['kind' => 'screen'],
        'paper' => ['sheet' => null, 'width' => "{$wide} cm", 'height' => "{$high} cm"],
        'fit' => ['way' => 'crop', 'cell' => null],
    ], $choices));
}

/** Lengths of a page's strokes that satisfy a test, sorted, in mm to a hundredth. */
function lengths(Page $page, Closure $which): array
{
    $lengths = array_map(fn (array $l) => round(hypot($l[2] - $l[0], $l[3] - $l[1]), 2), Sheets::lines($page, $which));
    sort($lengths);

    return $lengths;
}

it('keeps every mark inside the printer’s border, and says so where it cannot', function (string $kind, string $page, string $border) {
    $leaves = Sheets::leaves(letterDrawing(['title' => 'The long title of a drawing that was given many words, and then some more of them']), $kind, ['page' => $page, 'border' => $border]);
    $free = (float) $border;
    expect(count($leaves))->toBeGreaterThan(0, $kind);
    foreach ($leaves as $leaf) {
        $room = new Rectangle($free, $free, $leaf->width - 2 * $free, $leaf->height - 2 * $free);
        foreach ($leaf->marks as $mark) {
            expect($room->holds($mark->box(), 0.02))->toBeTrue(json_encode($mark->box()));
        }
        expect(Sheets::words($leaf))->toContain($kind === 'calibration' ? 'Print this page at 100 %' : 'Print at 100 %');
    }
})->with(everySheetKind())->with([
    'A4' => ['a4', '6 mm'],
    'letter with a wide border' => ['letter', '14 mm'],
    'A5' => ['a5', '4 mm'],
]);

it('has room for every grid’s labels on every sheet', function (string $kind, int $columns, int $rows, string $corner, string $photo) {
    $leaves = Sheets::leaves(letterDrawing([
        'photo' => ['kind' => $photo],
        'fit' => ['way' => 'crop', 'cell' => null],
        'grid' => ['school' => 'proportional', 'columns' => $columns, 'rows' => $rows, 'corner' => $corner],
    ]), $kind, ['page' => 'letter']);
    expect(count(iterator_to_array($leaves)))->toBe(count($leaves));
})->with(['gridded', 'overlay', 'plan', 'strips'])->with([
    [3, 12, 'top left'],
    [30, 10, 'top right'],
    [60, 60, 'top left'],
])->with(['print', 'screen']);

it('has one check bar of its true length on every page', function (string $kind, string $unit, float $bar) {
    foreach (Sheets::leaves(letterDrawing(['unit' => $unit, 'ruler' => $unit === 'in' ? '1/16 in' : '1 mm']), $kind, ['page' => 'a4']) as $leaf) {
        $low = Sheets::lines($leaf, fn (Line $l) => $l->width === 0.3 && $l->dash === Dash::None && $l->y1 === $l->y2 && abs($l->y1 - ($leaf->height - 5.5 - ($unit === 'in' ? 6.35 : 6))) < 0.01);
        expect($low)->toHaveCount(1)->and($low[0][2] - $low[0][0])->toEqualWithDelta($bar, 0.01);
    }
})->with(array_filter(everySheetKind(), fn (string $kind) => $kind !== 'calibration'))->with([
    ['in', 101.6],
    ['cm', 100.0],
]);

it('says every word on a sheet from the lists', function (string $kind) {
    $drawing = letterDrawing(['title' => 'TTT', 'photo' => ['mirrored' => true, 'straighten' => 3, 'border' => ['left' => '4 %']], 'points' => [['name' => 'NN', 'x' => '0.3', 'y' => '0.4', 'cross' => true]], 'fit' => ['way' => 'crop', 'cell' => null]]);
    $known = [...OwnPencil::query()->pluck('name'), 'Letter', 'TTT', 'NN'];
    Say::in(Languages::PSEUDO);
    try {
        foreach (['letter', 'a3'] as $page) {
            foreach (Sheets::leaves($drawing, $kind, ['page' => $page, 'mirrored' => '1']) as $leaf) {
                $words = str_replace($known, ' ', Sheets::words($leaf));
                preg_match_all('/[^\s⟦⟧]*\p{L}*[aeiou]\p{L}+|\p{L}+[aeiou]\p{L}*/iu', (string) preg_replace('/\b(?:in|cm|mm|px)\b/', ' ', $words), $bare);
                expect(array_values(array_unique($bare[0])))->toBe([], $words);
            }
        }
    } finally {
        Say::in('en');
    }
})->with(everySheetKind(...));

it('leaves labels off, and shows the whole photo with the rest dimmed', function () {
    $drawing = letterDrawing(['fit' => ['way' => 'crop', 'left' => 1, 'top' => 1, 'size' => 0.5, 'cell' => null]]);
    $plain = Sheets::leaves($drawing, 'gridded', ['at' => 'print', 'page' => 'a4'])->page(0);
    $bare = Sheets::leaves($drawing, 'gridded', ['at' => 'print', 'page' => 'a4', 'labels' => '0'])->page(0);
    expect(count($plain->marks) - count($bare->marks))->toBe(array_sum([$drawing->plan()->layout->grid->cells()->columns, $drawing->plan()->layout->grid->cells()->rows]));
    $whole = Sheets::leaves($drawing, 'gridded', ['at' => 'print', 'page' => 'a4', 'whole' => '1'])->page(0)->marks[0];
    // The picture is the print, and the crop's own pixels stand in it undimmed.
    expect([$whole->place->width, $whole->place->height])->toEqualWithDelta([127, 177.8], 0.05)
        ->and(Photos::quarter(Photos::colourAt($whole->jpeg, 0.9, 0.9)))->toBe(3);
    [$dim, $full] = [Photos::colourAt($whole->jpeg, 0.1, 0.9), Photos::colourAt($plain->marks[0]->jpeg, 0.1, 0.9)];
    expect(min($dim))->toBeGreaterThan(150)->and(min($full))->toBeLessThan(120);
});

it('fits the whole photo to a page as well as the crop', function () {
    $drawing = letterDrawing(['fit' => ['way' => 'crop', 'left' => 1, 'top' => 1, 'size' => 0.5, 'cell' => null]]);
    $page = Sheets::leaves($drawing, 'gridded', ['at' => 'page', 'page' => 'a4', 'whole' => '1'])->page(0);
    $place = $page->marks[0]->place;
    expect($place->width / $place->height)->toEqualWithDelta(5 / 7, 0.001)
        ->and(max($place->width / (210 - 2 * 6.35 - 8), $place->height / (297 - 2 * 6.35 - 8 - 18)))->toEqualWithDelta(1, 0.001);
});

it('keeps a running count inside its cells, however many', function () {
    $drawing = letterDrawing(['fit' => ['way' => 'crop', 'cell' => null], 'grid' => ['school' => 'proportional', 'columns' => 60, 'rows' => 60, 'labels' => 'running', 'corner' => 'top right']]);
    $page = Sheets::leaves($drawing, 'gridded', ['at' => 'drawing', 'page' => 'own'])->page(0);
    $cell = $drawing->plan()->layout->cell()->width->toFloat();
    $counts = array_filter($page->marks, fn ($mark) => $mark instanceof App\Printing\Text && preg_match('/^\d{4}$/', $mark->words));
    expect(count($counts))->toBeGreaterThan(2000)
        ->and(max(array_map(fn ($mark) => $mark->width(), $counts)))->toBeLessThan($cell);
});

it('lays the film’s register corner on the print’s corner', function () {
    $drawing = letterDrawing(['fit' => ['way' => 'crop', 'left' => 1, 'top' => 1, 'size' => 0.5, 'cell' => null]]);
    $plan = $drawing->plan();
    $page = Sheets::leaves($drawing, 'overlay', ['page' => 'a4'])->page(0);
    $corner = Sheets::lines($page, fn (Line $l) => $l->width === 0.8);
    $grid = Sheets::lines($page, fn (Line $l) => $l->width === 0.25 && $l->x1 === $l->x2);
    expect($corner)->toHaveCount(2)
        ->and(min(array_column($grid, 0)) - $corner[0][0])->toEqualWithDelta($plan->layout->fitted->crop->left->toFloat() * 127, 0.01)
        ->and(array_filter($page->marks, fn ($mark) => $mark instanceof Picture))->toBe([]);
});

it('ticks strips where the marks are, from the edge they lie along', function () {
    $drawing = letterDrawing();
    $plan = $drawing->plan();
    $leaves = Sheets::leaves($drawing, 'strips', ['page' => 'a3']);
    $words = implode(' ', array_map(fn (Page $p) => Sheets::words($p), iterator_to_array($leaves)));
    foreach (['Photo', 'Paper'] as $board) {
        foreach (['top', 'bottom', 'left', 'right'] as $edge) {
            expect($words)->toContain("{$board}, {$edge} edge");
        }
    }
    // Each strip is a dashed frame; its ticks are the 5.5 mm strokes on one of its long sides.
    $found = [];
    foreach ($leaves as $page) {
        foreach (Sheets::lines($page, fn (Line $l) => $l->dash === Dash::Cut && $l->y1 === $l->y2 && $l->x2 > $l->x1 && $l->width < 0.2) as [$left, $y, $right]) {
            $ticks = Sheets::lines($page, fn (Line $l) => $l->x1 === $l->x2 && abs(abs($l->y2 - $l->y1) - 5.5) < 0.01 && min($l->y1, $l->y2) >= $y - 0.01 && max($l->y1, $l->y2) <= $y + 17.01 && $l->x1 <= $right + 0.01);
            $found[] = [round($right - $left, 1), array_map(fn (array $t) => round($t[0] - $left, 2), $ticks)];
        }
    }
    $marks = fn (array $shares, float $from, float $side) => array_map(fn ($u) => round($from + $side * $u->toFloat(), 2), $shares);
    expect($found)->toContain([127.0, $marks($plan->layout->grid->columns, 0, 127)])
        ->toContain([215.9, $marks($plan->layout->grid->columns, $plan->layout->left->toFloat(), 190.5)])
        ->toContain([177.8, $marks($plan->layout->grid->rows, 0, 177.8)])
        ->toContain([279.4, $marks($plan->layout->grid->rows, $plan->layout->top->toFloat(), 266.7)]);
});

it('ticks strips where the walk ticks the edges, however the photo is held', function (int $seed) {
    $drawing = Drawings::atRandom($seed);
    $leaves = Sheets::leaves($drawing, 'strips', ['page' => '130x100cm']);
    $strips = [];
    foreach ($leaves as $page) {
        foreach ($page->marks as $mark) {
            if ($mark instanceof App\Printing\Text && preg_match('/^(Photo|Paper), (top|bottom|left|right) edge$/', $mark->words, $named)) {
                $top = $mark->y - (in_array($named[2], ['top', 'right'], true) ? 3.4 : 17 - 1.6);
                $ticks = Sheets::lines($page, fn (Line $l) => $l->x1 === $l->x2 && abs(abs($l->y2 - $l->y1) - 5.5) < 0.01 && min($l->y1, $l->y2) >= $top - 0.01 && max($l->y1, $l->y2) <= $top + 17.01);
                $strips[strtolower($named[1])][$named[2]] = array_map(fn (array $t) => round($t[0] - ($mark->x - 1.5), 2), $ticks);
            }
        }
    }
    $layout = $drawing->plan()->layout;
    foreach (['photo' => $layout->whole->print, 'paper' => $layout->sheet] as $board => $size) {
        $walked = [];
        foreach ($this->getJson("/api/drawings/{$drawing->id}/marking/{$board}")->assertOk()->json('steps') as $step) {
            foreach ($step['ticks'] as $tick) {
                if (preg_match('/^(top|bottom|left|right)-\d+$/', $tick['key']) === 1) {
                    // The edge it stands on, which for a leaning line may be the one beside.
                    $at = [$tick['at']['left'] * $size->width->toFloat(), $tick['at']['top'] * $size->height->toFloat()];
                    $walked[$step['key']][] = round($at[in_array($step['key'], ['top', 'bottom'], true) ? 0 : 1], 2);
                }
            }
        }
        array_walk($walked, function (array &$places): void {
            sort($places);
        });
        foreach (['top', 'bottom', 'left', 'right'] as $edge) {
            expect($strips[$board][$edge] ?? [])->toEqualWithDelta($walked[$edge] ?? [], 0.011, "{$board} {$edge}");
        }
    }
    // Each place says what it takes for granted of how the print lies.
    $workings = $this->getJson("/api/drawings/{$drawing->id}")->json('workings');
    [$words, $sums] = [implode(' ', array_map(Sheets::words(...), iterator_to_array($leaves))), implode(' ', $workings['rungs']['marks']['sums'])];
    expect([str_contains($words, 'the lines run from the right'), str_contains($sums, 'line 1 lies next to its right edge')])->toBe(array_fill(0, 2, $layout->framing->turning->mirrored))
        ->and([str_contains($words, 'Its lines lean'), str_contains($sums, 'on the print the crop leans')])->toBe(array_fill(0, 2, $layout->framing->turning->degrees !== 0.0));
    $plan = Sheets::words(Sheets::leaves($drawing, 'plan', ['page' => 'a3'])->page(0));
    expect([str_contains($plan, 'line 1 lies next to its right edge'), str_contains($plan, 'on the print the crop leans')])->toBe([$layout->framing->turning->mirrored, $layout->framing->turning->degrees !== 0.0]);
    // On the paper, as the page lists them.
    foreach (['top' => ['across', 'left', 'width'], 'left' => ['down', 'top', 'height']] as $edge => [$way, $offset, $side]) {
        expect($strips['paper'][$edge])->toEqualWithDelta(array_map(fn (float $at) => $workings['drawing'][$offset]['mm'] + $at * $workings['drawing'][$side]['mm'], $workings['lines'][$way]), 0.011);
    }
})->with(seeds(9, 24, 0));

it('lays a film’s lines on the print where the strips tick its edges, however the photo is held', function (int $seed) {
    $drawing = Drawings::atRandom($seed);
    $layout = $drawing->plan()->layout;
    $page = Sheets::leaves($drawing, 'overlay', ['at' => 'print', 'page' => '60x80cm', 'labels' => '0'])->page(0);
    // The print’s edges are dashed, its top left corner strong: whoever lays the film lays that on it.
    [$across, $down] = Sheets::lines($page, fn (Line $l) => $l->width === 0.8);
    $unit = static fn (array $l): array => [($l[2] - $l[0]) / hypot($l[2] - $l[0], $l[3] - $l[1]), ($l[3] - $l[1]) / hypot($l[2] - $l[0], $l[3] - $l[1])];
    [$u, $v] = [$unit($across), $unit($down)];
    expect([$u[0] * $v[0] + $u[1] * $v[1], $u[0] * $v[1] - $u[1] * $v[0]])->toEqualWithDelta([0, 1], 1e-4);
    // Where a place on the film lies on the print, in mm from its corner.
    $on = static fn (float $x, float $y): array => [($x - $across[0]) * $u[0] + ($y - $across[1]) * $u[1], ($x - $across[0]) * $v[0] + ($y - $across[1]) * $v[1]];
    $print = $layout->whole->print;
    $edges = Sheets::lines($page, fn (Line $l) => $l->dash === Dash::Fold && $l->width === 0.1);
    expect(array_map(fn (array $l) => [...$on($l[0], $l[1]), ...$on($l[2], $l[3])], $edges))->toEqualWithDelta([[0, 0, $w = $print->width->toFloat(), 0], [$w, 0, $w, $h = $print->height->toFloat()], [$w, $h, 0, $h], [0, $h, 0, 0]], 0.02);
    // Each line, drawn on to the print’s edges, meets them where the strip has a tick.
    $board = InchLadder\Marks\Out\Board::photo($layout);
    $wanted = array_map(fn ($line) => [...array_map(fn (InchLadder\Measure\Length $l) => $l->toFloat(), [...$line->start, ...$line->end])], [...$board->upright, ...$board->level]);
    $drawn = array_map(fn (array $l) => [...$on($l[0], $l[1]), ...$on($l[2], $l[3])], Sheets::lines($page, fn (Line $l) => $l->width === 0.25));
    foreach ($wanted as $line) {
        $nearest = min(array_map(fn (array $d) => min(hypot($d[0] - $line[0], $d[1] - $line[1]) + hypot($d[2] - $line[2], $d[3] - $line[3]), hypot($d[2] - $line[0], $d[3] - $line[1]) + hypot($d[0] - $line[2], $d[1] - $line[3])), $drawn));
        expect($nearest)->toBeLessThan(0.05);
    }
    expect(Sheets::words($page))->toContain('the photo’s corner', 'Film for ink smears in a laser printer')
        ->and(str_contains(Sheets::words($page), 'the print is not'))->toBe($layout->framing->turning->mirrored);
})->with(seeds(9, 24, 0));

it('carries long strips on in pieces that share a join mark', function () {
    $leaves = Sheets::leaves(wall(120, 90), 'strips', ['page' => 'a4']);
    $joins = [];
    foreach ($leaves as $page) {
        foreach ($page->marks as $mark) {
            $mark instanceof App\Printing\Text && str_starts_with($mark->words, 'join') ? $joins[] = $mark->words : null;
        }
    }
    // Two edges of 120 cm in five pieces of 285 mm, two of 90 cm in four; each join stands on two pieces.
    expect(count($joins))->toBe(2 * (2 * 4 + 2 * 3))
        ->and(array_count_values($joins))->toMatchArray(['join A' => 8, 'join D' => 4]);
});

it('cuts windows of one cell and of four', function (array $choices, array $asked, float $wide, float $high) {
    $leaves = Sheets::leaves(letterDrawing($choices), 'viewfinder', ['page' => 'a4', ...$asked]);
    expect($leaves)->toHaveCount(2);
    foreach ([1, 2] as $times) {
        expect(lengths($leaves->page($times - 1), fn (Line $l) => $l->dash === Dash::Cut))
            ->toEqualWithDelta([$times * min($wide, $high), $times * min($wide, $high), $times * max($wide, $high), $times * max($wide, $high), 44 + $times * min($wide, $high), 44 + $times * min($wide, $high), 44 + $times * max($wide, $high), 44 + $times * max($wide, $high)], 0.02)
            ->and(Sheets::words($leaves->page($times - 1)))->toContain('along a metal edge, fingers back, away from the hand');
    }
})->with([
    'of the photo' => [[], [], 25.4, 25.4],
    'of the paper' => [[], ['at' => 'drawing'], 38.1, 38.1],
]);

it('makes two corners with the photo’s own sides', function () {
    $leaves = Sheets::leaves(letterDrawing(['photo' => ['width' => '4 in', 'height' => '6 in'], 'fit' => ['cell' => '1 in']]), 'corners', ['page' => 'a4']);
    expect($leaves)->toHaveCount(2)
        ->and(lengths($leaves->page(1), fn (Line $l) => $l->dash === Dash::Cut))->toEqualWithDelta([30, 30, 101.6, 131.6, 152.4, 182.4], 0.02);
});

it('creases a strip for each side in eighths', function () {
    $page = Sheets::leaves(letterDrawing(), 'folding', ['page' => 'a3'])->page(0);
    $creases = Sheets::lines($page, fn (Line $l) => $l->dash === Dash::Fold);
    $rows = [];
    foreach ($creases as [$x, $y]) {
        $rows[(string) $y][] = $x;
    }
    $steps = array_map(fn (array $xs) => round($xs[1] - $xs[0], 3), array_values($rows));
    expect(array_map(count(...), array_values($rows)))->toBe([7, 7, 7, 7])
        ->and($steps)->toEqualWithDelta([127 / 8, 177.8 / 8, 190.5 / 8, 266.7 / 8], 0.01);
});

it('covers the crop with tiles, each with the neighbour’s crosses, up to a wall', function (int $wide, int $high, int $least) {
    $drawing = wall($wide, $high, ['grid' => ['colour' => 'rose']]);
    $area = $drawing->plan()->layout->fitted->area;
    $leaves = Sheets::leaves($drawing, 'tracing', ['page' => 'a4']);
    expect(count($leaves))->toBeGreaterThan($least);
    $covered = 0.0;
    $crosses = [];
    $tiling = null;
    foreach ($leaves as $i => $page) {
        if ($i === 0) {
            preg_match('/(\d+) pages, (\d+) across and (\d+) down/', Sheets::words($page), $found);
            expect((int) $found[1])->toBe(count($leaves) - 1);
            $room = fn (float $a, float $b) => Tiling::over($area->width->toFloat(), $area->height->toFloat(), $a, $b, 10);
            $tiling = $room(198, 267)->count() <= $room(285, 180)->count() ? $room(198, 267) : $room(285, 180);
            expect([(int) $found[2], (int) $found[3]])->toBe([$tiling->columns, $tiling->rows]);

            continue;
        }
        $tile = $tiling->tiles()[$i - 1];
        $picture = $page->marks[0];
        expect([$picture->box()->width, $picture->box()->height])->toEqualWithDelta([$tile->width, $tile->height], 0.01);
        // The whole photo, were it not cut, would lie where this tile's window puts it.
        $covered += $tile->width * $tile->height;
        foreach (Sheets::lines($page, fn (Line $l) => $l->colour === '#b3321f' && $l->dash === Dash::None && $l->width === 0.25 && $l->y1 === $l->y2) as [$x1, $y, $x2]) {
            $crosses[] = round(($x1 + $x2) / 2 - $picture->box()->x + $tile->left, 1).' '.round($y - $picture->box()->y + $tile->top, 1);
        }
    }
    // Every cross stands on two pages, at the same place on the wall.
    $inside = array_filter(array_count_values($crosses), fn (int $times) => $times !== 2);
    expect($inside)->toBe([])
        ->and($crosses)->not->toBe([])
        ->and($covered)->toBeGreaterThan($area->width->toFloat() * $area->height->toFloat());
})->with([
    'a large sheet' => [50, 70, 8],
    'a wall of five metres' => [500, 250, 200],
]);

it('shows the same pixels in the strip two tiles share', function () {
    $file = Photos::noise(300, 420);
    $this->post('/api/drawings', ['photo' => new Illuminate\Http\UploadedFile($file, 'n.png', null, null, true)])->assertCreated();
    $drawing = Drawing::query()->latest('id')->firstOrFail();
    $this->putJson("/api/drawings/{$drawing->id}", ['version' => 1, 'choices' => ['unit' => 'cm', 'ruler' => '1 mm', 'paper' => ['sheet' => null, 'width' => '30 cm', 'height' => '25 cm', 'turn' => 'given'], 'fit' => ['way' => 'crop']]])->assertOk();
    $leaves = Sheets::leaves($drawing->refresh(), 'tracing', ['page' => 'a4', 'look' => 'grey']);
    [$a, $b] = [$leaves->page(1), $leaves->page(2)];
    [$left, $right] = array_map(fn (Page $page) => new Raster(Sheets::bytes(Format::Png, new Page('x', $page->width, $page->height, [$page->marks[0], new Line(0, 0, 1, 0)]))), [$a, $b]);
    // Places all over the shared centimetre; the noise of a place is nothing like that of its neighbours.
    $apart = function (float $shift) use ($left, $right, $a, $b): float {
        $sum = 0;
        foreach (range(1, 9) as $x) {
            foreach (range(20, 110, 5) as $y) {
                $one = $left->at($a->marks[0]->box()->right() - 10 + $x, $a->marks[0]->box()->y + $y);
                $other = $right->at($b->marks[0]->box()->x + $x + $shift, $b->marks[0]->box()->y + $y);
                $sum += abs($one[0] - $other[0]);
            }
        }

        return $sum / (9 * 19);
    };
    expect($apart(0.0))->toBeLessThan(0.25 * $apart(1.0), json_encode(array_map($apart, [-1, -0.5, -0.2, -0.1, 0.0, 0.1, 0.2, 0.5, 1.0])));
})->group('long');

it('mirrors lines and pixels together, and leaves words readable', function (string $kind) {
    $drawing = letterDrawing(['fit' => ['way' => 'crop', 'cell' => null], 'grid' => ['school' => 'main', 'main_across' => ['0.2'], 'main_down' => ['0.5'], 'colour' => 'lemon']]);
    $ask = ['at' => 'print', 'page' => 'a3', 'lines' => '1'];
    $plain = Sheets::leaves($drawing, $kind, $ask)->page(0);
    $mirrored = Sheets::leaves($drawing, $kind, [...$ask, 'mirrored' => '1'])->page(0);
    $from = function (Page $page): array {
        $lines = array_unique(array_column(Sheets::lines($page, fn (Line $l) => $l->colour === '#ffe84a' && $l->x1 === $l->x2), 0));
        sort($lines);

        return array_map(fn (float $x) => round(($x - $lines[0]) / (end($lines) - $lines[0]), 3), $lines);
    };
    expect($from($plain))->toBe([0.0, 0.2, 1.0])->and($from($mirrored))->toBe([0.0, 0.8, 1.0]);
    if ($kind !== 'overlay') {
        $top = fn (Page $page): array => array_map(fn (float $x) => Photos::quarter(Photos::colourAt($page->marks[0]->jpeg, $x, 0.1)), [0.1, 0.9]);
        expect($top($plain))->toBe([0, 1])->and($top($mirrored))->toBe([1, 0])
            ->and(Sheets::words($mirrored))->toContain('mirrored');
    }
})->with(['gridded', 'overlay', 'tracing']);

it('prints outlines: white where nothing changes, dark where tones meet', function () {
    $image = Look::Outline->of(new Imagick(Photos::make(600, 400)));
    $at = fn (int $x, int $y): float => $image->getImagePixelColor($x, $y)->getColorValue(Imagick::COLOR_RED);
    expect($at(150, 100))->toBeGreaterThan(0.9)->and($at(450, 300))->toBeGreaterThan(0.9)
        ->and(min(array_map(fn (int $x) => $at($x, 100), range(296, 304))))->toBeLessThan(0.5);
});

it('prints the photo in the few tones that are shown, whatever part of it', function (string $kind, array $choices, array $options) {
    $image = new Imagick(database_path('demo/potting-bench.jpg'));
    $image->thumbnailImage(480, 480, true);
    $image->setImageFormat('png');
    $photo = app(App\Imaging\PhotoStore::class)->take(Photos::file($image->getImageBlob(), '.png'));
    $drawing = Drawing::begin($photo, App\Documents\ChoicesReader::read(array_replace_recursive(['photo' => ['kind' => 'screen'], 'tone' => ['steps' => 4]], $choices), $photo->width, $photo->height)->json);
    $page = Sheets::leaves($drawing, $kind, ['look' => 'tones', 'page' => 'a4'] + $options)->page(0);
    $printed = new Imagick;
    $printed->readImageBlob(array_values(array_filter($page->marks, fn ($mark) => $mark instanceof Picture))[0]->jpeg);
    $shown = new Imagick;
    $shown->readImageBlob(test()->get(test()->getJson("/api/drawings/{$drawing->id}/tones")->json('few'))->assertOk()->streamedContent());
    $crop = $drawing->plan()->layout->fitted->crop;
    [$left, $top, $wide, $high] = isset($options['whole']) ? [0.0, 0.0, 1.0, 1.0] : array_map(fn ($share) => $share->toFloat(), [$crop->left, $crop->top, $crop->width, $crop->height]);
    $grey = fn (Imagick $of, float $x, float $y): int => $of->getImagePixelColor((int) floor($x * $of->getImageWidth()), (int) floor($y * $of->getImageHeight()))->getColor()['r'];
    $same = 0;
    for ($i = 0; $i < 400; $i++) {
        [$x, $y] = [(($i * 37) % 200 + 0.5) / 200, (($i * 61) % 200 + 0.5) / 200];
        [$u, $v] = [$left + $x * $wide, $top + $y * $high];
        // What is not drawn is dimmed.
        if (isset($options['whole']) && ($u < $crop->left->toFloat() || $u > $crop->right()->toFloat() || $v < $crop->top->toFloat() || $v > $crop->bottom()->toFloat())) {
            $same++;

            continue;
        }
        $same += abs($grey($printed, isset($options['mirrored']) ? 1 - $x : $x, $y) - $grey($shown, $u, $v)) < 12 ? 1 : 0;
    }
    // But for what lies on the border of two tones, where one is enlarged.
    expect($same)->toBeGreaterThan(372);
})->with(['gridded'])->with([
    'all of it' => [[], []],
    'a crop, turned and small areas left out' => [['photo' => ['quarters' => 1], 'tone' => ['drop' => 3], 'fit' => ['way' => 'crop', 'lock' => 'free', 'left' => '0.2', 'top' => '0.1', 'width' => '0.5', 'height' => '0.6']], []],
    'mirrored print' => [['tone' => ['drop' => 2]], ['mirrored' => '1']],
    'the rest dimmed' => [['fit' => ['way' => 'crop', 'lock' => 'free', 'left' => '0.2', 'top' => '0.1', 'width' => '0.5', 'height' => '0.6']], ['whole' => '1']],
]);

it('draws an oval or a circle on the full size as well, with no line of the grid', function (string $kind, string $shape, array $options) {
    $drawing = Drawings::begin([...Drawings::FIVE_BY_SEVEN, 'paper' => ['shape' => $shape]]);
    $layout = $drawing->plan()->layout;
    [$wide, $high] = [$layout->fitted->area->width->toFloat(), $layout->fitted->area->height->toFloat()];
    $ends = [];
    foreach (Sheets::leaves($drawing, $kind, ['page' => '30x40in', ...$options])->page(0)->marks as $mark) {
        if ($mark instanceof Line && $mark->dash === Dash::None && abs(hypot($mark->x2 - $mark->x1, $mark->y2 - $mark->y1)) < 12) {
            array_push($ends, [$mark->x1, $mark->y1]);
        }
    }
    // Places of a curve about one middle: as far from it, in shares of how far it reaches.
    $round = $shape === 'circle' ? [min($wide, $high) / 2, min($wide, $high) / 2] : [$wide / 2, $high / 2];
    $most = 0;
    foreach ($ends as [$x, $y]) {
        $middle = [$x - $round[0], $y];
        $on = count(array_filter($ends, fn (array $at) => abs(hypot(($at[0] - $middle[0]) / $round[0], ($at[1] - $middle[1]) / $round[1]) - 1) < 0.002));
        $most = max($most, $on);
    }
    expect($most)->toBeGreaterThan(60);
})->with(['tracing', 'contour'])->with(['oval', 'circle'])->with(['bare' => [[]], 'with its lines' => [['lines' => '1']]]);

it('has the whole plan on one page', function () {
    $drawing = letterDrawing();
    $drawing->noteCell($drawing->plan(), 'A1 copied', null, new App\Models\CellChange(new InchLadder\Copying\Place(0, 0), 'done'));
    $leaves = Sheets::leaves($drawing->refresh(), 'plan', ['page' => 'letter']);
    expect($leaves)->toHaveCount(1);
    $words = preg_replace('/\s+/', ' ', (new Parser)->parseContent(Sheets::bytes(Format::Pdf, $leaves))->getText());
    expect($words)->toContain('Garden gate', 'the pivot is 3', '1 of 35 cells', 'sheet edge', 'Measure the diagonals')
        // The sheet's size is said once: the decision has it.
        ->and([substr_count((string) $words, 'Letter portrait'), substr_count((string) $words, '× 11 in')])->toBe([1, 1])
        ->and(array_filter($leaves->page(0)->marks, fn ($mark) => $mark instanceof App\Printing\Fill))->toHaveCount(1);
});

it('writes the same lengths on the plan as in the list of marks', function () {
    $drawing = letterDrawing(['grid' => ['school' => 'proportional', 'columns' => 60, 'rows' => 60], 'fit' => ['way' => 'crop', 'cell' => null]]);
    $page = Sheets::leaves($drawing, 'plan', ['page' => 'letter'])->page(0);
    // Names of columns that have no room beside each other are left out; no two words of the boards touch.
    $words = array_values(array_filter($page->marks, fn ($mark) => $mark instanceof App\Printing\Text && $mark->y < 100 && ! preg_match('~^[\d/]+$~', $mark->words)));
    foreach ($words as $i => $one) {
        foreach (array_slice($words, $i + 1) as $other) {
            expect(abs($one->y - $other->y) > 0.5 || $one->x + $one->width() <= $other->x + 1e-6 || $other->x + $other->width() <= $one->x + 1e-6)->toBeTrue("{$one->words} and {$other->words} touch");
        }
    }
    expect(count($words))->toBeGreaterThan(30);
    // From the frame's own edge on: 122 rows of four, all there, none smaller than can be read with the sheet in hand.
    $strong = array_filter($page->marks, fn ($mark) => $mark instanceof App\Printing\Text && $mark->strong && $mark->size < 3);
    expect(count($strong))->toBeGreaterThan(121)->and(min(array_map(fn ($mark) => $mark->size, $strong)))->toBeGreaterThan(0.8);
});

it('writes every page: one PDF, or numbered SVG and PNG that agree with it', function () {
    $leaves = Sheets::leaves(letterDrawing(), 'strips', ['page' => 'a4']);
    $pdf = Sheets::bytes(Format::Pdf, $leaves);
    expect(count((new Parser)->parseContent($pdf)->getPages()))->toBe(count($leaves));
    $page = $leaves->page(0);
    $strokes = Tests\Pdf::strokes($pdf);
    $svg = simplexml_load_string(Sheets::bytes(Format::Svg, $page));
    expect(count($svg->line))->toBe(count($strokes));
    foreach ($strokes as $i => $stroke) {
        expect([(float) $svg->line[$i]['x1'], (float) $svg->line[$i]['y1']])->toEqualWithDelta([$stroke[0], $stroke[1]], 0.01);
    }
    // And the PNG: the ticks of its first strip, met by a level walk.
    $below = array_values(array_filter($page->marks, fn ($mark) => $mark instanceof Line && abs(abs($mark->y2 - $mark->y1) - 5.5) < 0.01));
    $walk = (new Raster(Sheets::bytes(Format::Png, $page)))->across(($below[1]->y1 + $below[1]->y2) / 2, Raster::dark());
    expect(array_filter($walk, fn (float $x) => abs($x - $below[1]->x1) < 0.1))->toHaveCount(1);
});

it('numbers the files of a sheet with many pages', function () {
    $out = getenv('INCH_DATA').'/strips.svg';
    $drawing = letterDrawing();
    expect(Artisan::call('inch:sheet', ['drawing' => $drawing->id, 'kind' => 'strips', '--page' => 'a4', '--out' => $out]))->toBe(0);
    $files = array_filter(explode("\n", trim(Artisan::output())));
    expect($files)->toHaveCount(count(Sheets::leaves($drawing, 'strips', ['page' => 'a4'])))
        ->and($files[0])->toEndWith('strips-1.svg')
        ->and(file_get_contents($files[1]))->toContain('<svg');
});

it('tells how far it is, and then where the file is', function (string $format, string $begins, string $type) {
    $drawing = wall(50, 70);
    $this->getJson("/api/drawings/{$drawing->id}/sheets/tracing?page=a4")->assertOk()->assertJson(['pages' => 10]);
    $lines = array_map(fn (string $line) => json_decode($line, true), explode("\n", trim($this->post("/api/drawings/{$drawing->id}/sheets/tracing.{$format}?page=a4")->assertOk()->streamedContent())));
    expect(array_column(array_slice($lines, 0, -1), 'page'))->toBe(range(0, 10))->and($lines[0]['of'])->toBe(10);
    $file = $this->get(end($lines)['ready'])->assertOk()->assertHeader('Content-Type', $type)->baseResponse->getFile();
    expect(file_get_contents($file->getPathname(), length: strlen($begins)))->toBe($begins);
})->with([
    ['pdf', '%PDF-1', 'application/pdf'],
    ['svg', 'PK', 'application/zip'],
]);

it('refuses a pack too large to wait for before any of it is made, and makes single pages of it', function (string $format, int $status) {
    $drawing = letterDrawing(['paper' => ['sheet' => null, 'width' => '3 m', 'height' => '4 m'], 'fit' => ['way' => 'crop', 'cell' => null], 'grid' => ['school' => 'count', 'columns' => 8]]);
    $pages = $this->getJson("/api/drawings/{$drawing->id}/sheets/tracing?page=a4")->assertOk()->json('pages');
    expect($pages)->toBeGreaterThan(200)->toBeLessThan(400);
    $began = microtime(true);
    $answer = $this->postJson("/api/drawings/{$drawing->id}/sheets/tracing.{$format}?page=a4");
    expect($answer->getStatusCode())->toBe($status)->and(microtime(true) - $began)->toBeLessThan(5);
    $status === 422 && expect($answer->json('message'))->toContain("{$pages} files of PNG", 'Take one PDF');
    $this->get("/api/drawings/{$drawing->id}/sheets/tracing.{$format}?page=a4&leaf=1")->assertOk();
})->with([['png', 422], ['pdf', 200], ['svg', 200]]);

it('serves only what it made', function () {
    $this->getJson('/api/made/..%2F..%2Finch-ladder.sqlite')->assertNotFound();
    $this->getJson('/api/made/nothing')->assertNotFound()->assertJsonPath('message', fn (string $m) => str_contains($m, 'Make the sheet again'));
});

it('says which sheets cannot be', function (string $kind, array $choices, array $asked, string $says) {
    expect(fn () => iterator_to_array(Sheets::leaves(letterDrawing($choices), $kind, $asked)))->toBeRefused(SheetImpossible::class, $says);
})->with([
    'corners without a print' => ['corners', ['photo' => ['kind' => 'screen']], [], 'no print size'],
    'a window larger than the card' => ['viewfinder', ['grid' => ['school' => 'cross'], 'fit' => ['way' => 'crop', 'cell' => null]], ['page' => 'a6'], 'do not fit on this paper'],
    'strips on a stamp' => ['strips', [], ['page' => '60x40mm'], 'Choose larger paper'],
    'a wall on stamps' => ['tracing', ['photo' => ['kind' => 'screen'], 'paper' => ['sheet' => null, 'width' => '500 cm', 'height' => '500 cm'], 'fit' => ['way' => 'crop', 'cell' => null]], ['page' => 'a7'], 'A pack has 1200 at most'],
    'a printer nobody kept' => ['plan', [], ['printer' => 'Attic'], 'No printer is kept'],
    'a look nobody knows' => ['tracing', [], ['look' => 'sepia'], 'Choose photo, grey, outline or tones'],
]);

it('serves every sheet in every format, as many pages as it says', function (string $kind, string $format, string $one) {
    $drawing = letterDrawing();
    $pages = $this->getJson("/api/drawings/{$drawing->id}/sheets/{$kind}?page=a4")->assertOk()->json('pages');
    expect($pages)->toBeGreaterThan(0);
    // One leaf of it alone, and none that is not there.
    $answer = $this->get("/api/drawings/{$drawing->id}/sheets/{$kind}.{$format}?page=a4&leaf={$pages}")->assertOk();
    $leaf = $answer->assertHeader('Content-Type', $one)->baseResponse->getFile()->getPathname();
    expect((string) file_get_contents($leaf, length: 300))->toContain(['pdf' => '%PDF', 'svg' => '<svg', 'png' => 'PNG'][$format]);
    $this->getJson("/api/drawings/{$drawing->id}/sheets/{$kind}.{$format}?page=a4&leaf=".($pages + 1))->assertUnprocessable();
    $many = $format !== 'pdf' && $pages > 1;
    // Packs take long, those of pixels the longest; one of them shows how all are bound together.
    if ($format !== 'pdf' && $kind !== 'strips' && (! $many || $format === 'png' || ! isLong())) {
        return;
    }
    $answer = $this->get("/api/drawings/{$drawing->id}/sheets/{$kind}.{$format}?page=a4")->assertOk()
        ->assertHeader('Content-Type', $many ? 'application/zip' : $one);
    $file = $answer->baseResponse->getFile()->getPathname();
    if ($format === 'pdf') {
        expect((new Parser)->parseFile($file)->getPages())->toHaveCount($pages);
    } else {
        $zip = new ZipArchive;
        $zip->open($file);
        expect($many)->toBeTrue()->and($zip->numFiles)->toBe($pages)->and($zip->getNameIndex(0))->toBe("{$kind}-1.{$format}");
    }
})->with(everySheetKind())->with([
    ['pdf', 'application/pdf'],
    ['svg', 'image/svg+xml'],
    ['png', 'image/png'],
]);

it('takes on the command line what it takes on the page', function (array $options, string $kind, Closure $holds) {
    $drawing = letterDrawing();
    $out = getenv('INCH_DATA').'/sheet.svg';
    expect(Artisan::call('inch:sheet', ['drawing' => $drawing->id, 'kind' => $kind, '--out' => $out, ...$options]))->toBe(0);
    $svg = simplexml_load_string((string) file_get_contents($out));
    expect($holds($svg))->toBeTrue();
})->with([
    'another paper' => [['--page' => '300x400mm', '--at' => 'print'], 'gridded', fn ($svg) => (string) $svg['width'] === '300mm'],
    'a wide border' => [['--page' => 'a4', '--border' => '20mm'], 'gridded', fn ($svg) => (float) $svg->image['x'] >= 20],
    'without labels' => [['--no-labels' => true, '--at' => 'print'], 'gridded', fn ($svg) => ! in_array('C', array_map(strval(...), $svg->xpath('//*[local-name()="text"]')), true)],
    'one page as large as it takes' => [['--page' => 'own', '--at' => 'drawing'], 'gridded', fn ($svg) => (float) $svg['width'] > 190 && (float) $svg['height'] > 266],
    'the grid over a tracing' => [['--page' => 'own', '--with-grid' => true], 'tracing', fn ($svg) => count($svg->line) > 20],
    'and none of it' => [['--page' => 'own'], 'tracing', fn ($svg) => count($svg->xpath('//*[local-name()="line" and @stroke-width="0.25"]')) === 0],
]);

it('says on the command line what is wrong, and writes nothing', function (array $options, string $kind, string $says) {
    $out = getenv('INCH_DATA').'/wrong.pdf';
    $options = array_map(fn ($value) => str_replace('OUT', $out, $value), ['--out' => 'OUT', ...$options]);
    expect(Artisan::call('inch:sheet', ['drawing' => letterDrawing()->id, 'kind' => $kind, ...$options]))->toBe(1)
        ->and(Artisan::output())->toContain($says)->and(is_file($out))->toBeFalse();
})->with([
    'no such sheet' => [[], 'poster', 'There is no sheet called “poster”. There is: gridded, overlay'],
    'no such format' => [['--out' => 'sheet.docx'], 'plan', 'should end in .pdf, .png or .svg'],
    'no such printer' => [['--printer' => 'Attic'], 'plan', 'No printer is kept'],
    'no such paper' => [['--page' => 'napkin'], 'plan', 'not a printer’s paper'],
    'a border that eats it' => [['--border' => '9 cm'], 'plan', 'under a quarter of its paper'],
    'no such look' => [['--look' => 'sepia'], 'tracing', 'Choose photo, grey, outline or tones'],
]);
