<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** The order in which this drawing's cells are copied. Cells are row × columns + column. */
#[OA\Get(
    path: '/api/drawings/{drawing}/copying',
    operationId: 'copying',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing'), new OA\Parameter(name: 'hand', in: 'query', schema: new OA\Schema(type: 'string'))],
    responses: [new OA\Response(response: 200, description: 'The way through the cells.', content: new OA\JsonContent(ref: CopyingJson::class))],
)]
#[OA\Schema]
final readonly class CopyingJson
{
    public function __construct(
        /** @var list<int> every cell once. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'integer'))] public array $order,
        /** Whether the next cell is looked for from the one in hand; else the first open one in the order is. */
        #[OA\Property] public bool $goes_on,
        /** @var list<int> open cells with nothing in them to be seen. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'integer'))] public array $blank,
        /** Where this sitting goes on. */
        #[OA\Property] public int $at,
        /** The cell that was settled last; null before the first. */
        #[OA\Property] public ?int $last,
        /** What the open cells will take at this hand's own pace; null until that is known. */
        #[OA\Property] public ?string $time,
        /** @var list<int> cells something was drawn in, and more is to come. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'integer'))] public array $begun,
        /** How much is done by what is in the cells, 0…100; of this pass, where one goes round in passes. */
        #[OA\Property] public int $by_content,
        /** What runs ahead of the rest; null where nothing does. */
        #[OA\Property] public ?string $ahead,
        /** What is said when the pass in force is round; null before. */
        #[OA\Property] public ?string $round,
        /** What must not be forgotten and does not stand in this pass; null where nothing is missing. */
        #[OA\Property] public ?string $missing,
        /** @var list<string> points that must not drift, asked for again once a pass is round: where each belongs, and how it was read last. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $critical,
        #[OA\Property(nullable: true)] public ?CautionJson $caution,
        /** What the last sitting left open, when a new one begins; null within one, or where nothing was. */
        #[OA\Property] public ?string $carried,
        /** @var list<KnownJson> cells of which most is known already, with how much. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: KnownJson::class))] public array $known,
        /** @var list<int> open cells over which the hand rests on finished ones. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'integer'))] public array $guarded,
        /** @var list<StartJson> the schools of copying. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: StartJson::class))] public array $workings,
        /** @var list<StartJson> whether one knows what one draws. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: StartJson::class))] public array $namings,
        /** @var list<PassJson> in their order. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: PassJson::class))] public array $passes,
        /** What a cut of the photo is asked for with, to be shown in the tones that are counted; null without a photo. */
        #[OA\Property] public ?string $tones,
        /** @var list<StartJson> */
        #[OA\Property(type: 'array', items: new OA\Items(ref: StartJson::class))] public array $starts,
    ) {
    }
}
