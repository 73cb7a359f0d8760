<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** One sitting. */
#[OA\Schema]
final readonly class SittingJson
{
    public function __construct(
        #[OA\Property] public int $id,
        /** In UTC (RFC 3339). */
        #[OA\Property] public string $began,
        #[OA\Property] public string $time,
        /** @var list<WorkedJson> */
        #[OA\Property(type: 'array', items: new OA\Items(ref: WorkedJson::class))] public array $parts,
        /** What it taught, in one line. */
        #[OA\Property] public string $lesson,
    ) {
    }
}
