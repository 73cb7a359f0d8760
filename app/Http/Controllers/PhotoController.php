<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\Choices\BesideChoice;
use App\Http\Requests\PhotoRequest;
use App\Imaging\PhotoStore;
use App\Models\Photo;
use App\Wire\FramingQuery;
use App\Wire\Said;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use InchLadder\Tone\Tones;
use InchLadder\Tone\ValueScale;
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
        $lightness = static fn (string $name): float => max(0, min(200, $request->float($name)));
        preg_match_all('/\d{1,3}/', Said::text($request, 'greys'), $found);
        $greys = array_map(static fn (string $grey): int => min(255, (int) $grey), $found[0]);
        $scale = ValueScale::of(count($greys), $lightness('light'), $lightness('dark'));
        assert($greys !== []);
        $drop = max(0, min(Tones::MOST_DROP, $request->integer('drop')));

        return new BinaryFileResponse($this->photos->fewTones($photo, FramingQuery::read($request), $scale, $greys, $drop), 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => self::KEEP]);
    }

    public function cut(Request $request, Photo $photo): Response
    {
        $share = static fn (string $side): float => max(0, min(1, $request->float($side)));
        $part = [min(0.999, $share('left')), min(0.999, $share('top')), $share('width'), $share('height')];

        return new Response($this->photos->cut($photo, $part, self::LARGEST_CUT, FramingQuery::read($request)), 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => self::KEEP]);
    }
}
