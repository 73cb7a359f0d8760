<?php

namespace Tests;

use App\Documents\ChoicesReader;
use App\Imaging\PhotoStore;
use App\Models\Drawing;

/** Drawings for tests. */
final class Drawings
{
    /** The drawing of the trade's favourite sum: a 5 × 7 in print on letter, 1 in becomes 1½ in. */
    public const FIVE_BY_SEVEN = [
        'title' => 'Garden gate',
        'photo' => ['kind' => 'print', 'width' => '5 in', 'height' => '7 in'],
        'paper' => ['margins' => ['top' => '0 in', 'right' => '0 in', 'bottom' => '0 in', 'left' => '0 in']],
        'fit' => ['way' => 'cells', 'cell' => '1 1/2 in'],
    ];

    /** @param  array<string, mixed>  $choices */
    public static function begin(array $choices = self::FIVE_BY_SEVEN, int $wide = 500, int $high = 700): Drawing
    {
        $photo = app(PhotoStore::class)->take(Photos::make($wide, $high));

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
}
