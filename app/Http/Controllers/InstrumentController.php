<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Wire\Instruments;
use App\Wire\Said;
use App\Wire\Words;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use InchLadder\Measure\Unit;

/** What needs no drawing. */
final readonly class InstrumentController
{
    public function scale(Request $request): JsonResponse
    {
        return new JsonResponse(self::with($request)->scale(...self::typed($request, 'photo', 'paper', 'length', 'part')));
    }

    public function dividers(Request $request): JsonResponse
    {
        return new JsonResponse(self::with($request)->dividers(...self::typed($request, 'length', 'ratio')));
    }

    public function square(Request $request): JsonResponse
    {
        return new JsonResponse(self::with($request)->square(...self::typed($request, 'width', 'height', 'falling', 'rising')));
    }

    public function papers(Request $request): JsonResponse
    {
        return new JsonResponse(self::with($request)->papers());
    }

    public function words(): JsonResponse
    {
        return new JsonResponse(Words::all());
    }

    public function weight(Request $request): JsonResponse
    {
        return new JsonResponse(Words::weight(...self::typed($request, 'weight', 'basis')));
    }

    private static function with(Request $request): Instruments
    {
        return new Instruments(Unit::tryFrom(Said::text($request, 'unit')) ?? Unit::Inch);
    }

    /** @return list<string> */
    private static function typed(Request $request, string ...$names): array
    {
        return array_map(static fn (string $name): string => Said::text($request, $name), array_values($names));
    }
}
