<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A note that came late: something newer is known of its cells. It can be noted again as it was. */
#[OA\Schema]
final readonly class OvertakenJson
{
    /** @param  list<int>  $cells  row × columns + column */
    public function __construct(
        /** The name of the cells. */
        #[OA\Property] public string $mesh,
        #[OA\Property(items: new OA\Items(type: 'integer'))] public array $cells,
        #[OA\Property(enum: ['done', 'empty', 'open'])] public ?string $state,
        #[OA\Property] public ?int $reached,
        #[OA\Property] public ?bool $doubtful,
        #[OA\Property] public ?string $words,
        #[OA\Property] public string $says,
    ) {
    }
}
