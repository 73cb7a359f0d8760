<?php

declare(strict_types=1);

namespace App\Exceptions;

use App\Imaging\PhotoRefused;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\QueryException;
use Illuminate\Database\SQLiteDatabaseDoesNotExistException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\MalformedUrlException;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use InchLadder\Impossible;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Turns what went wrong into one plain sentence and the right status. */
final class Answers
{
    private const DATABASE_MISSING = 'The database file is missing; put it back where it was, or run ./bin/start again for a new one. Photos are kept apart and are safe.';

    public static function register(Exceptions $exceptions): void
    {
        // By the path as it came: one that is no text is no match for a pattern.
        $exceptions->shouldRenderJsonWhen(fn (Request $request): bool => str_starts_with($request->getPathInfo(), '/api/'));
        $exceptions->dontReport([Impossible::class, StorageFailed::class, StaleSave::class]);

        $exceptions->render(fn (Impossible $e): JsonResponse => self::say(422, $e->getMessage(), ['errors' => [$e->choice() => [$e->getMessage()]]]));
        $exceptions->render(fn (StaleSave $e): JsonResponse => self::say(409, $e->getMessage(), ['changed' => $e->changed, 'version' => $e->version]));
        $exceptions->render(fn (StorageFailed $e): JsonResponse => self::say(507, $e->getMessage()));
        $exceptions->render(fn (MalformedUrlException $e): JsonResponse => self::say(400, 'This address is no text that can be read.'));
        $exceptions->render(fn (PostTooLargeException $e): JsonResponse => self::say(413, PhotoRefused::tooHeavy()->getMessage()));
        $exceptions->render(fn (NotFoundHttpException $e, Request $request): ?JsonResponse => $e->getPrevious() instanceof ModelNotFoundException && $request->is('api/*')
            ? self::say(404, 'This drawing is not here; it may have been put in the bin.')
            : null);
        // A commit that fails is no QueryException: the driver's own comes through.
        $exceptions->render(fn (SQLiteDatabaseDoesNotExistException|\PDOException $e): ?JsonResponse => ($sentence = self::ofDatabase($e)) === null ? null : self::say(str_contains($sentence, 'disk is full') ? 507 : 503, $sentence));
    }

    /** What a failing database means for the artist; null when it is a fault of ours. */
    public static function ofDatabase(SQLiteDatabaseDoesNotExistException|\PDOException $e): ?string
    {
        $says = static fn (string ...$words): bool => array_filter($words, static fn (string $word): bool => str_contains($e->getMessage(), $word)) !== [];

        return match (true) {
            $says('readonly database') => 'The database file may only be read, so nothing can be saved; give yourself the right to write it, then try again. Nothing was lost.',
            $says('database or disk is full', 'disk I/O error') => 'The disk is full, so this was not saved. Free some room on it: empty the bin of Inch Ladder’s shelf, or take away what else fills it; then it is saved by itself. What was saved before is safe.',
            $says('malformed', 'not a database', 'file is encrypted') => 'The database file is damaged. End Inch Ladder and start it again: the damaged file is put aside, never thrown away, and what can be read of it is taken over. Photos are kept apart and are safe.',
            $says('does not exist', 'unable to open', 'no such table') => self::DATABASE_MISSING,
            default => null,
        };
    }

    /** @param  array<string, mixed>  $more */
    private static function say(int $status, string $sentence, array $more = []): JsonResponse
    {
        return new JsonResponse(['message' => $sentence, ...$more], $status);
    }
}
