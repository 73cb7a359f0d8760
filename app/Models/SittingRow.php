<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use InchLadder\Sittings\Sitting;

/**
 * A sitting as it is kept.
 *
 * @property int $id
 * @property Carbon $began_at
 * @property Carbon $ended_at
 * @property array<string, int> $seconds
 * @property string $lesson
 */
final class SittingRow extends Model
{
    public const MOST_LESSON = 200;

    protected $table = 'sittings';

    protected $fillable = ['began_at', 'ended_at', 'seconds', 'lesson'];

    protected $casts = ['began_at' => 'datetime', 'ended_at' => 'datetime', 'seconds' => 'array'];

    public function sitting(): Sitting
    {
        return new Sitting((float) $this->began_at->getTimestamp(), (float) $this->ended_at->getTimestamp(), $this->seconds, $this->lesson);
    }

    public function hold(Sitting $sitting): self
    {
        return $this->fill([
            'began_at' => Carbon::createFromTimestampUTC($sitting->began), 'ended_at' => Carbon::createFromTimestampUTC($sitting->ended), 'seconds' => $sitting->seconds, 'lesson' => $sitting->lesson,
        ]);
    }
}
