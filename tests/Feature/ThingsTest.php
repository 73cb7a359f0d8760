<?php

use App\Models\Drawing;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Drawings;

/*
 * Things named on the picture: they stay where they were drawn, and are asked for.
 */

/**
 * Names a thing and keeps it.
 *
 * @param  list<array{float, float}>  $places
 */
function named(Drawing $drawing, array $places, string $name = ''): void
{
    $choices = test()->getJson("/api/drawings/{$drawing->id}")->json('workings.choices');
    $adjusted = test()->postJson('/api/adjust', ['choices' => $choices, 'wide' => $drawing->photo?->width, 'high' => $drawing->photo?->height, 'act' => 'thing', 'how' => ['places' => $places, 'name' => $name]])->assertOk();
    test()->putJson("/api/drawings/{$drawing->id}", ['version' => Drawing::query()->findOrFail($drawing->id)->version, 'choices' => $adjusted->json('choices')])->assertOk();
}

/** @return array<string, mixed> */
function thingsOf(Drawing $drawing, string $field = 'things'): array
{
    return test()->getJson("/api/drawings/{$drawing->id}")->assertOk()->json("workings.{$field}");
}

it('keeps a thing where it was drawn, however the picture is held, cropped and ruled', function (int $seed) {
    $random = new Randomizer(new Mt19937($seed));
    $drawing = Drawings::begin(['photo' => ['kind' => 'print', 'width' => '5 in', 'height' => '7 in'], 'fit' => ['way' => 'crop']]);
    $at = fn (): float => $random->getInt(50, 950) / 1000;
    named($drawing, [[$x1 = $at() * 0.4, $y1 = $at() * 0.4], [$x1 + 0.1 + $at() * 0.4, $y1 + 0.1 + $at() * 0.4]], 'box');
    named($drawing, [[0.2, 0.5], [0.6, 0.45], [0.75, $at()], [0.4, 0.9]], 'kite');
    $before = thingsOf($drawing);
    $stored = thingsOf($drawing, 'choices.things');
    for ($turn = 0; $turn < 4; $turn++) {
        Drawings::rechoose($drawing, match ($random->getInt(0, 7)) {
            0 => ['photo' => ['quarters' => $random->getInt(0, 3), 'width' => '5 in', 'height' => '7 in', 'agreed' => true]],
            1 => ['photo' => ['mirrored' => $random->getInt(0, 1) === 1]],
            2 => ['photo' => ['straighten' => $random->getInt(-30, 30) / 10]],
            3 => ['photo' => ['border' => ['left' => '1/4 in', 'top' => '1/8 in']]],
            4 => ['fit' => ['way' => 'crop', 'lock' => 'free', 'left' => '0.1', 'top' => '0.1', 'width' => '0.8', 'height' => '0.7']],
            5 => ['paper' => ['turn' => 'sideways'], 'fit' => ['way' => 'inset']],
            6 => ['photo' => ['part' => ['left' => '0.05', 'top' => '0.1', 'width' => '0.7']]],
            default => ['grid' => ['school' => 'count', 'columns' => $random->getInt(2, 9)]],
        });
        // What is stored is of the file, and no holding of it moves that.
        expect(thingsOf($drawing, 'choices.things'))->toBe($stored);
    }
    while (Drawings::step($drawing, 'undo')['undo'] !== 'the things') {
        expect(thingsOf($drawing))->toHaveCount(2);
    }
    expect(thingsOf($drawing))->toEqual($before);
    Drawings::step($drawing, 'undo');
    expect(thingsOf($drawing))->toHaveCount(1);
    Drawings::step($drawing, 'undo');
    expect(thingsOf($drawing))->toBe([]);
})->with(seeds(3, 6));

it('lays a box it was given over the same part of a picture that is turned and mirrored', function (array $photo) {
    // Upper left as it is held now: a quarter of it.
    $drawing = Drawings::begin(['photo' => ['kind' => 'screen', ...$photo], 'fit' => ['way' => 'stretch']]);
    named($drawing, [[0.0, 0.0], [0.5, 0.5]], 'corner');
    $places = array_merge(...array_column(thingsOf($drawing)[0]['pieces'], 'places'));
    expect([min(array_column($places, 0)), max(array_column($places, 0)), min(array_column($places, 1)), max(array_column($places, 1))])->toEqualWithDelta([0.0, 0.5, 0.0, 0.5], 1e-5);
})->with([[[]], [['quarters' => 1]], [['quarters' => 2, 'mirrored' => true]], [['quarters' => 3, 'border' => ['left' => '10 %']]], [['mirrored' => true]]]);

