<?php

namespace Tests;

use App\Devices\Exposure;
use App\Devices\Mistakes;
use App\Devices\SimulatedCamera;
use App\Documents\ChoicesReader;
use App\Imaging\PhotoStore;
use App\Models\Drawing;
use Illuminate\Http\UploadedFile;

/** Shots of the simulated camera for tests, and a drawing to shoot. */
final class Shot
{
    /** Places of the jug on the sill where lines turn or meet. */
    public const POINTS = [
        'spout' => [0.4505, 0.338], 'neck' => [0.496, 0.381], 'handle' => [0.81, 0.401], 'inside' => [0.739, 0.486],
        'stalk' => [0.2465, 0.4824], 'lying stalk' => [0.6185, 0.6646], 'shoulder' => [0.2104, 0.5251], 'foot' => [0.639, 0.722], 'cloth' => [0.7237, 0.863],
    ];

    private const ENOUGH = 1500;

    /** @var array<string, array{string, array<string, mixed>}> */
    private static array $taken = [];

    /** @param  array<string, mixed>  $choices */
    public static function drawing(array $choices = [], array $points = self::POINTS): Drawing
    {
        $photo = app(PhotoStore::class)->take(database_path('demo/jug-on-the-sill.jpg'));

        return Drawing::begin($photo, ChoicesReader::read(array_replace_recursive([
            'title' => 'Jug', 'paper' => ['sheet' => 'letter', 'width' => '8 1/2 in', 'height' => '11 in'], 'fit' => ['way' => 'inset'], 'grid' => ['columns' => 5, 'rows' => 7],
            'points' => array_map(static fn (string $name, array $at): array => ['name' => $name, 'x' => (string) $at[0], 'y' => (string) $at[1], 'cross' => false], array_keys($points), array_values($points)),
        ], $choices), $photo->width, $photo->height)->json);
    }

    /** @return array{string, array<string, mixed>} path of a shot, and its truth */
    public static function take(Drawing $drawing, Mistakes $mistakes = new Mistakes, ?Exposure $exposure = null): array
    {
        $exposure ??= new Exposure(14, 22.0, side: self::ENOUGH);
        // The same drawing, mistakes and seed give the same bytes: they are shot once.
        $known = sha1(json_encode($drawing->document()).serialize([$mistakes, $exposure]));
        [$jpeg, $truth] = self::$taken[$known] ??= app(SimulatedCamera::class)->shoot($drawing, $mistakes, $exposure);

        return [Photos::file($jpeg, '.jpg'), $truth];
    }

    /** Brought over as the page does, its sheet looked for, and kept. @return string the id of its picture */
    public static function keep(Drawing $drawing, string $path, array $more = []): string
    {
        $id = test()->post('/api/photos', ['photo' => new UploadedFile($path, 'shot.jpg', null, null, true)])->assertCreated()->json('id');
        $corners = $more['corners'] ?? test()->postJson("/api/drawings/{$drawing->id}/shots/{$id}/corners")->assertOk()->json('corners');
        $shown = test()->getJson("/api/drawings/{$drawing->id}")->json();
        $choices = $shown['workings']['choices'];
        $choices['shots'][] = ['id' => $id, 'taken' => '2026-11-27T10:00:00Z', 'pass' => null, 'corners' => $corners, 'of' => 'sheet', 'found' => true, 'readings' => [], ...$more];
        test()->putJson("/api/drawings/{$drawing->id}", ['version' => $shown['version'], 'choices' => $choices])->assertOk();

        return $id;
    }

    /**
     * Readings at the true places.
     *
     * @param  array<string, mixed>  $truth
     * @return list<array{name: string, at: string}>
     */
    public static function readings(array $truth): array
    {
        return array_map(static fn (array $one): array => ['name' => $one['name'], 'at' => sprintf('%.6F %.6F', $one['shot'][0] / $truth['shot']['wide'], $one['shot'][1] / $truth['shot']['high'])], $truth['points']);
    }
}
