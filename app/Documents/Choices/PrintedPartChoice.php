<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use OpenApi\Attributes as OA;

/** What of a photo a print shows: its corner and width as shares of the photo as it is held; its height follows from the print's shape. */
#[OA\Schema]
final readonly class PrintedPartChoice
{
    public function __construct(
        #[OA\Property] public string $left,
        #[OA\Property] public string $top,
        #[OA\Property] public string $width,
    ) {
    }
}
