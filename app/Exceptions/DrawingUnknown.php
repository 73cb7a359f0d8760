<?php

declare(strict_types=1);

namespace App\Exceptions;

use InchLadder\Impossible;

final class DrawingUnknown extends Impossible
{
    public static function named(string $id): self
    {
        return new self('unknown', ['id' => $id]);
    }

    public function choice(): string
    {
        return 'drawing';
    }
}
