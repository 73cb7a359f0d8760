<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Archive\SittingList;
use App\Http\Requests\LessonRequest;
use App\Http\Requests\SittingRequest;
use App\Models\Drawing;
use App\Wire\LogWriter;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/** The record of a drawing: its sittings, what they took, what they left open and taught. */
final class LogController
{
    public function show(Drawing $drawing): JsonResponse
    {
        return new JsonResponse(LogWriter::log($drawing));
    }

    public function csv(Drawing $drawing): Response
    {
        return new Response(SittingList::csv($drawing), 200, ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="'.(Str::slug($drawing->title()) ?: 'drawing').'-log.csv"']);
    }

    public function sit(SittingRequest $request, Drawing $drawing): Response
    {
        $drawing->sit($request->what(), $request->seconds(), (float) Carbon::now()->getTimestamp());

        return new Response(status: 204);
    }

    public function lesson(LessonRequest $request, Drawing $drawing, int $sitting): Response
    {
        $drawing->sittings()->findOrFail($sitting)->update(['lesson' => $request->lesson()]);

        return new Response(status: 204);
    }
}
