<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Drawing;
use App\Wire\ColoursWriter;
use App\Wire\Json\StrokesJson;
use App\Wire\StrokesWriter;
use App\Wire\TonesWriter;
use App\Wording\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Light and dark. */
final readonly class ToneController
{
    public function __construct(private TonesWriter $writer)
    {
    }

    public function show(Drawing $drawing): JsonResponse
    {
        return new JsonResponse($this->writer->tones($drawing, $drawing->plan()));
    }

    /** @return list<StrokesJson> */
    public function strokes(StrokesWriter $strokes, Drawing $drawing): array
    {
        return $strokes->strokes($drawing);
    }

    public function colour(ColoursWriter $colours, Request $request, Drawing $drawing): JsonResponse
    {
        return new JsonResponse($colours->at($drawing->photo ?? throw new NotFoundHttpException(Say::it('http.no picture')), $drawing->plan(), self::share($request, 'x'), self::share($request, 'y')));
    }

    public function probe(Request $request, Drawing $drawing): JsonResponse
    {
        return new JsonResponse($this->writer->probe(
            $drawing->photo ?? throw new NotFoundHttpException(Say::it('http.no picture')), $drawing->plan(), self::share($request, 'x'), self::share($request, 'y'), $request->has(['from_x', 'from_y']) ? [self::share($request, 'from_x'), self::share($request, 'from_y')] : null,
        ));
    }

    private static function share(Request $request, string $name): float
    {
        return max(0, min(1, $request->float($name)));
    }
}
