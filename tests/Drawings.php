<?php

namespace Tests;

use App\Documents\ChoicesReader;
use App\Imaging\PhotoStore;
use App\Models\Drawing;
use App\Models\Photo;

/** Drawings for tests. */
final class Drawings
{
    /** The drawing of the trade's favourite sum: a 5 × 7 in print on letter, 1 in becomes 1½ in. */
    public const FIVE_BY_SEVEN = [
        'title' => 'Garden gate',
        'photo' => ['kind' => 'print', 'width' => '5 in', 'height' => '7 in'],
        'paper' => ['sheet' => 'letter', 'width' => '8 1/2 in', 'height' => '11 in', 'margins' => ['top' => '0 in', 'right' => '0 in', 'bottom' => '0 in', 'left' => '0 in']],
        'fit' => ['way' => 'cells', 'cell' => '1 1/2 in'],
    ];

    /** @param  array<string, mixed>  $choices */
    public static function begin(array $choices = self::FIVE_BY_SEVEN, int $wide = 500, int $high = 700, ?Photo $photo = null): Drawing
    {
        $photo ??= app(PhotoStore::class)->take(Photos::make($wide, $high));

        return Drawing::begin($photo, ChoicesReader::read($choices, $photo->width, $photo->height)->json);
    }

    /**
     * The choices changed and kept, as the page does.
     *
     * @param  array<string, mixed>  $changed
     */
    public static function rechoose(Drawing $drawing, array $changed): void
    {
        $shown = test()->getJson("/api/drawings/{$drawing->id}")->json();
        test()->putJson("/api/drawings/{$drawing->id}", ['version' => $shown['version'], 'choices' => array_replace_recursive($shown['workings']['choices'], $changed)])->assertOk();
    }

    /** @return array<string, mixed> the answer to undo or redo */
    public static function step(Drawing $drawing, string $way): array
    {
        $now = Drawing::query()->findOrFail($drawing->id);

        return test()->postJson("/api/drawings/{$drawing->id}/{$way}", ['version' => $now->version, 'edits' => $now->edits])->assertOk()->json();
    }

    /** A print held in any way, on any sheet, with any grid over all of it or a part. */
    public static function atRandom(int $seed, ?string $reach = null): Drawing
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(5200 + $seed));
        $one = static fn (array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
        $share = static fn (float $from, float $to): string => number_format($from + $random->getInt(0, 1000) / 1000 * ($to - $from), 3);

        $drawn = [
            'reach' => $reach,
            ...$one([['unit' => 'in', 'ruler' => '1/16 in'], ['unit' => 'cm', 'ruler' => '1 mm'], ['unit' => 'mm', 'ruler' => '0.5 mm']]),
            'photo' => [
                'kind' => 'print', 'width' => '5 in', 'height' => '7 in', 'quarters' => $quarters = $random->getInt(0, 3), 'mirrored' => $one([true, false]), 'straighten' => $one([0, 0, 3.2, -7.5]),
                'border' => ['left' => $one(['0', '6 %']), 'top' => $one(['0', '3 %'])], ...$quarters % 2 === 1 ? ['width' => '7 in', 'height' => '5 in'] : [],
            ],
            'paper' => ['sheet' => $one(['letter', 'a3']), 'turn' => $one(['upright', 'sideways']), 'shape' => $one(['rectangle', 'oval']), 'margins' => ['left' => '1 in', 'top' => '1/2 in']],
            'fit' => $one([['way' => 'crop', 'lock' => 'free', 'left' => $share(0, 0.3), 'top' => $share(0, 0.3), 'width' => $share(0.5, 0.7), 'height' => $share(0.5, 0.7)], ['way' => 'inset'], ['way' => 'stretch']]),
            'grid' => ['school' => $one(['count', 'proportional', 'measure', 'main', 'axes']), 'columns' => $random->getInt(2, 6), 'rows' => $random->getInt(2, 6), 'cell' => '3/4 in', 'main_across' => ['0.31'], 'main_down' => ['0.77'],
                'part' => $one([null, ['left' => '0.2', 'top' => '0.1', 'width' => '0.5', 'height' => '0.6']])],
        ];
        // A trimmed print, now and then.
        $drawn['photo']['part'] = $one([null, null, ['left' => '0.1', 'top' => '0.25', 'width' => '0.6']]);

        return self::begin($drawn);
    }
}
