<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Drawing;
use App\Wire\FoldingWriter;
use App\Wire\Json\GuideLinesJson;
use App\Wire\Json\SharesJson;
use App\Wire\MarkingWriter;
use App\Wire\Said;
use App\Wire\SharesWriter;
use App\Wording\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use InchLadder\Layout\Hand;
use InchLadder\Marks\EndUse;
use InchLadder\Marks\GuideLines;
use InchLadder\Marks\Out\Board;
use InchLadder\Marks\Out\MarkingOut;
use InchLadder\Paper\Surface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Marking out, with a ruler or by folding; and what has been made of it. */
final class MarkingController
{
    public function show(Request $request, Drawing $drawing, string $board): JsonResponse
    {
        return new JsonResponse($this->writer($request, $drawing, $board)->json());
    }

    /** Ticks one off, or takes that back; the answer is the walk as it is then. */
    public function tick(Request $request, Drawing $drawing, string $board, string $tick): JsonResponse
    {
        $place = $this->writer($request, $drawing, $board)->places()[$tick] ?? throw new NotFoundHttpException(Say::it('http.mark unknown'));
        $done = $request->boolean('done');
        $drawing->tick($board, [$tick => $done ? $place : null], $done ? Say::it('http.done.mark made') : Say::it('http.done.mark taken back'));

        return $this->show($request, $drawing, $board);
    }

    /** Begins again: nothing is ticked on this board. */
    public function clear(Drawing $drawing, string $board): Response
    {
        $drawing->tick($board, $drawing->markTicks()->where('board', $board)->pluck('tick')->mapWithKeys(static fn (string $tick): array => [$tick => null])->all(), Say::it('http.done.marking begun again'));

        return new Response(status: 204);
    }

    public function folding(Drawing $drawing): JsonResponse
    {
        return new JsonResponse((new FoldingWriter($drawing->plan()))->json());
    }

    /** @return list<SharesJson> */
    public function shares(Drawing $drawing): array
    {
        return (new SharesWriter($drawing->plan()))->all();
    }

    public function pencil(Request $request): JsonResponse
    {
        $surface = Surface::tryFrom(Said::text($request, 'surface')) ?? Surface::Toothed;
        $use = EndUse::tryFrom(Said::text($request, 'use')) ?? EndUse::Erased;
        $advice = GuideLines::on($surface, $use);

        return new JsonResponse(new GuideLinesJson(array_column(Surface::cases(), 'value'), array_column(EndUse::cases(), 'value'), $surface->value, $use->value, Say::it("pencils.pencil.{$advice->pencil}"), Say::it("pencils.pressure.{$advice->pressure}"), Say::it("pencils.after.{$advice->after}"), $advice->edgesOnly));
    }

    private function writer(Request $request, Drawing $drawing, string $board): MarkingWriter
    {
        $plan = $drawing->plan();
        $marked = $board === 'photo' ? (Board::photo($plan->layout) ?? throw new NotFoundHttpException(Say::it('http.no print'))) : Board::paper($plan->layout);
        $hand = Hand::tryFrom(Said::text($request, 'hand')) ?? Hand::Right;

        return new MarkingWriter($plan, MarkingOut::of($marked, $hand, $plan->choices->reach), $drawing);
    }
}
