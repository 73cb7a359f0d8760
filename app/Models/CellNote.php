<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use InchLadder\Copying\Noted;
use InchLadder\Copying\Quad;

/**
 * What has become of one place on the picture that is, or was, a cell.
 *
 * @property string $mesh columns×rows it was noted on, `5x7`
 * @property int $column 0-based
 * @property int $row 0-based
 * @property string|null $place  its corners on the picture, as Quad writes them; null when it is known by its mesh and cell alone
 * @property string $spot  the place's name, one of its kind in a drawing
 * @property string $state done, empty or open
 * @property bool $doubtful to be looked at again
 * @property string $words the artist's own, for later
 * @property Carbon|null $settled_at when it became done or empty; a doubt or a note afterwards does not change it
 */
final class CellNote extends Model
{
    public const MOST_WORDS = 200;

    public const STATES = ['done', 'empty', 'open'];

    /** All that is to be said of one, as a revision keeps it. */
    public const KEPT = ['mesh', 'column', 'row', 'place', 'spot', 'state', 'doubtful', 'words', 'settled_at'];

    protected $fillable = self::KEPT;

    protected $casts = ['column' => 'integer', 'row' => 'integer', 'doubtful' => 'boolean', 'settled_at' => 'datetime'];

    protected $attributes = ['state' => Noted::OPEN, 'doubtful' => false, 'words' => '', 'place' => null, 'settled_at' => null];

    public function noted(): Noted
    {
        return new Noted($this->state, $this->doubtful, $this->words, $this->settled_at === null ? null : (float) $this->settled_at->getTimestamp());
    }

    public function quad(): ?Quad
    {
        return $this->place === null ? null : Quad::read($this->place);
    }
}
