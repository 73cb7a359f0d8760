<?php

declare(strict_types=1);

namespace App\Imaging;

use App\Models\Photo;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/**
 * Finds the contours of a photo that just came in, on a machine that waits for such work, before a cell of it is first
 * looked at. Without a queue (config/queue.php: `sync`) they are found then.
 */
final class ReadAhead implements ShouldQueue
{
    use Queueable;

    public int $tries = 2;

    public int $timeout = 120;

    private function __construct(public readonly string $photo)
    {
    }

    public static function of(Photo $photo): void
    {
        config('queue.default') === 'sync' || dispatch(new self($photo->id));
    }

    public function handle(PhotoContours $contours): void
    {
        $photo = Photo::query()->find($this->photo);
        // Thrown away meanwhile, it needs none.
        $photo === null || $contours->of($photo);
    }
}
