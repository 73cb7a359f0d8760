<?php

declare(strict_types=1);

namespace App\Http;

use App\Exceptions\DrawingUnworkable;
use App\Exceptions\StaleSave;
use App\Exceptions\StorageFailed;
use App\Imaging\PhotoRefused;
use App\Wording\DatabaseTrouble;
use App\Wording\Refusal;
use App\Wording\Say;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\QueryException;
use Illuminate\Database\SQLiteDatabaseDoesNotExistException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\MalformedUrlException;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use InchLadder\Impossible;
use InchLadder\Measure\Unit;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Turns what went wrong into one plain sentence and the right status. */
final class ExceptionRenderer
{
    public static function register(Exceptions $exceptions): void
    {
        // By the path as it came: one that is no text is no match for a pattern.
        $exceptions->shouldRenderJsonWhen(fn (Request $request): bool => str_starts_with($request->getPathInfo(), '/api/'));
        $exceptions->dontReport([Impossible::class, StorageFailed::class, StaleSave::class, DrawingUnworkable::class]);

        $exceptions->render(function (Impossible $e, Request $request): JsonResponse {
            $said = Refusal::of($e, self::unit($request));

            return self::say(422, $said, ['errors' => [$e->choice() => [$said]]]);
        });
        $exceptions->render(fn (StaleSave $e): JsonResponse => self::say(409, self::stale($e), ['changed' => $e->changed, 'version' => $e->version]));
        $exceptions->render(fn (DrawingUnworkable $e): JsonResponse => self::say(422, $e->getMessage(), ['version' => $e->version, 'undo' => $e->undo]));
        $exceptions->render(fn (StorageFailed $e): JsonResponse => self::say($e->isFull ? 507 : 503, Refusal::of($e)));
        $exceptions->render(fn (MalformedUrlException $e): JsonResponse => self::say(400, Say::it('http.address unreadable')));
        $exceptions->render(fn (PostTooLargeException $e): JsonResponse => self::say(413, Refusal::of(PhotoRefused::tooHeavy())));
        $exceptions->render(fn (NotFoundHttpException $e, Request $request): ?JsonResponse => $e->getPrevious() instanceof ModelNotFoundException && $request->is('api/*')
            ? self::say(404, Say::it('http.drawing unknown'))
            : null);
        // A commit that fails is no QueryException: the driver's own comes through.
        $exceptions->render(fn (SQLiteDatabaseDoesNotExistException|\PDOException $e): ?JsonResponse => ($trouble = DatabaseTrouble::of($e)) === null ? null : self::say($trouble->isFull ? 507 : 503, $trouble->sentence));
    }

    private static function stale(StaleSave $e): string
    {
        return $e->changed === []
            ? Say::it('refused.changed elsewhere.it')
            : Say::it('refused.changed elsewhere.rungs', ['steps' => Say::listed($e->changed)]);
    }

    /** The unit that is worked in, as far as the request says it. */
    private static function unit(Request $request): ?Unit
    {
        $unit = $request->input('choices.unit') ?? $request->input('unit');

        return is_string($unit) ? Unit::tryFrom($unit) : null;
    }

    /** @param  array<string, mixed>  $more */
    private static function say(int $status, string $sentence, array $more = []): JsonResponse
    {
        return new JsonResponse(['message' => $sentence, ...$more], $status);
    }
}
