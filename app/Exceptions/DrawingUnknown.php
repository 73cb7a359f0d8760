<?php

declare(strict_types=1);

namespace App\Exceptions;

use InchLadder\Impossible;

final class DrawingUnknown extends Impossible
{
    public static function named(string $id): self
    {
        return new self("There is no drawing “{$id}”; inch:new prints the id of each it begins.");
    }

    public function choice(): string
    {
        return 'drawing';
    }
}
