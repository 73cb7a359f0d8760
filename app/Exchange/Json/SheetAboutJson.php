<?php

declare(strict_types=1);

namespace App\Exchange\Json;

use OpenApi\Attributes as OA;

/** What a sheet will be, before it is made. */
#[OA\Schema]
final readonly class SheetAboutJson
{
    public function __construct(
        #[OA\Property] public int $pages,
        #[OA\Property] public string $says,
    ) {
    }
}
