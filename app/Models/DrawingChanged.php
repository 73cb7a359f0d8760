<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Contracts\Events\ShouldDispatchAfterCommit;

/** Something was decided or done on a drawing, it was begun, or it went in or out of the bin; said once it is kept. */
final readonly class DrawingChanged implements ShouldDispatchAfterCommit
{
    public function __construct(public string $drawing, public int $version, public int $edits)
    {
    }
}
