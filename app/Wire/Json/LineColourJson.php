<?php

declare(strict_types=1);

namespace App\Wire\Json;

use App\Wording\Phrases;
use InchLadder\Grid\LineColour;
use OpenApi\Attributes as OA;

/** A colour for the lines on this photo. */
#[OA\Schema]
final readonly class LineColourJson
{
    public function __construct(
        #[OA\Property] public string $key,
        #[OA\Property] public string $name,
        #[OA\Property] public string $css,
        /** Thin edge that sets it off. */
        #[OA\Property] public string $casing,
    ) {
    }

    public static function of(LineColour $colour): self
    {
        return new self($colour->value, Phrases::colour($colour), $colour->css(), $colour->casing());
    }
}
