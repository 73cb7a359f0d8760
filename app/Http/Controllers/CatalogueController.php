<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Printing\PrintableSheet;
use App\Printing\PrintableSheets;
use App\Wire\Json\CatalogueJson;
use App\Wire\Json\LineColourJson;
use App\Wire\Json\NamedJson;
use App\Wire\Json\PrintableSheetJson;
use App\Wire\Json\SheetJson;
use App\Wording\Phrases;
use App\Wording\Say;
use Illuminate\Http\JsonResponse;
use InchLadder\Grid\LineColour;
use InchLadder\Grid\SchoolCatalogue;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Unit;
use InchLadder\Paper\Catalogue;
use InchLadder\Paper\Figures;
use InchLadder\Paper\Sheet;

final class CatalogueController
{
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(new CatalogueJson(
            array_map(self::sheet(...), array_values(Catalogue::sheets())),
            array_map(LineColourJson::of(...), LineColour::cases()),
            array_map(static fn (string $key): NamedJson => new NamedJson($key, Say::name("schools.{$key}", $key)), SchoolCatalogue::keys()),
            array_map(static fn (string $key, PrintableSheet $sheet): PrintableSheetJson => new PrintableSheetJson($key, Say::name("sheets.{$key}", $key), Say::ifAny("sheets.{$key}.what") ?? '', $sheet->takes()), PrintableSheets::keys(), PrintableSheets::all()),
        ));
    }

    private static function sheet(Sheet $sheet): SheetJson
    {
        $notation = new Notation($sheet->unit, $sheet->unit->commonRuler());

        // Both sides beside each other are read in centimetres, which whole sheets are spoken of in.
        $together = $sheet->unit->isMetric() ? new Notation(Unit::Centimetre, Unit::Centimetre->commonRuler()) : $notation;
        $usual = array_keys(array_filter(Figures::USUAL, static fn (array $keys): bool => in_array($sheet->key, $keys, true)))[0] ?? null;

        return new SheetJson(
            key: $sheet->key,
            name: $sheet->name,
            width: $notation->plain($sheet->size->width),
            height: $notation->plain($sheet->size->height),
            unit: $sheet->unit->value,
            source: Phrases::source($sheet),
            size: $together->amount($sheet->size->width).' × '.$together->plain($sheet->size->height),
            ratio: round($sheet->size->ratio()->toFloat(), 5),
            height_mm: round($sheet->size->height->toFloat(), 2),
            usual: $usual,
        );
    }
}
