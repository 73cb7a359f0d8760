<?php

use App\Imaging\PhotoStore;
use App\Imaging\TonePixels;
use App\Models\Drawing;
use Illuminate\Testing\TestResponse;
use InchLadder\Pixels\Lab;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Drawings;

/*
 * The masses of a drawing, through the door: they lie on the picture as it is held, and keep to the level of detail.
 */

function masses(Drawing $drawing): TestResponse
{
    return test()->getJson("/api/drawings/{$drawing->id}/masses");
}

/** L* of the mass over a place of the crop; null where it is not one alone. */
function toneAt(array $masses, float $x, float $y): ?float
{
    $over = array_values(array_filter($masses, function (array $mass) use ($x, $y): bool {
        $inside = false;
        foreach ($mass['rings'] as $ring) {
            for ($i = 1; $i < count($ring); $i++) {
                [[$ax, $ay], [$bx, $by]] = [$ring[$i - 1], $ring[$i]];
                $inside = $inside !== ((($ay > $y) !== ($by > $y)) && $x < $ax + ($y - $ay) / ($by - $ay) * ($bx - $ax));
            }
        }

        return $inside;
    }));
    $grey = (int) hexdec(substr($over[0]['grey'] ?? '#000000', 1, 2));

    return count($over) === 1 ? Lab::fromSrgb($grey, $grey, $grey)->lightness : null;
}

it('lies on the picture however it is held and cropped: as light as the picture is there', function (int $seed) {
    $random = new Randomizer(new Mt19937($seed));
    $share = fn (int $most): string => $random->getInt(0, $most).' %';
    $drawing = Drawings::begin([
        'photo' => ['kind' => 'screen', 'quarters' => $random->getInt(0, 3), 'mirrored' => (bool) $random->getInt(0, 1), 'straighten' => $random->getInt(-80, 80) / 10, 'border' => ['top' => $share(9), 'right' => $share(9), 'bottom' => $share(9), 'left' => $share(9)]],
        'fit' => ['way' => 'crop', 'lock' => ['free', 'paper'][$random->getInt(0, 1)], 'left' => '0.'.$random->getInt(1, 3), 'top' => '0.'.$random->getInt(1, 3), 'size' => '0.'.$random->getInt(5, 9), 'width' => '0.'.$random->getInt(4, 6), 'height' => '0.'.$random->getInt(4, 6)],
        'copy' => ['straight' => $random->getInt(0, 1), 'detail' => 'little'],
    ], 520, 700);
    $plan = $drawing->plan();
    $crop = $plan->layout->fitted->crop;
    $masses = masses($drawing)->assertOk()->json('all');
    expect(array_sum(array_column($masses, 'share')))->toEqualWithDelta(1.0, 0.001);
    $near = $far = 0;
    for ($i = 0; $i < 60; $i++) {
        [$x, $y] = [$random->getInt(20, 980) / 1000, $random->getInt(20, 980) / 1000];
        [, $light] = app(TonePixels::class)->patch($drawing->photo, $plan, $crop->left->toFloat() + $x * $crop->width->toFloat(), $crop->top->toFloat() + $y * $crop->height->toFloat());
        abs(($tone = toneAt($masses, $x, $y) ?? -100) - $light) < 6 ? $near++ : $far++;
    }
    // But where two quarters meet, within the patch that is probed.
    expect($far / ($near + $far))->toBeLessThan(0.12);
})->with(seeds(3, 6));

it('keeps to the level of detail: what is common under the medium, until another is chosen', function (array $choices, int $most, int $locators) {
    $photo = app(PhotoStore::class)->take(database_path('demo/potting-bench.jpg'));
    $drawing = Drawing::begin($photo, App\Documents\ChoicesReader::read(['photo' => ['kind' => 'screen'], 'grid' => ['columns' => 5], ...$choices], $photo->width, $photo->height)->json);
    $told = masses($drawing)->assertOk()->json();
    expect(count($told['all']))->toBeGreaterThan(3)->toBeLessThanOrEqual($most)
        ->and(count($told['locators']))->toBeGreaterThan(0)->toBeLessThanOrEqual($locators)
        ->and(array_column($told['all'], 'share'))->toBe(collect($told['all'])->pluck('share')->sortDesc()->values()->all());
    // Of the contours the short ones wait too.
    $contours = fn (): int => array_sum(array_map(fn (int $i): int => count(test()->getJson("/api/drawings/{$drawing->id}/cells/".($i % 4).'/'.intdiv($i, 4))->json('courses')), range(0, 11)));
    $few = $contours();
    Drawings::rechoose($drawing, ['copy' => ['detail' => 'all']]);
    expect($contours())->{$most === 14 ? 'toBe' : 'toBeGreaterThan'}($few);
})->with([
    'under paint' => [['finish' => ['medium' => 'paint']], 6, 3],
    'under a wash' => [['finish' => ['medium' => 'watercolour']], 9, 6],
    'graphite that stays' => [[], 14, 9],
    'graphite, but little wanted' => [['copy' => ['detail' => 'little']], 6, 3],
    'under paint, but all wanted' => [['finish' => ['medium' => 'paint'], 'copy' => ['detail' => 'all']], 14, 9],
]);

it('draws fewer corners the straighter it is wished, and refuses what is no wish', function () {
    $drawing = Drawing::begin($photo = app(PhotoStore::class)->take(database_path('demo/low-water.jpg')), App\Documents\ChoicesReader::read(['photo' => ['kind' => 'screen']], $photo->width, $photo->height)->json);
    $before = PHP_INT_MAX;
    foreach (range(0, 5) as $straight) {
        Drawings::rechoose($drawing, ['copy' => ['straight' => $straight]]);
        $corners = array_sum(array_map(count(...), masses($drawing)->json('outlines')));
        expect($corners)->toBeLessThan($before);
        $before = $corners;
    }
    expect($before)->toBeGreaterThan(20);
    foreach ([['straight' => 6], ['straight' => -1], ['straight' => 'very'], ['detail' => 'most']] as $nonsense) {
        $this->postJson('/api/workings', ['choices' => ['copy' => $nonsense], 'wide' => 9, 'high' => 7])->assertUnprocessable()->assertJsonValidationErrors('copy.'.key($nonsense));
    }
    masses(Drawing::query()->findOrFail($this->postJson('/api/drawings', ['width' => '5 in', 'height' => '7 in'])->json('id')))->assertNotFound();
});
