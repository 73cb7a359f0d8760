<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** What can be chosen from. */
#[OA\Get(
    path: '/api/catalogue',
    operationId: 'catalogue',
    responses: [new OA\Response(response: 200, description: 'What can be chosen from.', content: new OA\JsonContent(ref: CatalogueJson::class))],
)]
#[OA\Schema]
final readonly class CatalogueJson
{
    public function __construct(
        /** @var list<SheetJson> */
        #[OA\Property(type: 'array', items: new OA\Items(ref: SheetJson::class))] public array $sheets,
        /** @var list<LineColourJson> */
        #[OA\Property(type: 'array', items: new OA\Items(ref: LineColourJson::class))] public array $colours,
        /** @var list<NamedJson> schools of grid, in the order they are shown */
        #[OA\Property(type: 'array', items: new OA\Items(ref: NamedJson::class))] public array $schools,
        /** @var list<PrintableSheetJson> */
        #[OA\Property(type: 'array', items: new OA\Items(ref: PrintableSheetJson::class))] public array $printed,
    ) {
    }
}
