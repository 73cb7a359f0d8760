<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One change: the choices as they stood after it, what was done by hand, or both.
 *
 * @property int $position 0 for the first state of a drawing
 * @property \Illuminate\Support\Carbon $created_at
 * @property string $what the parts of the document that changed, or what was done by hand, in words
 * @property array<string, mixed>|null $choices  null when only the hand was at work
 * @property array{cells?: array<string, array{before: array<string, mixed>|null, after: array<string, mixed>|null}>, ticks?: array<string, array{before: string|null, after: string|null}>}|null $hand  by the cell's spot, and by the tick's board and name
 */
final class Revision extends Model
{
    protected $fillable = ['position', 'what', 'choices', 'hand'];

    protected $casts = ['choices' => 'array', 'hand' => 'array', 'position' => 'integer'];
}
