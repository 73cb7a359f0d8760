<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Drawing;
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

    public function probe(Request $request, Drawing $drawing): JsonResponse
    {
        $share = static fn (string $name): float => max(0, min(1, $request->float($name)));

        return new JsonResponse($this->writer->probe(
            $drawing->photo ?? throw new NotFoundHttpException(Say::it('http.no picture')), $drawing->plan(), $share('x'), $share('y'), $request->has(['from_x', 'from_y']) ? [$share('from_x'), $share('from_y')] : null,
        ));
    }
}
