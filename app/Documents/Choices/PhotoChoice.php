<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use InchLadder\Photo\Keep;
use InchLadder\Photo\Subject;
use OpenApi\Attributes as OA;

/** The reference: worked from a screen, a print with a measured size, or sizes alone with no photo; and how it is held. */
#[OA\Schema]
final readonly class PhotoChoice
{
    public function __construct(
        #[OA\Property(enum: ['screen', 'print', 'sizes'])] public string $kind,
        /** As typed, with its unit; null on a screen. */
        #[OA\Property] public ?string $width,
        #[OA\Property] public ?string $height,
        /** Whether the artist keeps a print size whose shape is not the photo’s. */
        #[OA\Property] public bool $agreed,
        /** The ruler laid to the print; null when it is the paper’s. */
        #[OA\Property] public ?string $ruler,
        #[OA\Property(enum: Subject::class)] public string $subject,
        /** Where the photo comes from. */
        #[OA\Property] public string $source,
        /** By whose leave it is copied. */
        #[OA\Property] public string $permission,
        /** Quarter turns clockwise, 0…3. */
        #[OA\Property] public int $quarters,
        #[OA\Property] public bool $mirrored,
        /** Degrees clockwise, −15…15. */
        #[OA\Property] public float $straighten,
        /** Which rectangle is kept of a straightened photo. */
        #[OA\Property(enum: Keep::class)] public string $keep,
        #[OA\Property] public BorderChoice $border,
        /** Whether the white border that was found is part of the picture. */
        #[OA\Property] public bool $border_stays,
        /** The smallest cell on a print the artist would work from, with its unit; null for no minimum. */
        #[OA\Property] public ?string $least_cell,
        /** Where its light comes from; null where that was not said. */
        #[OA\Property] public ?LightChoice $light,
        /** What of the photo a print shows that was trimmed; null for all of it. */
        #[OA\Property] public ?PrintedPartChoice $part,
    ) {
    }
}
