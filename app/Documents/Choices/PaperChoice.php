<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use InchLadder\Paper\Colour;
use InchLadder\Paper\Purpose;
use InchLadder\Paper\SetUp;
use InchLadder\Paper\Shape;
use InchLadder\Paper\Surface;
use InchLadder\Paper\Turn;
use OpenApi\Attributes as OA;

/** The sheet, the way it lies, what is kept free round it and where the drawing sits. */
#[OA\Schema]
final readonly class PaperChoice
{
    public function __construct(
        /** Key in the catalogue; null for a size of one’s own. */
        #[OA\Property] public ?string $sheet,
        /** What the artist calls it, when it is from their own stock. */
        #[OA\Property] public ?string $name,
        /** As measured, with its unit, either way round. */
        #[OA\Property] public string $width,
        #[OA\Property] public string $height,
        #[OA\Property(enum: Turn::class)] public string $turn,
        #[OA\Property(enum: ['centred', 'optical', 'top left', 'top right', 'bottom left', 'bottom right', 'offsets'])] public string $placement,
        #[OA\Property] public OffsetChoice $offset,
        #[OA\Property] public MarginsChoice $margins,
        /** What the margins are kept for. */
        #[OA\Property(enum: ['tape', 'mat', 'trim'])] public string $margins_for,
        #[OA\Property(enum: Shape::class)] public string $shape,
        #[OA\Property(enum: Colour::class)] public string $colour,
        /** Null for what its colour makes likely. */
        #[OA\Property(enum: Surface::class)] public ?string $surface,
        /** Whether it stands little erasing, whatever its kind. */
        #[OA\Property] public bool $delicate,
        /** What this sheet is for, of several in one drawing; null where there is one. */
        #[OA\Property(enum: Purpose::class)] public ?string $purpose,
        /** @var list<string> what was seen to before it is marked. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', enum: SetUp::class))] public array $setup,
    ) {
    }
}
