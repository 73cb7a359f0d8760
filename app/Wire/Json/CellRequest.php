<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** What has become of a cell; what is left out stays as it was. */
#[OA\Schema]
final readonly class CellRequest
{
    public function __construct(
        #[OA\Property(enum: ['done', 'empty', 'open'])] public ?string $state,
        /** To be looked at again. */
        #[OA\Property] public ?bool $doubtful,
        /** The artist’s own, for later; 200 characters at most. */
        #[OA\Property(maxLength: 200)] public ?string $words,
    ) {
    }
}
