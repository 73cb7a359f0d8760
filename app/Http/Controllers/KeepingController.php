<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Keeping\DatabaseCare;
use App\Keeping\KeepingRecord;
use App\Keeping\PutAside;
use App\Wire\Json\KeepingJson;
use App\Wire\Json\WaitingJson;
use App\Wording\Say;
use Illuminate\Http\JsonResponse;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What the first page says of the data folder: a damaged database that waits, backups that are missing. */
final class KeepingController
{
    public function show(): JsonResponse
    {
        return self::said('');
    }

    public function takeOver(string $name): JsonResponse
    {
        $saved = (new DatabaseCare(self::data()))->salvage(self::waiting($name));

        return self::said(Say::counted('keeping.taken over', $saved));
    }

    public function decline(string $name): JsonResponse
    {
        self::waiting($name)->settle(PutAside::DECLINED);

        return self::said('');
    }

    private static function said(string $said): JsonResponse
    {
        $data = self::data();
        $record = new KeepingRecord($data);
        $why = $record->whyNotCopied();
        $old = config('inch.backup') === null ? null : $record->lastCopyIfOld(now());

        return new JsonResponse(new KeepingJson(
            array_map(static fn (PutAside $one): WaitingJson => new WaitingJson($one->name(), Say::it('keeping.put aside', ['folder' => $one->name()])), PutAside::open($data)),
            array_values(array_filter([
                $record->databaseIsDamaged() ? Say::it('keeping.damaged now') : null,
                $why === null ? null : Say::it('keeping.copy failed', ['why' => $why]),
                $old === null ? null : Say::it('keeping.copy old', ['date' => $old->format('Y-m-d')]),
            ])),
            $said,
        ));
    }

    private static function waiting(string $name): PutAside
    {
        return PutAside::named(self::data(), $name) ?? throw new NotFoundHttpException(Say::it('keeping.unknown'));
    }

    private static function data(): string
    {
        return (string) config('inch.data');
    }
}
