<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Archive\MarkList;
use App\Documents\BestPlan;
use App\Exceptions\DrawingUnworkable;
use App\Http\Requests\AnotherSheetRequest;
use App\Http\Requests\ChoicesInput;
use App\Http\Requests\PhotoRequest;
use App\Imaging\PhotoStore;
use App\Imaging\ReadAhead;
use App\Keeping\Bin;
use App\Models\Drawing;
use App\Models\Revision;
use App\Models\Sheets;
use App\Wire\DrawingWriter;
use App\Wire\Json\BinJson;
use App\Wire\Json\ChangeJson;
use App\Wire\Json\MainLineJson;
use App\Wire\Json\ShelfEntryJson;
use App\Wire\MainLines;
use App\Wire\PlanWriter;
use App\Wire\Said;
use App\Wire\ShelfMemory;
use App\Wire\Touched;
use App\Wording\Phrases;
use App\Wording\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use InchLadder\Layout\Hand;
use InchLadder\Plan\Plan;

final readonly class DrawingController
{
    /** Boards of the shelf that are asked for at once. */
    private const PAGE = 24;

    /** Signs of a title that leave room for what is added to it. */
    private const TITLE = 100;

    /** Changes that are listed, before and after where the drawing stands. */
    private const CHANGES = 40;

    public function __construct(private PhotoStore $photos, private DrawingWriter $writer)
    {
    }

    /** @return list<ShelfEntryJson> */
    public function index(Request $request, ShelfMemory $memory): array
    {
        $hand = Hand::tryFrom(Said::text($request, 'hand')) ?? Hand::Right;

        $page = Drawing::listed(Said::text($request, 'search'), Said::text($request, 'sort') === 'name')->with('photo')
            ->offset(max(0, min(1_000_000, $request->integer('from'))))->limit(self::PAGE)->get();

        // Sheets of one drawing lie side by side, however long ago they were touched.
        $beside = Drawing::query()->with('photo')->whereIn('work', $page->pluck('work')->filter())->whereNotIn('id', $page->pluck('id'))->orderBy('created_at')->get();

        return array_values($page->concat($beside)->map(fn (Drawing $drawing): ShelfEntryJson => $memory->entry($drawing, $hand))->all());
    }

    public function store(PhotoRequest $request): JsonResponse
    {
        if ($request->isForSizes()) {
            $choices = BestPlan::begin([...$request->start(), 'title' => Say::it('http.sizes only'), 'photo' => ['kind' => 'sizes', ...$request->sizes()]], null, null);
            Plan::of($choices->choices);

            return new JsonResponse($this->writer->drawing(Drawing::begin(null, $choices->json)), 201);
        }
        $photo = $this->photos->take($request->photo());
        ReadAhead::of($photo);
        $choices = BestPlan::begin([...$request->start(), 'title' => $request->title()], $photo->width, $photo->height);

        return new JsonResponse($this->writer->drawing(Drawing::begin($photo, $choices->json)), 201);
    }

    /** @throws DrawingUnworkable */
    public function show(Drawing $drawing): JsonResponse
    {
        return new JsonResponse($this->writer->opened($drawing));
    }

    /** @return list<MainLineJson> the strongest level and upright edges of the crop */
    public function edges(Drawing $drawing): array
    {
        return $drawing->photo === null ? [] : MainLines::of($this->photos, $drawing->photo, $drawing->plan());
    }

    public function marks(Drawing $drawing, string $format): Response
    {
        $plan = $drawing->plan();

        return $format === 'csv'
            ? new Response((new MarkList($plan))->csv(), 200, ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="marks.csv"'])
            : new Response((string) json_encode((new PlanWriter($plan))->plan()->marks, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE), 200, ['Content-Type' => 'application/json']);
    }

    public function update(ChoicesInput $request, Drawing $drawing): JsonResponse
    {
        $followed = $drawing->followed($request->choices());
        $plan = Plan::of($followed->read->choices);
        $touched = Touched::by($followed->read, $plan, $drawing);

        // What cannot be answered is not kept either.
        return $drawing->allOrNone(function () use ($drawing, $followed, $request, $plan, $touched): JsonResponse {
            $drawing->decide($followed->read->json, $request->version());

            return new JsonResponse($this->writer->drawing($drawing, $followed->read, $plan, trim("{$followed->said} {$touched}")));
        });
    }

    public function undo(Request $request, Drawing $drawing): JsonResponse
    {
        return $this->step($request, $drawing, -1);
    }

    public function redo(Request $request, Drawing $drawing): JsonResponse
    {
        return $this->step($request, $drawing, 1);
    }

    /** @return list<ChangeJson> the latest first; what was taken back and can be brought back before it */
    public function changes(Drawing $drawing): array
    {
        return array_map(static fn (Revision $one): ChangeJson => new ChangeJson(
            $one->position,
            $one->what === 'begun' ? Say::it('choices.begun') : Phrases::step($one->what),
            $one->created_at->toIso8601String(),
            $one->position <=> $drawing->position,
        ), $drawing->history(self::CHANGES));
    }

    public function stepTo(Request $request, Drawing $drawing, int $position): JsonResponse
    {
        $drawing->stepTo($position, $request->integer('version'), $request->has('edits') ? $request->integer('edits') : null);

        return $this->show($drawing);
    }

    /** The same picture and plan once more, as a drawing of its own. */
    public function duplicate(Drawing $drawing): JsonResponse
    {
        $title = Say::it('http.copied', ['title' => mb_strimwidth($drawing->title(), 0, self::TITLE)]);

        return new JsonResponse($this->writer->drawing((new Sheets($drawing))->duplicate($title)), 201);
    }

    public function destroy(Drawing $drawing): Response
    {
        (new Sheets($drawing))->binAll();

        return new Response(status: 204);
    }

    public function restore(string $drawing): JsonResponse
    {
        $found = Drawing::onlyTrashed()->findOrFail($drawing);
        (new Sheets($found))->restoreAll();

        return new JsonResponse($this->writer->drawing($found));
    }

    public function another(AnotherSheetRequest $request, Drawing $drawing): JsonResponse
    {
        return new JsonResponse($this->writer->drawing((new Sheets($drawing))->another($request->purpose())), 201);
    }

    public function takeSheetAway(Drawing $drawing): Response
    {
        (new Sheets($drawing))->takeAway();

        return new Response(status: 204);
    }

    public function binned(Bin $bin): JsonResponse
    {
        return new JsonResponse(new BinJson($bin->count()));
    }

    public function emptyBin(Bin $bin): JsonResponse
    {
        $bin->empty();

        return new JsonResponse(new BinJson($bin->count()));
    }

    private function step(Request $request, Drawing $drawing, int $by): JsonResponse
    {
        $drawing->step($by, $request->integer('version'), $request->has('edits') ? $request->integer('edits') : null);

        return $this->show($drawing);
    }
}
