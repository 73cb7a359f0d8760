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
        /** @var array{float, float} the place half-way along it. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))] public array $middle,
        /** @var list<array{float, float}> where its straight pieces and bows begin and end. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')))] public array $joints,
        /** A thin line, drawn as one; else an edge. */
        #[OA\Property] public bool $line,
        #[OA\Property] public bool $by_hand,
    ) {
    }
}
