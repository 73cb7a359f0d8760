<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** One rung: what was decided, in a few words, the sums behind it, and what needs the eye. */
#[OA\Schema]
final readonly class RungJson
{
    /**
     * @param  list<string>  $sums
     * @param  list<string>  $warnings
     */
    public function __construct(
        #[OA\Property] public string $decision,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $sums,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $warnings = [],
        /** The same in fewer words, for the list of steps; null where it is the same. */
        #[OA\Property(nullable: true)] public ?string $brief = null,
    ) {
    }
}
