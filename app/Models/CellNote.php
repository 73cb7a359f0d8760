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
 * @property string|null $said_at  when what of it was noted, as SaidAt writes it
 * @property int $reached how many passes it has been through
 * @property Carbon|null $settled_at when it became done or empty, or was through a pass; a doubt or a note afterwards does not change it
 */
final class CellNote extends Model
{
    public const MOST_WORDS = 200;

    public const STATES = ['done', 'empty', 'open'];

    /** All that is to be said of one, as a revision keeps it. */
    public const KEPT = ['mesh', 'column', 'row', 'place', 'spot', 'state', 'doubtful', 'words', 'settled_at', 'reached', 'said_at'];

    protected $fillable = self::KEPT;

    protected $casts = ['column' => 'integer', 'row' => 'integer', 'doubtful' => 'boolean', 'reached' => 'integer', 'settled_at' => 'datetime'];

    protected $attributes = ['state' => Noted::OPEN, 'doubtful' => false, 'words' => '', 'place' => null, 'settled_at' => null, 'reached' => 0, 'said_at' => null];

    public function noted(): Noted
    {
        // Past the model's casts: this is asked of every note whenever one is made, and they took most of it.
        /** @var array{state: string, doubtful: bool|int, words: string, settled_at: string|null, reached: int} $kept */
        $kept = $this->getAttributes();

        return new Noted($kept['state'], (bool) $kept['doubtful'], $kept['words'], $kept['settled_at'] === null ? null : (float) strtotime("{$kept['settled_at']} UTC"), (int) $kept['reached']);
    }

    public function quad(): ?Quad
    {
        return $this->place === null ? null : Quad::read($this->place);
    }
}
