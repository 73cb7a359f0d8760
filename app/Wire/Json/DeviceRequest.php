<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** What a device is called, and may do. */
#[OA\Put(
    path: '/api/house/devices/{device}',
    operationId: 'changeDevice',
    parameters: [new OA\Parameter(name: 'device', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
    requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: DeviceRequest::class)),
    responses: [new OA\Response(response: 200, description: 'Changed.', content: new OA\JsonContent(ref: HouseJson::class)), new OA\Response(response: 422, ref: '#/components/responses/Trouble')],
)]
#[OA\Delete(
    path: '/api/house/devices/{device}',
    operationId: 'takeOff',
    parameters: [new OA\Parameter(name: 'device', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
    responses: [new OA\Response(response: 204, description: 'Out, at once.')],
)]
#[OA\Schema]
final readonly class DeviceRequest
{
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public bool $may_pair,
    ) {
    }
}
