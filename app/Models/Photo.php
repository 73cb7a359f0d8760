<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * An original as it came in; its bytes lie in the photo store under their SHA-256.
 *
 * @property string $id
 * @property string $sha256
 * @property string $mime
 * @property int $bytes
 * @property int $width pixels, after the camera's own turn
 * @property int $height
 * @property string $samples base64 of Samples::SIDE² RGB triples, row by row
 * @property string|null $remark  what there is to be said of the file
 */
final class Photo extends Model
{
    use HasUlids;

    protected $fillable = ['sha256', 'mime', 'bytes', 'width', 'height', 'samples', 'remark'];

    protected $casts = ['bytes' => 'integer', 'width' => 'integer', 'height' => 'integer'];
}
