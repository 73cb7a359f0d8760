<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** What went wrong, as one sentence, and beside which choice it belongs. */
#[OA\Schema]
final readonly class Trouble
{
    public function __construct(
        #[OA\Property] public string $message,
        /** @var array<string, list<string>>|null */
        #[OA\Property(type: 'object', nullable: true, additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string')))] public ?array $errors,
        /** @var list<string>|null Parts that differ, on a stale save. */
        #[OA\Property(type: 'array', nullable: true, items: new OA\Items(type: 'string'))] public ?array $changed,
        #[OA\Property] public ?int $version,
        /** The step that undo takes back, of a drawing that cannot be opened as it is. */
        #[OA\Property] public ?string $undo,
    ) {
    }
}
