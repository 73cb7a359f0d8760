<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\KeptPrinter;
use App\Wire\Json\PrinterJson;
use App\Wire\Printers;
use App\Wire\Said;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use InchLadder\Measure\Unit;

/** Printers in reach, and their calibration. */
final class PrinterController
{
    /** @return list<PrinterJson> */
    public function index(Request $request): array
    {
        return $this->printers($request)->all();
    }

    public function store(Request $request): JsonResponse
    {
        $text = static fn (string $field): string => Said::text($request, $field);
        $printers = $this->printers($request);

        return new JsonResponse($printers->json($printers->keep($text('name'), $text('paper'), $text('border'), $text('measured_across'), $text('measured_down'))), 201);
    }

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
