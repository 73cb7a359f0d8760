<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** The two mark ladders. */
#[OA\Schema]
final readonly class MarksJson
{
    public function __construct(
        /** @var list<MarkJson> */
        #[OA\Property(type: 'array', items: new OA\Items(ref: MarkJson::class))] public array $across,
        /** @var list<MarkJson> */
        #[OA\Property(type: 'array', items: new OA\Items(ref: MarkJson::class))] public array $down,
    ) {
    }
}
