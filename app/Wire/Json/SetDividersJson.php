<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** Proportional dividers, set for a ratio. */
#[OA\Schema]
final readonly class SetDividersJson
{
    /** @param  list<string>  $lines */
    public function __construct(
        /** Paper to photo. */
        #[OA\Property] public string $ratio,
        /** Tip to tip. */
        #[OA\Property] public LengthJson $length,
        /** From the short end. */
        #[OA\Property] public LengthJson $pivot,
        #[OA\Property] public float $pivot_mm,
        #[OA\Property(enum: ['short', 'long', 'either'])] public string $on_photo,
        /** The nearest setting that is marked on common ones. */
        #[OA\Property] public string $nearest,
        /** By how much that makes the drawing larger, over 0, or smaller. */
        #[OA\Property] public float $nearest_percent,
        /** All of it in words, the caution last. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $lines,
    ) {
    }
}
