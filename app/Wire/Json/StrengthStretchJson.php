<?php

declare(strict_types=1);

namespace App\Wire\Json;

use InchLadder\Copying\EdgeStrength;
use OpenApi\Attributes as OA;

/** A stretch of a contour of one strength. */
#[OA\Schema]
final readonly class StrengthStretchJson
{
    public function __construct(
        #[OA\Property(enum: EdgeStrength::class)] public string $strength,
        /** @var list<array{float, float}> its way, in shares of the cell. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')))] public array $path,
    ) {
    }
}
