<?php

declare(strict_types=1);

namespace App\Wire\Json;

use InchLadder\Paper\Purpose;
use OpenApi\Attributes as OA;

/** What another sheet is for. */
#[OA\Schema]
final readonly class AnotherSheetRequest
{
    public function __construct(#[OA\Property(enum: Purpose::class)] public string $purpose)
    {
    }
}
