<?php

declare(strict_types=1);

namespace App\Archive;

use OpenApi\Attributes as OA;

/** A picture in an archive. */
#[OA\Schema]
final readonly class ArchivePictureJson
{
    public function __construct(
        /** Its name in the archive. */
        #[OA\Property] public string $file,
        /** Of the file as it lies in the archive. */
        #[OA\Property] public string $sha256,
        /** Whether it is a smaller copy, since the original was lost. */
        #[OA\Property(nullable: true)] public ?bool $reduced = null,
    ) {
    }
}
