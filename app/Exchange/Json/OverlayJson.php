<?php

declare(strict_types=1);

namespace App\Exchange\Json;

use OpenApi\Attributes as OA;

/** Lines laid over the picture to judge it by. */
#[OA\Schema]
final readonly class OverlayJson
{
    /** @param  list<float>  $lines */
    public function __construct(
        #[OA\Property] public string $name,
        /** Shares, the same across and down. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))] public array $lines,
        #[OA\Property] public bool $diagonals,
    ) {
    }
}
