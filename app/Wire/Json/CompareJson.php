<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A drawing held against its photo, from one shot. */
#[OA\Get(
    path: '/api/drawings/{drawing}/shots/{photo}',
    operationId: 'compare',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing'), new OA\Parameter(ref: '#/components/parameters/photo')],
    responses: [new OA\Response(response: 200, description: 'What the shot tells.', content: new OA\JsonContent(ref: CompareJson::class))],
)]
#[OA\Schema]
final readonly class CompareJson
{
    /**
     * @param  list<JudgedPointJson>  $points
     * @param  list<MovedGroupJson>  $groups
     * @param  list<string>  $leave_alone
     * @param  list<string>  $not_measured
     * @param  list<string>  $more
     * @param  list<AlignedJson>  $alignments
     * @param  list<SeenSpanJson>  $spans
     * @param  list<AlignedJson>  $relations
     * @param  list<FeaturesJson>  $features
     * @param  list<string>  $pairs
     * @param  list<ComparedObjectJson>  $objects
     */
    public function __construct(
        #[OA\Property] public FlattenJson $flatten,
        #[OA\Property] public WholeJson $whole,
        /** The farthest out first. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: JudgedPointJson::class))] public array $points,
        /** That which explains most first. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: MovedGroupJson::class))] public array $groups,
        #[OA\Property] public FirstJson $first,
        /** Places that pass. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $leave_alone,
        #[OA\Property] public bool $good_enough,
        /** Places that are to be checked and have no reading that counts. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $not_measured,
        /** What else is to be said, three sentences at most. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $more,
        /** The misfit that is left, typically and at most; null where nothing was measured. */
        #[OA\Property] public ?float $typical_mm,
        #[OA\Property] public ?float $largest_mm,
        /** What lies under what, or level with it, and how the drawing has it. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: AlignedJson::class))] public array $alignments,
        /** Lengths of Check that were read off the shot by themselves. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: SeenSpanJson::class))] public array $spans,
        /** Gaps between things, and how the drawing has them. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: AlignedJson::class))] public array $relations,
        /** Things with others in them, part by part; the largest first. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: FeaturesJson::class))] public array $features,
        /** Sizes and gaps each against each, as far as they are out: the worst pair first. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $pairs,
        /** Named objects whose lines are enough to go by. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: ComparedObjectJson::class))] public array $objects,
    ) {
    }
}
