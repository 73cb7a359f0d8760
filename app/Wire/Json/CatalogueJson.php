<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** What can be chosen from. */
#[OA\Schema]
final readonly class CatalogueJson
{
    public function __construct(
        /** @var list<SheetJson> */
        #[OA\Property(type: 'array', items: new OA\Items(ref: SheetJson::class))] public array $sheets,
        /** @var list<string> */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $rulers,
        /** @var list<LineColourJson> */
        #[OA\Property(type: 'array', items: new OA\Items(ref: LineColourJson::class))] public array $colours,
        /** @var list<SheetKindJson> */
        #[OA\Property(type: 'array', items: new OA\Items(ref: SheetKindJson::class))] public array $printed,
    ) {
    }
}
