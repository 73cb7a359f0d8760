<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The choices as they stood after one change.
 *
 * @property int $position 0 for the first state of a drawing
 * @property string $what the rungs that changed, in words
 * @property array<string, mixed> $choices
 */
final class Revision extends Model
{
    protected $fillable = ['position', 'what', 'choices'];

    protected $casts = ['choices' => 'array', 'position' => 'integer'];
}
