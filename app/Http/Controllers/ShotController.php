<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Archive\PlaceList;
use App\Devices\SimulatedCamera;
use App\Documents\Choices\BesideChoice;
use App\Documents\Choices\ShotChoice;
use App\Documents\Choices\ShotReading;
use App\Models\Drawing;
use App\Models\Photo;
use App\Shots\KeptShots;
use App\Wire\CompareWriter;
use App\Wire\Said;
use App\Wire\ShotsWriter;
use App\Wording\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use InchLadder\Layout\Places;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Photographs of the drawing, and what they tell. */
#[OA\Post(
    path: '/api/drawings/{drawing}/rehearsed-shot',
    operationId: 'rehearseShot',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing')],
    responses: [new OA\Response(response: 201, description: 'A shot by the simulated camera, with one mistake or none.', content: new OA\JsonContent(ref: BesideChoice::class))],
)]
#[OA\Get(
    path: '/api/drawings/{drawing}/shots/{photo}/at',
    operationId: 'placeOnShot',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing'), new OA\Parameter(ref: '#/components/parameters/photo'), new OA\Parameter(name: 'name', in: 'query', schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'x', in: 'query', required: true, schema: new OA\Schema(type: 'number')), new OA\Parameter(name: 'y', in: 'query', required: true, schema: new OA\Schema(type: 'number'))],
    responses: [new OA\Response(response: 200, description: 'Where a place of the drawing area, in shares of it, is seen on the shot.', content: new OA\JsonContent(ref: ShotReading::class))],
)]
final readonly class ShotController
{
    private const KEEP = 'private, max-age=31536000, immutable';

    public function __construct(private KeptShots $kept, private ShotsWriter $writer)
    {
    }

    public function index(Drawing $drawing): JsonResponse
    {
        return new JsonResponse($this->writer->shots($drawing));
    }

    public function show(Drawing $drawing, Photo $photo): JsonResponse
    {
        $plan = $drawing->plan();

        return new JsonResponse((new CompareWriter($plan, $this->kept->opinion($drawing, $plan, $this->shot($drawing, $photo), $photo)))->compare());
    }

    public function places(Drawing $drawing, Photo $photo): Response
    {
        $plan = $drawing->plan();

        $opinion = $this->kept->opinion($drawing, $plan, $this->shot($drawing, $photo), $photo);

        return new Response((new PlaceList($plan, $opinion->comparison->wanted, $opinion->verdict))->csv(), 200, ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="places.csv"']);
    }

    public function corners(Drawing $drawing, Photo $photo): JsonResponse
    {
        return new JsonResponse($this->writer->corners($drawing, $photo));
    }

    public function ruled(Drawing $drawing, Photo $photo): JsonResponse
    {
        return new JsonResponse($this->writer->ruled($drawing, $this->shot($drawing, $photo), $photo));
    }

    public function at(Request $request, Drawing $drawing, Photo $photo): JsonResponse
    {
        return new JsonResponse(new ShotReading(Said::text($request, 'name'), Places::write([$this->kept->seen($drawing, $drawing->plan(), $this->shot($drawing, $photo), $photo, max(-1.0, min(2.0, $request->float('x'))), max(-1.0, min(2.0, $request->float('y'))))])));
    }

    public function contours(Drawing $drawing): JsonResponse
    {
        return new JsonResponse($this->writer->contours($drawing));
    }

    public function flat(Request $request, Drawing $drawing, Photo $photo): BinaryFileResponse
    {
        return new BinaryFileResponse($this->kept->flat($drawing, $drawing->plan(), $this->shot($drawing, $photo), $photo, $request->boolean('even')), 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => self::KEEP]);
    }

    public function rehearse(Drawing $drawing, SimulatedCamera $camera): JsonResponse
    {
        return new JsonResponse($this->writer->rehearsed($drawing, $camera), 201);
    }

    private function shot(Drawing $drawing, Photo $photo): ShotChoice
    {
        foreach ($drawing->read()->json->shots as $shot) {
            if ($shot->id === $photo->id) {
                return $shot;
            }
        }

        throw new NotFoundHttpException(Say::it('http.no picture'));
    }
}
