<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use InchLadder\Copying\Place;

/**
 * What has become of one cell. Kept for each mesh apart, so that changing the
 * counts and changing them back loses nothing.
 *
 * @property string $mesh columns×rows, `5x7`
 * @property int $column 0-based
 * @property int $row 0-based
 * @property string $state done, empty or open
 * @property bool $doubtful to be looked at again
 * @property string $words the artist's own, for later
 * @property Carbon|null $settled_at when it became done or empty; a doubt or a note afterwards does not change it
 */
final class CellNote extends Model
{
    public const MOST_WORDS = 200;

    public const STATES = ['done', 'empty', 'open'];

    protected $fillable = ['mesh', 'column', 'row', 'state', 'doubtful', 'words'];

    protected $casts = ['column' => 'integer', 'row' => 'integer', 'doubtful' => 'boolean', 'settled_at' => 'datetime'];

    protected $attributes = ['state' => 'open', 'doubtful' => false, 'words' => ''];

    protected static function booted(): void
    {
        self::saving(static function (self $note): void {
            if ($note->isDirty('state')) {
                $note->settled_at = $note->isSettled() ? Carbon::now() : null;
            }
        });
    }

    public function place(): Place
    {
        return new Place($this->column, $this->row);
    }

    /** Whether there is anything to say of the cell. */
    public function says(): bool
    {
        return $this->isSettled() || $this->doubtful || $this->words !== '';
    }

    /** Whether nothing more is to be copied there. */
    public function isSettled(): bool
    {
        return $this->state !== 'open';
    }
}
