<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use OpenApi\Attributes as OA;

/** Another picture of the subject, kept beside the reference and never measured from. */
#[OA\Schema]
final readonly class BesideChoice
{
    public function __construct(
        /** Of a photo. */
        #[OA\Property] public string $id,
        #[OA\Property] public string $name,
    ) {
    }
}
