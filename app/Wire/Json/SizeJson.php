<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A width and a height. */
#[OA\Schema]
final readonly class SizeJson
{
    public function __construct(
        #[OA\Property] public LengthJson $width,
        #[OA\Property] public LengthJson $height,
    ) {
    }
}
