<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What has become of one cell. Kept for each mesh apart, so that changing the
 * counts and changing them back loses nothing.
 *
 * @property string $mesh columns×rows, `5x7`
 * @property int $column 0-based
 * @property int $row 0-based
 * @property string $state done or empty
 */
final class CellNote extends Model
{
    protected $fillable = ['mesh', 'column', 'row', 'state'];

    protected $casts = ['column' => 'integer', 'row' => 'integer'];
}
