<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\KeptPrinter;
use App\Wire\Json\PrinterJson;
use App\Wire\Json\PrinterRequest;
use App\Wire\Printers;
use App\Wire\Said;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use InchLadder\Measure\Unit;
use OpenApi\Attributes as OA;

/** Printers in reach, and their calibration. */
final class PrinterController
{
    /** @return list<PrinterJson> */
    #[OA\Get(path: '/api/printers', operationId: 'printers', parameters: [new OA\Parameter(name: 'unit', in: 'query', schema: new OA\Schema(type: 'string'))], responses: [new OA\Response(response: 200, description: 'All printers, by name.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: PrinterJson::class)))])]
    public function index(Request $request): array
    {
        return $this->printers($request)->all();
    }

    #[OA\Post(path: '/api/printers', operationId: 'keepPrinter', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: PrinterRequest::class)), responses: [new OA\Response(response: 201, description: 'Kept, in place of another of this name.', content: new OA\JsonContent(ref: PrinterJson::class)), new OA\Response(response: 422, ref: '#/components/responses/Trouble')])]
    public function store(Request $request): JsonResponse
    {
        $text = static fn (string $field): string => Said::text($request, $field);
        $printers = $this->printers($request);

        return new JsonResponse($printers->json($printers->keep($text('name'), $text('paper'), $text('border'), $text('measured_across'), $text('measured_down'))), 201);
    }

    #[OA\Delete(path: '/api/printers/{printer}', operationId: 'forgetPrinter', parameters: [new OA\Parameter(name: 'printer', in: 'path', required: true, schema: new OA\Schema(type: 'string'))], responses: [new OA\Response(response: 204, description: 'Forgotten.')])]
    public function destroy(KeptPrinter $printer): Response
    {
        $printer->delete();

        return new Response(status: 204);
    }

    private function printers(Request $request): Printers
    {
        return new Printers(Unit::tryFrom(Said::text($request, 'unit')) ?? Unit::Millimetre);
    }
}
