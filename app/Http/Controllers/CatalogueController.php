<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Printing\SheetKind;
use App\Wire\Json\CatalogueJson;
use App\Wire\Json\LineColourJson;
use App\Wire\Json\SheetJson;
use App\Wire\Json\SheetKindJson;
use Illuminate\Http\JsonResponse;
use InchLadder\Grid\LineColour;
use InchLadder\Measure\Graduation;
use InchLadder\Measure\Notation;
use InchLadder\Paper\Catalogue;
use InchLadder\Paper\Sheet;
use OpenApi\Attributes as OA;

final class CatalogueController
{
    #[OA\Get(path: '/api/catalogue', operationId: 'catalogue', responses: [new OA\Response(response: 200, description: 'What can be chosen from.', content: new OA\JsonContent(ref: CatalogueJson::class))])]
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(new CatalogueJson(
            array_map(self::sheet(...), array_values(Catalogue::sheets())),
            Graduation::COMMON,
            array_map(LineColourJson::of(...), LineColour::cases()),
            array_map(static fn (SheetKind $kind): SheetKindJson => new SheetKindJson($kind->value, $kind->name(), $kind->what(), $kind->takes()), SheetKind::cases()),
        ));
    }

    private static function sheet(Sheet $sheet): SheetJson
    {
        $notation = new Notation($sheet->unit, $sheet->unit->commonRuler());

        return new SheetJson($sheet->key, $sheet->name, $notation->plain($sheet->size->width), $notation->plain($sheet->size->height), $sheet->unit->value, $sheet->source);
    }
}
