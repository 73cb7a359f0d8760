<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Wire\Json\AboutJson;
use App\Wire\Libraries;
use Illuminate\Http\JsonResponse;

final class AboutController
{
    /** As composer.json and LICENSE say. */
    private const LICENCE = 'MIT';

    public function __invoke(): JsonResponse
    {
        $pages = public_path('build/manifest.json');

        return new JsonResponse(new AboutJson(config('inch.build'), is_file($pages) ? date(DATE_ATOM, (int) filemtime($pages)) : null, self::LICENCE, Libraries::all()));
    }
}
