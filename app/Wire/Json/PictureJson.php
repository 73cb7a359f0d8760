<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** The picture that is drawn from: turned, straightened, without its border. */
#[OA\Schema]
final readonly class PictureJson
{
    public function __construct(
        /** Pixels; null when there is no photo. */
        #[OA\Property] public ?int $width,
        #[OA\Property] public ?int $height,
        /** What follows the address of a preview or a cut, to see it held this way. */
        #[OA\Property] public string $query,
    ) {
    }
}
