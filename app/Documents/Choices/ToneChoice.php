<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use InchLadder\Tone\Order;
use OpenApi\Attributes as OA;

/** How tones are counted. */
#[OA\Schema]
final readonly class ToneChoice
{
    public function __construct(
        /** 2…10 */
        #[OA\Property] public int $steps,
        /** Whether bare paper is one of them. */
        #[OA\Property] public bool $paper,
        /** How large an area must be to be kept: 0, all of them, to 4. */
        #[OA\Property(minimum: 0, maximum: 4)] public int $drop,
        /** Line first, or tone along with it; null for what the medium wants. */
        #[OA\Property(enum: Order::class)] public ?string $order,
        /** L* of the far end of the bar, when it is set to what one's own pencils reach; null for what soft pencils do. */
        #[OA\Property] public ?float $end,
        /** The number of the lightest step. */
        #[OA\Property(enum: [0, 1])] public int $first,
        /** L* at which light and shadow are parted; null for where the picture parts best. */
        #[OA\Property] public ?float $threshold,
    ) {
    }
}
