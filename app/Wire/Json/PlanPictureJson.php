<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A plan as a small picture: this part of the photo at this place of the sheet, with its grid. */
#[OA\Schema]
final readonly class PlanPictureJson
{
    /**
     * @param  list<float>  $across
     * @param  list<float>  $down
     */
    public function __construct(
        /** Of the photo, as shares of it. */
        #[OA\Property] public BoxJson $crop,
        /** Of the drawing, as shares of the sheet. */
        #[OA\Property] public BoxJson $area,
        /** Width ÷ height of the sheet. */
        #[OA\Property] public float $sheet,
        /** Lines across and down the drawing, as shares of it. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))] public array $across,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))] public array $down,
    ) {
    }
}
