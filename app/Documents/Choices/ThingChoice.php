<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use InchLadder\Copying\Pass;
use InchLadder\Things\State;
use OpenApi\Attributes as OA;

/** Something on the picture that has a name; the one in front is first. */
#[OA\Schema]
final readonly class ThingChoice
{
    public function __construct(
        #[OA\Property] public string $name,
        /** Its corners or its outline, in shares of the picture as its file has it: `0.25 0.5, 0.3 0.625, 0.2 0.7`. */
        #[OA\Property] public string $outline,
        /** A box round it rather than its own outline. */
        #[OA\Property] public bool $boxed,
        /** Not to be forgotten: each pass asks for it. */
        #[OA\Property] public bool $must,
        /** @var list<string> the passes in which it stands. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', enum: Pass::class))] public array $ticked,
        /** How far it is worked. */
        #[OA\Property(enum: State::class)] public string $state,
        /** @var list<LayerChoice> in their order. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: LayerChoice::class))] public array $layers,
    ) {
    }
}
