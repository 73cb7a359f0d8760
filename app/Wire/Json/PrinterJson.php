<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A printer in reach, and what it makes of lengths. */
#[OA\Get(
    path: '/api/printers',
    operationId: 'printers',
    parameters: [new OA\Parameter(name: 'unit', in: 'query', schema: new OA\Schema(type: 'string'))],
    responses: [new OA\Response(response: 200, description: 'All printers, by name.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: PrinterJson::class)))],
)]
#[OA\Post(
    path: '/api/printers',
    operationId: 'keepPrinter',
    requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: PrinterRequest::class)),
    responses: [new OA\Response(response: 201, description: 'Kept, in place of another of this name.', content: new OA\JsonContent(ref: PrinterJson::class)), new OA\Response(response: 422, ref: '#/components/responses/Trouble')],
)]
#[OA\Delete(
    path: '/api/printers/{printer}',
    operationId: 'forgetPrinter',
    parameters: [new OA\Parameter(name: 'printer', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
    responses: [new OA\Response(response: 204, description: 'Forgotten.')],
)]
#[OA\Schema]
final readonly class PrinterJson
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $name,
        /** A catalogue name or a size. */
        #[OA\Property] public string $paper,
        /** Kept free on each side. */
        #[OA\Property] public string $border,
        /** As its calibration page has it. */
        #[OA\Property] public string $bar_across,
        #[OA\Property] public string $bar_down,
        /** As it was read off the printed page; null until then. */
        #[OA\Property(nullable: true)] public ?string $measured_across,
        #[OA\Property(nullable: true)] public ?string $measured_down,
        #[OA\Property] public string $says,
    ) {
    }
}
