<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** How a study is carried over to the good sheet. */
#[OA\Schema]
final readonly class CarryJson
{
    /** @param  list<StartJson>  $ways */
    public function __construct(
        /** `none` where the drawing is made on its sheet. */
        #[OA\Property] public string $chosen,
        /** The one that suits what goes over it first. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: StartJson::class))] public array $ways,
        /** Whether the contour must be printed mirrored for it. */
        #[OA\Property] public bool $mirrored,
        /** What speaks against the way that is chosen; null where nothing does. */
        #[OA\Property] public ?string $against,
    ) {
    }
}
