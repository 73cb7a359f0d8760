<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * Something an artist owns or keeps for any drawing: a paper, a ruler, a grid.
 *
 * @property string $id
 * @property string $kind paper, ruler or grid
 * @property string $name
 * @property array<string, mixed> $content as in the choices it is laid into
 */
final class Preset extends Model
{
    use HasUlids;

    public const KINDS = ['paper', 'ruler', 'grid'];

    protected $table = 'keepsakes';

    protected $fillable = ['kind', 'name', 'content'];

    protected $casts = ['content' => 'array'];
}
