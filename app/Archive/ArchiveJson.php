<?php

declare(strict_types=1);

namespace App\Archive;

use App\Documents\Choices\ChoicesJson;
use OpenApi\Attributes as OA;

/** The document of an exported drawing; everything else is computed from its choices. */
#[OA\Schema]
final readonly class ArchiveJson
{
    /**
     * @param  ChoicesJson|array<array-key, mixed>  $choices  as they are kept, where they cannot be read
     * @param  list<ArchivePictureJson>  $beside
     * @param  list<ArchivePictureJson>|null  $shots
     * @param  list<ArchivePictureJson>|null  $sheets
     */
    public function __construct(
        #[OA\Property(enum: ['inch-ladder-drawing'])] public string $kind,
        /** Of this document; a reader refuses a newer one. */
        #[OA\Property] public int $version,
        #[OA\Property(ref: ChoicesJson::class)] public ChoicesJson|array $choices,
        /** Null when the drawing has sizes only. */
        #[OA\Property] public ?ArchivePictureJson $photo,
        /** Other pictures, in the order of `choices.beside`. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: ArchivePictureJson::class))] public array $beside,
        /** The shots of the drawing, in the order of `choices.shots`; null in archives that were made before there were any. */
        #[OA\Property(type: 'array', nullable: true, items: new OA\Items(ref: ArchivePictureJson::class))] public ?array $shots,
        /** Of cells.csv. */
        #[OA\Property] public string $cells_sha256,
        /** Of marks.csv; null in archives that were made before there was one. */
        #[OA\Property(nullable: true)] public ?string $marks_sha256,
        /** Of sittings.csv; null in archives that were made before there was one. */
        #[OA\Property(nullable: true)] public ?string $sittings_sha256,
        /** The other sheets of the drawing, each an archive of its own that leaves the photo to this one; null in archives that were made before there could be several. */
        #[OA\Property(type: 'array', nullable: true, items: new OA\Items(ref: ArchivePictureJson::class))] public ?array $sheets = null,
    ) {
    }
}
