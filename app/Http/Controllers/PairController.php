<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\House\Certificate;
use App\House\DeviceKeys;
use App\House\DeviceName;
use App\House\Door;
use App\House\Hub;
use App\House\Pairing;
use App\House\PairingRefused;
use App\House\Visitor;
use App\Wire\Said;
use App\Wording\Refusal;
use App\Wording\Say;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The one page a device sees that is not paired yet. It needs no script. */
final class PairController
{
    public function page(Request $request): Response|RedirectResponse
    {
        Door::of($request)->isHouse || throw new NotFoundHttpException;

        return Visitor::of($request)->device === null ? $this->form($request) : new RedirectResponse('/', 303);
    }

    public function pair(Request $request): Response|RedirectResponse
    {
        Door::of($request)->isHouse || throw new NotFoundHttpException;
        try {
            [$device, $key] = Pairing::redeem(Said::text($request, 'code'), DeviceName::of(Said::text($request, 'name')));
        } catch (PairingRefused $refused) {
            return $this->form($request, Refusal::of($refused))->setStatusCode($refused->reason === 'closed' ? 429 : 422);
        }
        Hub::tell(Hub::SHELF, ['paired' => $device->name]);
        $response = new RedirectResponse('/', 303);
        DeviceKeys::give($request, $response, $device, $key);

        return $response;
    }

    private function form(Request $request, string $trouble = ''): Response
    {
        $agent = (string) $request->userAgent();
        $kind = match (true) {
            str_contains($agent, 'Mobile') => 'phone',
            str_contains($agent, 'Android'), str_contains($agent, 'Tablet') => 'tablet',
            default => 'computer',
        };

        return new Response(view('pair', [
            'fingerprint' => Certificate::fingerprint(),
            'trouble' => $trouble,
            'code' => mb_strimwidth(Said::text($request, 'code'), 0, 12),
            'name' => Said::text($request, 'name') ?: Say::it("house.kind.{$kind}"),
        ]), 200, ['Cache-Control' => 'no-store']);
    }
}
