<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Drawing;
use App\Wire\NextWriter;
use App\Wire\Said;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use InchLadder\Layout\Hand;

/** What comes next on a drawing. */
final readonly class NextController
{
    public function __construct(private NextWriter $writer)
    {
    }

    public function __invoke(Request $request, Drawing $drawing): JsonResponse
    {
        $hand = Hand::tryFrom(Said::text($request, 'hand')) ?? Hand::Right;

        return new JsonResponse($this->writer->next($drawing, $drawing->plan(), $hand, Said::text($request, 'step')));
    }
}
