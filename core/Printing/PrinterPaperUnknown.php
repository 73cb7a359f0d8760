<?php

declare(strict_types=1);

namespace InchLadder\Printing;

use InchLadder\Impossible;

final class PrinterPaperUnknown extends Impossible
{
    public static function named(string $name): self
    {
        return new self('unknown', ['name' => $name]);
    }

    public function choice(): string
    {
        return 'sheet';
    }
}
