<?php

declare(strict_types=1);

namespace App\Wire\Json;

use InchLadder\Compare\Cause;
use OpenApi\Attributes as OA;

/** What to mend first. */
#[OA\Schema]
final readonly class FirstJson
{
    /** @param  list<string>  $points */
    public function __construct(
        #[OA\Property(enum: Cause::class)] public string $kind,
        /** Of the thing, the places or the place; null for the whole and for nothing. */
        #[OA\Property] public ?string $name,
        #[OA\Property] public string $sentence,
        /** What would still be out then; null where nothing would. */
        #[OA\Property] public ?string $leaves,
        /** The places it is about. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $points,
    ) {
    }
}
