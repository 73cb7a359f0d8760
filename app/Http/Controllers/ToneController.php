<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Drawing;
use App\Wire\Json\TonesJson;
use App\Wire\Json\ToneSpotJson;
use App\Wire\TonesWriter;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Light and dark. */
final readonly class ToneController
{
    public function __construct(private TonesWriter $writer)
    {
    }

    #[OA\Get(path: '/api/drawings/{drawing}/tones', operationId: 'tones', parameters: [new OA\Parameter(ref: '#/components/parameters/drawing')], responses: [new OA\Response(response: 200, description: 'The tone bar, and what there is of it.', content: new OA\JsonContent(ref: TonesJson::class))])]
    public function show(Drawing $drawing): JsonResponse
    {
        return new JsonResponse($this->writer->tones($drawing, $drawing->plan()));
    }

    #[OA\Get(path: '/api/drawings/{drawing}/tones/at', operationId: 'probe', parameters: [new OA\Parameter(ref: '#/components/parameters/drawing'), new OA\Parameter(name: 'x', in: 'query', required: true, schema: new OA\Schema(type: 'number')), new OA\Parameter(name: 'y', in: 'query', required: true, schema: new OA\Schema(type: 'number'))], responses: [new OA\Response(response: 200, description: 'The tone of one place; shares of the crop.', content: new OA\JsonContent(ref: ToneSpotJson::class)), new OA\Response(response: 404, ref: '#/components/responses/Trouble')])]
    public function probe(Request $request, Drawing $drawing): JsonResponse
    {
        $share = static fn (string $name): float => max(0, min(1, $request->float($name)));

        return new JsonResponse($this->writer->probe($drawing->photo ?? throw new NotFoundHttpException('There is no picture to read tones from; only its sizes are known.'), $drawing->plan(), $share('x'), $share('y')));
    }
}
