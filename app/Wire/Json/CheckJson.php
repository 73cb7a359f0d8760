<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** Lengths against lengths, slopes, and what lies under what. */
#[OA\Schema]
final readonly class CheckJson
{
    public function __construct(
        /** In a few words, for the rung. */
        #[OA\Property] public string $decision,
        /** @var list<SpanJson> */
        #[OA\Property(type: 'array', items: new OA\Items(ref: SpanJson::class))] public array $spans,
        /** @var list<string> key points that lie nearly over each other or level, the nearest first. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $alignments,
        /** @var list<string> */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $sums,
        /** @var list<string> lengths each against each, the pair that is farthest out first. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $pairs = [],
        /** @var list<PlaceByRulerJson> key points that were measured on the drawing with a ruler. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: PlaceByRulerJson::class))] public array $places = [],
        /** @var list<RelationJson> what meets, touches, leaves a gap, stands above or goes behind. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: RelationJson::class))] public array $relations = [],
    ) {
    }
}
