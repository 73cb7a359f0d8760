<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** Who of the house is let in. */
#[OA\Get(
    path: '/api/house',
    operationId: 'house',
    responses: [new OA\Response(response: 200, description: 'Who is let in, as far as who asks may know.', content: new OA\JsonContent(ref: HouseJson::class))],
)]
#[OA\Schema]
final readonly class HouseJson
{
    /**
     * @param  list<string>  $addresses
     * @param  list<DeviceJson>  $devices
     */
    public function __construct(
        /** Where it is found from other devices; empty while it serves this machine alone. */
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $addresses,
        /** Of the certificate authority, SHA-256; null while there is none. */
        #[OA\Property(nullable: true)] public ?string $fingerprint,
        /** Whether who asks may let in others. */
        #[OA\Property] public bool $may_pair,
        /** Whether a code is waiting for its device. */
        #[OA\Property] public bool $waiting,
        /** Why nobody is let in for the time being; null while it is open. */
        #[OA\Property(nullable: true)] public ?string $closed,
        /** All of them where one may let in others, else the one that asks; seen last first. */
        #[OA\Property(items: new OA\Items(ref: DeviceJson::class))] public array $devices,
    ) {
    }
}
