<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\House\Hub;
use App\House\Visitor;
use App\Http\Requests\PointingRequest;
use App\Models\Drawing;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What is done to a drawing on one device, told on the others at once. */
final class TogetherController
{
    public function shelf(Request $request): Response
    {
        return self::stream($request, Hub::SHELF);
    }

    public function drawing(Request $request, Drawing $drawing): Response
    {
        return self::stream($request, $drawing->id);
    }

    /** Shows on the others what is pointed at here; nothing is kept. */
    public function point(PointingRequest $request, Drawing $drawing): Response
    {
        Hub::tell($drawing->id, ['pointing' => $request->pointing()]);

        return new Response(status: 204);
    }

    /** The front gives the stream; where there is none, the page is told not to ask again (HTML, 9.2.3). */
    private static function stream(Request $request, string $channel): Response
    {
        $stream = Hub::stream($channel, Visitor::of($request));

        return $stream === null ? new Response(status: 204) : new Response('', 200, [Hub::HEADER => $stream, 'Cache-Control' => 'no-store']);
    }
}
