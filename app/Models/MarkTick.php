<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A tick that is made, a line that is ruled, or a look that was taken.
 *
 * @property string $board paper or photo
 * @property string $tick its name among all of the board, `top-3`
 * @property string $place where it was when it was made, exact mm from the zero corner; empty for a look
 */
final class MarkTick extends Model
{
    protected $fillable = ['board', 'tick', 'place'];
}
