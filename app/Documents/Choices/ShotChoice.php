<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use InchLadder\Copying\Pass;
use OpenApi\Attributes as OA;

/** A photograph of the drawing, kept with the day and the pass it was taken in. */
#[OA\Schema]
final readonly class ShotChoice
{
    /** @param  list<ShotReading>  $readings */
    public function __construct(
        /** Of its picture, among the photos. */
        #[OA\Property] public string $id,
        /** When it was taken, as ISO 8601 writes it: `2026-11-27T14:05:00Z`. */
        #[OA\Property] public string $taken,
        /** The pass that was on; null where a cell is finished before the next. */
        #[OA\Property(enum: Pass::class)] public ?string $pass,
        /** Four corners in shares of the shot, clockwise from the top left as it is drawn: `0.1 0.08, 0.93 0.1, 0.9 0.95, 0.12 0.94`. */
        #[OA\Property] public string $corners,
        /** Whose corners they are. */
        #[OA\Property(enum: ['sheet', 'area'])] public string $of,
        /** Of the drawing area: the part whose corners they are, in shares of it, as gridlines cross there: `0 0, 1 1` is all of it. */
        #[OA\Property] public string $between,
        /** Whether the program found them, and no hand set them. */
        #[OA\Property] public bool $found,
        /** Places that a hand set. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: ShotReading::class))] public array $readings,
    ) {
    }
}
