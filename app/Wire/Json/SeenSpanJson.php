<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A length as it is read off a shot, both ends found by the program. */
#[OA\Schema]
final readonly class SeenSpanJson
{
    public function __construct(
        /** Its place among the lengths of the choices. */
        #[OA\Property] public int $index,
        #[OA\Property] public string $name,
        /** On the drawing, as the ruler reads. */
        #[OA\Property] public string $drawn,
        /** How far that is out. */
        #[OA\Property] public string $misfit,
        /** How it runs, and how it must. */
        #[OA\Property] public string $slope,
    ) {
    }
}
