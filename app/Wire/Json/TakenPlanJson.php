<?php

declare(strict_types=1);

namespace App\Wire\Json;

use InchLadder\Measure\Notation;
use InchLadder\Paper\Turn;
use InchLadder\Planner\Proposal;
use OpenApi\Attributes as OA;

/** A plan as it is taken up: what the adjustment `plan` is sent. */
#[OA\Schema]
final readonly class TakenPlanJson
{
    public function __construct(
        #[OA\Property] public string $paper_cell,
        /** Empty on a screen. */
        #[OA\Property] public string $photo_cell,
        #[OA\Property] public int $columns,
        #[OA\Property] public int $rows,
        #[OA\Property(enum: Turn::class)] public string $turn,
    ) {
    }

    public static function of(Proposal $plan, Turn $turn, Notation $notation): self
    {
        return new self(
            paper_cell: $notation->exactly($plan->paperCell),
            photo_cell: $plan->photoCell === null ? '' : $notation->exactly($plan->photoCell),
            columns: $plan->columns,
            rows: $plan->rows,
            turn: $turn->value,
        );
    }
}
