<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** What is pointed at on one device: a place of the picture in use, or a cell. */
#[OA\Post(
    path: '/api/drawings/{drawing}/pointing',
    operationId: 'point at',
    parameters: [new OA\Parameter(name: 'drawing', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
    requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: PointingRequest::class)),
    responses: [new OA\Response(response: 204, description: 'Told to the others.')],
)]
#[OA\Schema]
final readonly class PointingRequest
{
    public function __construct(
        /** The page that tells it. */
        #[OA\Property] public string $by,
        /** Whether devices follow each other. */
        #[OA\Property] public bool $on,
        /** As shares of the crop, from its upper left corner; null with the next where no place is pointed at. */
        #[OA\Property(nullable: true)] public ?float $x,
        #[OA\Property(nullable: true)] public ?float $y,
        #[OA\Property(nullable: true)] public ?int $column,
        #[OA\Property(nullable: true)] public ?int $row,
    ) {
    }
}
