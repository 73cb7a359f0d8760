<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A paper, a ruler or a grid kept under a name; its content is laid into choices as it is. */
#[OA\Schema]
final readonly class PresetJson
{
    /** @param  array<string, mixed>  $content */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property(enum: ['paper', 'ruler', 'grid'])] public string $kind,
        #[OA\Property] public string $name,
        #[OA\Property(type: 'object', additionalProperties: true)] public array $content,
    ) {
    }
}
