<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\House\DeviceName;
use App\House\Pairing;
use App\House\Visitor;
use App\Models\PairedDevice;
use App\Wire\HouseWriter;
use App\Wire\Said;
use App\Wording\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** Who of the house is let in. */
final readonly class HouseController
{
    public function __construct(private HouseWriter $writer)
    {
    }

    public function show(Request $request): JsonResponse
    {
        return new JsonResponse($this->writer->house($request));
    }

    public function code(Request $request): JsonResponse
    {
        self::assertMayPair($request);
        // At the computer itself, a stranger in the network cannot keep pairing shut.
        Visitor::of($request)->isAtComputer() && Pairing::reopen();

        return new JsonResponse($this->writer->code($request, Pairing::begin($request->boolean('may_pair'))), 201);
    }

    public function endCode(Request $request): Response
    {
        self::assertMayPair($request);
        Pairing::end();

        return new Response(status: 204);
    }

    public function change(Request $request, PairedDevice $device): JsonResponse
    {
        $mayPair = Visitor::of($request)->mayPair();
        $mayPair || Visitor::of($request)->isAt($device) || self::refuse();
        $device->fill(['name' => DeviceName::of(Said::text($request, 'name')), ...($mayPair ? ['may_pair' => $request->boolean('may_pair')] : [])])->save();

        return new JsonResponse($this->writer->house($request));
    }

    /** Takes a device off; one may always take off itself. */
    public function remove(Request $request, PairedDevice $device): Response
    {
        Visitor::of($request)->isAt($device) || self::assertMayPair($request);
        $device->delete();

        return new Response(status: 204);
    }

    private static function assertMayPair(Request $request): void
    {
        Visitor::of($request)->mayPair() || self::refuse();
    }

    private static function refuse(): never
    {
        throw new HttpException(403, Say::it('house.may not pair'));
    }
}
