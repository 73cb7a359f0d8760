<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** How a contour runs through a cell. */
#[OA\Schema]
final readonly class CourseJson
{
    public function __construct(
        #[OA\Property] public string $sentence,
        /** @var list<array{float, float}> the contour, as shares of the cell across and down. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')))] public array $path,
        /** @var list<int> the crossings it runs through, by their place in the list. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'integer'))] public array $crossings,
    ) {
    }
}
