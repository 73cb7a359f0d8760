<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\Choices\BesideChoice;
use App\Http\Requests\PhotoRequest;
use App\Imaging\PhotoStore;
use App\Models\Photo;
use App\Wire\FramingQuery;
use App\Wire\TonesQuery;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Pictures are named by what they show and never change, so a browser may keep them for good. */
final readonly class PhotoController
{
    private const KEEP = 'public, max-age=31536000, immutable';

    /** Longer side of the largest cut, in pixels: sharper than any screen shows a cell. */
    private const LARGEST_CUT = 1600;

    public function __construct(private PhotoStore $photos)
    {
    }

    public function store(PhotoRequest $request): JsonResponse
    {
        return new JsonResponse(new BesideChoice($this->photos->take($request->photo())->id, $request->title()), 201);
    }

    public function preview(Request $request, Photo $photo): BinaryFileResponse
    {
        return new BinaryFileResponse($this->photos->preview($photo, FramingQuery::read($request)), 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => self::KEEP]);
    }

    public function tones(Request $request, Photo $photo): BinaryFileResponse
    {
        return new BinaryFileResponse($this->photos->fewTones($photo, FramingQuery::read($request), TonesQuery::read($request)), 200, ['Content-Type' => 'image/png', 'Cache-Control' => self::KEEP]);
    }

    public function cut(Request $request, Photo $photo): Response
    {
        $share = static fn (string $side): float => max(0, min(1, $request->float($side)));
        $part = [min(0.999, $share('left')), min(0.999, $share('top')), $share('width'), $share('height')];

        return new Response($this->photos->cut($photo, $part, self::LARGEST_CUT, FramingQuery::read($request), $request->has('greys') ? TonesQuery::read($request) : null), 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => self::KEEP]);
    }
}
