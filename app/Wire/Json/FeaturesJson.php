<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A named thing with others in it, told part by part: placement and expression are two verdicts. */
#[OA\Schema]
final readonly class FeaturesJson
{
    /**
     * @param  list<ProportionJson>  $shares
     * @param  list<ProportionJson>  $small
     */
    public function __construct(
        #[OA\Property] public string $whole,
        /** Whether its parts are as large as they must be, and sit where they belong. */
        #[OA\Property] public string $placement,
        #[OA\Property] public bool $placed,
        /** Whether what is small in it keeps its proportions. */
        #[OA\Property] public string $expression,
        #[OA\Property] public bool $expressed,
        /** @var list<ProportionJson> what of it each part takes, and the room beside it; what is farthest out first. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: ProportionJson::class))] public array $shares,
        /** @var list<ProportionJson> small lengths and shapes by ratio; what is farthest out first. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: ProportionJson::class))] public array $small,
    ) {
    }
}
