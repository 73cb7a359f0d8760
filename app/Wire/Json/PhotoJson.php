<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** The original’s pixels, after the camera’s own turn, and a smaller picture of it. */
#[OA\Schema]
final readonly class PhotoJson
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $width,
        #[OA\Property] public int $height,
        /** Address of the preview. */
        #[OA\Property] public string $preview,
        /** Address cells are cut at. */
        #[OA\Property] public string $cut,
        /** What there is to be said of the file. */
        #[OA\Property] public ?string $remark,
    ) {
    }
}