it('reads what it can of things, and says what it cannot', function (mixed $things, ?string $says, array $names = []) {
    $answer = test()->postJson('/api/workings', ['choices' => [...Drawings::FIVE_BY_SEVEN, 'things' => $things], 'wide' => 500, 'high' => 700]);
    if ($says !== null) {
        $answer->assertUnprocessable()->assertJsonPath('errors.things.0', fn (string $said) => str_contains($said, $says));
    } else {
        expect(array_column($answer->assertOk()->json('things'), 'name'))->toBe($names);
    }
})->with([
    'two of one name, and one of none' => [[['name' => 'jug', 'outline' => '0 0, 1 0, 1 1'], ['name' => 'jug', 'outline' => '0 0, 1 0, 1 1'], ['outline' => '0 0, 1 0, 1 1'], ['name' => 'Thing 5', 'outline' => '0 0, 1 0, 1 1'], ['name' => '', 'outline' => '0 0, 1 0, 1 1'], ['name' => '壺', 'outline' => '0 0, 1 0, 1 1']], null, ['jug', 'jug 2', 'Thing 3', 'Thing 5', 'Thing 6', '壺']],
    'of no size' => [[['name' => 'jug', 'outline' => '0.1 0.1, 0.1 0.5, 0.1 0.9']], '“jug” has no width'],
    'an outline that is none' => [[['name' => 'jug', 'outline' => 'M0 0L1 1']], 'could not be read'],
    'a list for an outline' => [[['name' => 'jug', 'outline' => [1, 2]]], 'could not be read'],
    'none where a list should be' => ['jug', null, []],
    'too many' => [array_fill(0, 41, ['name' => 'jug', 'outline' => '0 0, 1 0, 1 1']), '40'],
    'ticked in a pass there is not, and twice' => [[['name' => 'jug', 'outline' => '0 0, 1 0, 1 1', 'ticked' => ['place', 'place', 'never', 7]]], null, ['jug']],
]);

it('refuses to name what was not drawn', function (mixed $places) {
    test()->postJson('/api/adjust', ['choices' => Drawings::FIVE_BY_SEVEN, 'wide' => 500, 'high' => 700, 'act' => 'thing', 'how' => ['places' => $places]])->assertUnprocessable()->assertJsonValidationErrorFor('things');
})->with(['nothing' => [null], 'one place' => [[[0.1, 0.1]]], 'a box of no width' => [[[0.1, 0.1], [0.1, 0.9]]], 'too many places' => [array_fill(0, 201, [0.5, 0.5])]]);

it('asks in each pass for what must not be forgotten, before detail for its boxes, and tells the gaps', function () {
    $drawing = Drawings::begin([...Drawings::FIVE_BY_SEVEN, 'copy' => ['working' => 'passes', 'pass' => 'detail']]);
    named($drawing, [[0.0, 0.4], [1.0, 0.5]], 'table edge');
    Drawings::rechoose($drawing, ['things' => [['must' => true]]]);
    $copying = fn () => test()->getJson("/api/drawings/{$drawing->id}/copying")->assertOk();
    expect($copying()->json('missing'))->toBe('table edge is not ticked in this pass yet.')
        ->and($copying()->json('caution.says'))->toContain('35 cells are not placed yet; the box of table edge does not stand yet');
    Drawings::rechoose($drawing, ['things' => [['ticked' => ['place', 'detail']]]]);
    expect($copying()->json('missing'))->toBeNull()->and($copying()->json('caution.says'))->not->toContain('box');
    $gaps = test()->postJson('/api/gaps', ['choices' => test()->getJson("/api/drawings/{$drawing->id}")->json('workings.choices'), 'wide' => 500, 'high' => 700])->assertOk();
    // The picture is drawn 7 1/2 × 10 1/2 in; half of it lies under the table's edge, two fifths over it.
    expect(array_column($gaps->json(), 'size'))->toBe(['100 % of the width, 50 % of the height: 7 1/2 × 5 1/4 in', '100 % of the width, 40 % of the height: 7 1/2 × 4 3/16 in']);
});
