<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\ChoicesReader;
use App\Http\Requests\ChoicesInput;
use App\Http\Requests\PresetRequest;
use App\Models\Preset;
use App\Wire\Json\PresetJson;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use InchLadder\Measure\Fractions;
use InchLadder\Plan\Plan;

/** Papers and rulers owned, and grids kept, for any drawing. */
final class PresetController
{
    /** What each kind takes of a drawing's choices. */
    private const PARTS = [
        'paper' => ['paper' => ['width', 'height', 'colour']],
        'ruler' => ['' => ['unit', 'ruler', 'reach']],
        'grid' => ['grid' => ['school', 'columns', 'rows', 'cell', 'on', 'remainder', 'labels', 'corner', 'fold_columns', 'fold_rows', 'x', 'y', 'tick', 'main_across', 'main_down', 'own_across', 'own_down']],
    ];

    /** @return list<PresetJson> */
    public function index(): array
    {
        return array_values(Preset::query()->orderBy('name')->get()->map(self::json(...))->all());
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
        $kept = Preset::query()->updateOrCreate(['kind' => $wanted->kind(), 'name' => $wanted->name()], ['content' => $content]);

        return new JsonResponse(self::json($kept), 201);
    }

    public function destroy(Preset $keepsake): Response
    {
        $keepsake->delete();

        return new Response(status: 204);
    }

    private static function json(Preset $kept): PresetJson
    {
        return new PresetJson($kept->id, $kept->kind, $kept->name, $kept->content);
    }
}
