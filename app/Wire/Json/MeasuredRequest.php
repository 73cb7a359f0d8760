<?php

declare(strict_types=1);

namespace App\Wire\Json;

use App\Documents\Choices\ChoicesJson;
use OpenApi\Attributes as OA;

/** Where ticks really are. */
#[OA\Schema]
final readonly class MeasuredRequest
{
    /** @param  array<int, string>  $ticks  line => as typed, from the sheet's edge */
    public function __construct(
        #[OA\Property] public ChoicesJson $choices,
        /** pixels of the photo; null when there are only sizes */
        #[OA\Property] public ?int $wide,
        #[OA\Property] public ?int $high,
        #[OA\Property(enum: ['across', 'down'])] public string $way,
        #[OA\Property(type: 'object', additionalProperties: true)] public array $ticks,
    ) {
    }
}
