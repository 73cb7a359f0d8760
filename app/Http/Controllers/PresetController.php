<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\ChoicesReader;
use App\Http\Requests\ChoicesInput;
use App\Http\Requests\CountRequest;
use App\Http\Requests\PresetRequest;
use App\Models\Preset;
use App\Models\Stock;
use App\Wire\Json\PresetJson;
use App\Wording\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use InchLadder\Measure\Fractions;
use InchLadder\Plan\Plan;

/** Papers and rulers owned, and grids kept, for any drawing. */
final class PresetController
{
    /** What each kind takes of a drawing's choices. */
    private const PARTS = [
        'paper' => ['paper' => ['width', 'height', 'colour', 'surface', 'delicate']],
        'ruler' => ['' => ['unit', 'ruler', 'reach']],
        'grid' => ['grid' => ['school', 'columns', 'rows', 'cell', 'on', 'remainder', 'labels', 'corner', 'fold_columns', 'fold_rows', 'x', 'y', 'tick', 'main_across', 'main_down', 'own_across', 'own_down']],
    ];

    /** @return list<PresetJson> */
    public function index(): array
    {
        $all = Preset::query()->orderBy('name')->get();
        $left = Stock::left($all->where('kind', 'paper'));

        return array_values($all->map(static fn (Preset $one): PresetJson => self::json($one, $left[$one->id] ?? null))->all());
    }

    public function store(PresetRequest $wanted, ChoicesInput $input): JsonResponse
    {
        $read = ChoicesReader::read($input->choices(), $input->pixels('wide'), $input->pixels('high'));
        $choices = $read->document();
        $content = [];
        foreach (self::PARTS[$wanted->kind()] as $part => $fields) {
            $taken = array_intersect_key($part === '' ? $choices : $choices[$part], array_flip($fields));
            $content += $part === '' ? $taken : [$part => $taken];
        }
        if ($wanted->kind() === 'grid') {
            $content['shape'] = Fractions::places(Plan::of($read->choices)->layout->fitted->area->ratio(), 3);
        }
        $count = Preset::query()->where('kind', $wanted->kind())->where('name', $wanted->name())->first()->content['count'] ?? null;
        $content += $count === null ? [] : ['count' => $count];
        $kept = Preset::query()->updateOrCreate(['kind' => $wanted->kind(), 'name' => $wanted->name()], ['content' => $content]);

        return new JsonResponse(self::json($kept), 201);
    }

    public function count(CountRequest $request, Preset $keepsake): JsonResponse
    {
        // What is counted is what lies there: sheets that drawings took are not among them.
        $taken = max(0, ($keepsake->content['count'] ?? 0) - (Stock::left([$keepsake])[$keepsake->id] ?? 0));
        $keepsake->update(['content' => [...$keepsake->content, 'count' => $request->count() === null ? null : $request->count() + $taken]]);

        return new JsonResponse(self::json($keepsake, Stock::left([$keepsake])[$keepsake->id]));
    }

    public function destroy(Preset $keepsake): Response
    {
        $keepsake->delete();

        return new Response(status: 204);
    }

    private static function json(Preset $kept, ?int $left = null): PresetJson
    {
        return new PresetJson($kept->id, $kept->kind, $kept->name, $kept->content, $left, Stock::isLow($left) ? Say::counted('shelf.low', (int) $left, ['name' => $kept->name]) : null);
    }
}
