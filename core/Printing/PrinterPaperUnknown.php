<?php

declare(strict_types=1);

namespace InchLadder\Printing;

use InchLadder\Impossible;

final class PrinterPaperUnknown extends Impossible
{
    public static function named(string $name): self
    {
        return new self("“{$name}” is not a printer’s paper; give a name like a4 or letter, or a size like 210x297mm.");
    }

    public function choice(): string
    {
        return 'sheet';
    }
}
