<?php

declare(strict_types=1);

namespace App\Wire\Json;

use App\Documents\Choices\ChoicesJson;
use OpenApi\Attributes as OA;

/** Something done by hand to a drawing. */
#[OA\Schema]
final readonly class AdjustRequest
{
    /** @param  array<string, mixed>  $how */
    public function __construct(
        #[OA\Property] public ChoicesJson $choices,
        #[OA\Property] public ?int $wide,
        #[OA\Property] public ?int $high,
        /** A name of Adjustments. */
        #[OA\Property] public string $act,
        /** What was pointed at or typed. */
        #[OA\Property(type: 'object', additionalProperties: true)] public array $how,
    ) {
    }
}
