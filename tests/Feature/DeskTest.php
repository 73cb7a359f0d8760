<?php

use App\Documents\ChoicesReader;
use App\Imaging\PhotoStore;
use App\Models\Drawing;
use Tests\Drawings;

/*
 * What the copying desk tells besides the cell: how hard its edges are, what is known beside it, what lies under the hand.
 */

/** A picture of one upright edge in the middle, blurred by so many pixels. */
function oneEdge(float $sigma, int $from = 200, int $to = 60): Drawing
{
    $image = new Imagick;
    $image->newImage(600, 450, "rgb({$from},{$from},{$from})");
    $draw = new ImagickDraw;
    $draw->setFillColor("rgb({$to},{$to},{$to})");
    $draw->rectangle(240, 0, 600, 450);
    $image->drawImage($draw);
    $sigma > 0 && $image->gaussianBlurImage(4 * $sigma, $sigma);
    $image->setImageFormat('png');
    $path = tempnam(sys_get_temp_dir(), 'edge').'.png';
    $image->writeImage($path);
    $photo = app(PhotoStore::class)->take($path);

    return Drawing::begin($photo, ChoicesReader::read(['photo' => ['kind' => 'screen'], 'paper' => ['width' => '12 in', 'height' => '9 in', 'sheet' => null, 'margins' => ['top' => '0 in', 'right' => '0 in', 'bottom' => '0 in', 'left' => '0 in']], 'fit' => ['way' => 'crop'], 'grid' => ['school' => 'count', 'columns' => 2, 'rows' => 1]], 600, 450)->json);
}

it('tells how hard an edge is, however the picture is held', function (float $sigma, string $strength, array $photo) {
    $drawing = oneEdge($sigma);
    Drawings::rechoose($drawing, ['photo' => $photo]);
    $cells = array_merge(...array_map(fn (int $i): array => test()->getJson("/api/drawings/{$drawing->id}/cells/{$i}/0/strengths")->assertOk()->json(), range(0, 1)));
    $told = array_count_values(array_column(array_merge(...array_column($cells, 'stretches')), 'strength'));
    expect($told)->toHaveKey($strength)->and($told[$strength] / array_sum($told))->toBeGreaterThan(0.7);
    // Each stretch lies on the contour that is told.
    foreach ($cells as $one) {
        expect($one['words'])->not->toBe('')->and(count($one['stretches'][0]['path']))->toBeGreaterThan(1);
    }
})->with(few(2, [
    'hardly blurred, mirrored, on its head' => [0.5, 'hard', ['mirrored' => true, 'quarters' => 2]],
    'blurred widely, straightened, on its head' => [4.5, 'soft', ['straighten' => -3, 'quarters' => 2]],
    'sharp' => [0.0, 'hard', []], 'sharp and straightened' => [0.0, 'hard', ['straighten' => 4]], 'blurred widely' => [4.5, 'soft', []],
]));

it('proposes where most is known, and a sheet for the hand that goes back over what is finished', function () {
    $drawing = Drawings::begin([...Drawings::FIVE_BY_SEVEN, 'grid' => ['school' => 'count', 'columns' => 4, 'rows' => 4]], 800, 1120);
    $way = fn (string $hand): array => test()->getJson("/api/drawings/{$drawing->id}/copying?hand={$hand}")->assertOk()->json();
    expect($way('right')['known'])->toBe([])->and($way('right')['guarded'])->toBe([]);
    $mesh = $drawing->plan()->layout->grid->cells();
    // The cell where the quarters meet, and what the lines between them cross.
    $middle = intdiv($mesh->rows, 2) * $mesh->columns + intdiv($mesh->columns, 2);
    test()->putJson("/api/drawings/{$drawing->id}/cells/".intdiv($mesh->columns, 2).'/'.intdiv($mesh->rows, 2), ['state' => 'done'])->assertOk();
    $known = $way('right')['known'];
    foreach ($known as $one) {
        [$of, $all] = array_map(intval(...), explode(' of ', $one['words']));
        $card = test()->getJson("/api/drawings/{$drawing->id}/cells/".($one['cell'] % $mesh->columns).'/'.intdiv($one['cell'], $mesh->columns))->json();
        expect($all)->toBe(count($card['crossings']))->and($of)->toBeGreaterThan(0)->toBeLessThanOrEqual($all)
            ->and(abs($one['cell'] % $mesh->columns - $middle % $mesh->columns) + abs(intdiv($one['cell'], $mesh->columns) - intdiv($middle, $mesh->columns)))->toBe(1);
    }
    // What is up and to the left of it has it under a right hand, what is up and to the right under a left one.
    expect($way('right')['guarded'])->toContain($middle - $mesh->columns - 1)->not->toContain($middle + $mesh->columns)
        ->and($way('left')['guarded'])->toContain($middle - $mesh->columns)->not->toContain($middle + $mesh->columns);
});

