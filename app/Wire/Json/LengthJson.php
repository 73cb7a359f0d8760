<?php

declare(strict_types=1);

namespace App\Wire\Json;

use App\Wording\Writing;
use InchLadder\Measure\Length;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Rounded;
use OpenApi\Attributes as OA;

/** A length: millimetres, the same exactly, and as read in the drawing’s unit. */
#[OA\Schema]
final readonly class LengthJson
{
    public function __construct(
        #[OA\Property] public float $mm,
        #[OA\Property] public string $exact,
        #[OA\Property] public string $text,
        /** The same reading as a number alone, where the unit stands above a column. */
        #[OA\Property] public string $amount,
    ) {
    }

    /** The true length, with its reading for a text. */
    public static function of(Rounded $length, Notation $notation): self
    {
        $amount = $notation->amount($length->reading);

        return new self(round($length->exact->toFloat(), 6), $length->exact->exact(), (new Writing($notation))->withError($notation->withUnit($amount), $length), $amount);
    }

    /** A length that lies on the ruler. */
    public static function onRuler(Length $reading, Notation $notation): self
    {
        $amount = $notation->amount($reading);

        return new self(round($reading->toFloat(), 6), $reading->exact(), $notation->withUnit($amount), $amount);
    }
}
