<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Devices\SwatchRehearsal;
use App\Http\Requests\PhotoRequest;
use App\Models\Drawing;
use App\Models\OwnPencil;
use App\Shots\SwatchReader;
use App\Wire\Json\PencilJson;
use App\Wire\Json\SwatchJson;
use App\Wire\Pencils;
use App\Wire\Said;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The pencils one owns, and their swatches. */
final readonly class PencilController
{
    public function __construct(private SwatchReader $reader)
    {
    }

    /** @return list<PencilJson> */
    public function index(): array
    {
        return Pencils::all();
    }

    public function store(Request $request): JsonResponse
    {
        return new JsonResponse(Pencils::keep(...array_map(static fn (string $field): string => Said::text($request, $field), ['id', 'name', 'kind', 'firm', 'soft'])), 201);
    }

    public function box(Request $request): JsonResponse
    {
        return new JsonResponse(Pencils::keepBox(Said::text($request, 'box'), Said::text($request, 'kind')), 201);
    }

    public function destroy(OwnPencil $pencil): Response
    {
        $pencil->delete();

        return new Response(status: 204);
    }

    /** @return list<SwatchJson> */
    public function read(PhotoRequest $request, Drawing $drawing): array
    {
        return Pencils::swatches($this->reader->read($request->photo(), $drawing->id, OwnPencil::names()));
    }

    /** @return list<SwatchJson> */
    public function rehearse(Drawing $drawing, SwatchRehearsal $camera): array
    {
        return $camera->taken($drawing, fn (string $path): array => Pencils::swatches($this->reader->read($path, $drawing->id, OwnPencil::names())));
    }
}