it('tells points by their names and what they lie in line with, or as shapes of which nothing is assumed', function () {
    $drawing = Drawings::begin([...Drawings::FIVE_BY_SEVEN, 'points' => [['name' => 'eye', 'x' => '0.2', 'y' => '0.2', 'firm' => true], ['name' => 'chin', 'x' => '0.201', 'y' => '0.8']]]);
    $cells = $drawing->plan()->layout->grid;
    [$column, $row] = $cells->cellAt(0.201, 0.8);
    $card = fn (): array => test()->getJson("/api/drawings/{$drawing->id}/cells/{$column}/{$row}")->assertOk()->json();
    expect($card()['points'][0]['name'])->toBe('chin')->and($card()['points'][0]['firm'])->toBeFalse()->and($card()['in_line'])->toHaveCount(1)->and($card()['in_line'][0])->toContain('chin is plumb under eye');
    // In ink nothing that may still move is offered.
    Drawings::rechoose($drawing, ['copy' => ['ink' => true]]);
    expect($card()['points'])->toBe([]);
    Drawings::rechoose($drawing, ['copy' => ['ink' => false, 'naming' => 'shapes']]);
    expect($card()['points'][0]['name'])->toBe('')->and($card()['points'][0]['sentence'])->toStartWith('a point: ')->and($card()['in_line'])->toBe([]);
});

it('says of each mesh what copying it takes, at the pace of the drawings before', function () {
    $asked = fn (): array => array_column(test()->postJson('/api/meshes', ['choices' => Drawings::FIVE_BY_SEVEN, 'wide' => 500, 'high' => 700])->assertOk()->json(), 'copying', 'cells');
    expect(array_unique(array_values($asked())))->toBe([null]);
    $drawing = Drawings::begin();
    test()->travelTo('2031-05-04 10:00:00');
    foreach (range(0, 5) as $i) {
        test()->putJson("/api/drawings/{$drawing->id}/cells/".($i % 5).'/'.intdiv($i, 5), ['state' => 'done'])->assertOk();
        test()->travel(6)->minutes();
    }
    // Six minutes a cell: to the nearest half hour.
    foreach ($asked() as $cells => $copying) {
        [$whole, $half] = [intdiv((int) round($cells / 5), 2), round($cells / 5) % 2];
        expect($copying)->toBe('about '.$whole.($half ? ' 1/2' : '').' h');
    }
});

it('asks for what must not drift once a pass is round, with where it belongs and how it was read last', function (?array $drawn, string $says) {
    $drawing = Drawings::begin([...Drawings::FIVE_BY_SEVEN, 'copy' => ['working' => 'passes', 'pass' => 'place'], 'points' => [
        ['name' => 'eye', 'x' => '1/2', 'y' => '1/2', 'cross' => false, 'critical' => true, 'drawn' => $drawn], ['name' => 'ear', 'x' => '1/4', 'y' => '1/2', 'cross' => false],
    ]]);
    $asked = static fn (): array => test()->getJson("/api/drawings/{$drawing->id}/copying")->assertOk()->json('critical');
    expect($asked())->toBe([]);
    test()->putJson("/api/drawings/{$drawing->id}/cells", ['cells' => range(0, 34), 'state' => 'done', 'pass' => 'place'])->assertOk();
    expect($asked())->toBe(["Read “eye” again. It belongs 3 3/4 in from the drawing’s left edge and 5 1/4 in from its top{$says}."]);
})->with([
    'never read' => [null, ''],
    'right' => [['left' => '3 3/4 in', 'top' => '5 1/4 in'], '. It was right when it was read last'],
    'out' => [['left' => '4 in', 'top' => null], '. It was 1/4 in too far right when it was read last'],
]);

it('checks a crossing on the spot from one reading of the ruler, by the rules of any other point', function (string $drawn, ?bool $good, string $says) {
    // One upright edge, two fifths across 600 pixels: it crosses the top of one cell of four.
    $drawing = oneEdge(1.0);
    $shown = test()->getJson("/api/drawings/{$drawing->id}")->json('workings');
    $lines = $shown['lines']['across'];
    $column = count(array_filter($lines, static fn (float $line): bool => $line <= 0.4)) - 1;
    $card = test()->getJson("/api/drawings/{$drawing->id}/cells/{$column}/0")->assertOk()->json('crossings');
    $n = array_search('top', array_column($card, 'side'), true);
    $wanted = length($card[$n]['paper'])->toFloat();
    $answer = test()->getJson("/api/drawings/{$drawing->id}/cells/{$column}/0/crossing?".http_build_query(['n' => $n, 'drawn' => is_numeric($drawn) ? round($wanted + (float) $drawn, 2).' mm' : $drawn]));
    $good === null ? $answer->assertUnprocessable()->assertJsonValidationErrors(['drawn' => $says]) : expect($answer->assertOk()->json())->toMatchArray(['good' => $good])->sentences->{0}->toContain($says);
    test()->getJson("/api/drawings/{$drawing->id}/cells/{$column}/0/crossing?n=99&drawn=1+in")->assertUnprocessable();
})->with([
    'right' => ['0', true, 'where it belongs'],
    'too far right' => ['9', false, 'too far right'],
    'too far left' => ['-9', false, 'too far left'],
    'nonsense' => ['here', null, 'is not a length'],
]);
