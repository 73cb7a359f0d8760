<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** Grades that are good for the same. */
#[OA\Schema]
final readonly class GradeJson
{
    /** @param  list<string>  $names */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $names,
        #[OA\Property] public string $kind,
        #[OA\Property] public string $says,
    ) {
    }
}
