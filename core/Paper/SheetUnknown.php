<?php

declare(strict_types=1);

namespace InchLadder\Paper;

use InchLadder\Impossible;

final class SheetUnknown extends Impossible
{
    public static function named(string $name): self
    {
        return new self('No sheet is called “'.mb_strimwidth($name, 0, 40, '…').'”; give a name like letter or a3, or a size like 30x42cm.');
    }

    public function choice(): string
    {
        return 'paper.sheet';
    }
}
