<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\BestPlan;
use App\Documents\Choices\BesideChoice;
use App\Http\Requests\SquareRequest;
use App\Imaging\ReadAhead;
use App\Models\Drawing;
use App\Models\Photo;
use App\Shots\SquaredPage;
use App\Wire\DrawingWriter;
use App\Wire\Json\FoundCornersJson;
use App\Wire\ShotsWriter;
use App\Wording\Say;
use Illuminate\Http\JsonResponse;
use InchLadder\Layout\Places;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** A reference that is a snapshot of a sketch or a page, squared up into a drawing of its own. */
final readonly class SquareController
{
    public function __construct(private SquaredPage $pages, private DrawingWriter $writer)
    {
    }

    public function find(Drawing $drawing): JsonResponse
    {
        $corners = $this->pages->find(self::picture($drawing));

        return new JsonResponse(new FoundCornersJson(Places::write($corners ?? ShotsWriter::START), $corners !== null, $corners === null ? Say::it('http.no page found') : null));
    }

    public function make(SquareRequest $request, Drawing $drawing): JsonResponse
    {
        $picture = self::picture($drawing);
        $read = $drawing->read();
        $squared = $this->pages->make($picture, $request->corners(), $request->ratio($read->choices->notation->unit), $request->isEven());
        ReadAhead::of($squared);
        $document = $read->document();
        $choices = BestPlan::begin([
            'title' => Say::it('http.squared', ['title' => $drawing->title()]),
            ...array_intersect_key($document, array_flip(['unit', 'ruler', 'reach', 'paper'])),
            'finish' => ['medium' => $read->json->finish->medium],
            'photo' => array_intersect_key((array) $read->json->photo, array_flip(['subject', 'source', 'permission'])),
            'beside' => [(array) new BesideChoice($picture->id, Say::it('http.as taken'))],
        ], $squared->width, $squared->height);

        return new JsonResponse($this->writer->drawing(Drawing::begin($squared, $choices->json)), 201);
    }

    private static function picture(Drawing $drawing): Photo
    {
        return $drawing->photo ?? throw new NotFoundHttpException(Say::it('http.no picture'));
    }
}
