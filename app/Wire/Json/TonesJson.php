<?php

declare(strict_types=1);

namespace App\Wire\Json;

use InchLadder\Tone\Order;
use OpenApi\Attributes as OA;

/** The light and dark of what is drawn from. */
#[OA\Get(
    path: '/api/drawings/{drawing}/tones',
    operationId: 'tones',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing')],
    responses: [new OA\Response(response: 200, description: 'The tone bar, and what there is of it.', content: new OA\JsonContent(ref: TonesJson::class))],
)]
#[OA\Schema]
final readonly class TonesJson
{
    public function __construct(
        /** Address of the whole picture in so many tones; null when there is no photo. */
        #[OA\Property] public ?string $few,
        /** The same in two: light and shadow. */
        #[OA\Property] public ?string $two,
        /** Where light and shadow are parted in it. */
        #[OA\Property] public ?PartingJson $parting,
        /** What a cut of the photo is asked for with, to be shown in these tones; null when there is no photo. */
        #[OA\Property] public ?string $query,
        /** @var list<ToneBoxJson> */
        #[OA\Property(type: 'array', items: new OA\Items(ref: ToneBoxJson::class))] public array $bar,
        /** @var list<ToneSpotJson> the lightest place, then the darkest ones in their order. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: ToneSpotJson::class))] public array $spots,
        /** @var list<string> */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $sums,
        /** What of the bar one's own pencils do not reach, and what to do; null where none is known. */
        #[OA\Property] public ?ReachedJson $reach,
        /** That the background comes first, where it does. */
        #[OA\Property] public ?string $background,
        /** @var list<string> what smudges, and what keeps it from doing so. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $care,
        /** @var list<NotesJson> what will not do in the layers of things, by their names. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: NotesJson::class))] public array $layers,
        /** Line first, or tone along with it: what is chosen, or what the medium wants. */
        #[OA\Property(enum: Order::class)] public string $order,
        /** @var list<StartJson> */
        #[OA\Property(type: 'array', items: new OA\Items(ref: StartJson::class))] public array $orders,
    ) {
    }
}
