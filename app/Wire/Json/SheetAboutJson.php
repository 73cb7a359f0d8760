<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** What a sheet will be, before it is made. */
#[OA\Schema]
final readonly class SheetAboutJson
{
    /** @param  list<string>  $spacing */
    public function __construct(
        #[OA\Property] public int $pages,
        #[OA\Property] public string $says,
        /** The spacing test, where lines are printed that will last; empty elsewhere. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $spacing,
    ) {
    }
}
