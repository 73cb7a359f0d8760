<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** Lines laid over both boards to judge by; each stroke from x, y to x, y in shares of the crop, and of the drawing area. */
#[OA\Schema]
final readonly class OverlayJson
{
    /**
     * @param  list<list<float>>  $photo
     * @param  list<list<float>>  $paper
     */
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')))] public array $photo,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')))] public array $paper,
    ) {
    }
}
