<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** What is to be said of something that has a name. */
#[OA\Schema]
final readonly class NotesJson
{
    /** @param  list<string>  $lines */
    public function __construct(#[OA\Property] public string $name, #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $lines)
    {
    }
}
