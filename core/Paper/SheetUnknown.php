<?php

declare(strict_types=1);

namespace InchLadder\Paper;

use InchLadder\Impossible;

final class SheetUnknown extends Impossible
{
    public static function named(string $name): self
    {
        return new self('unknown', ['name' => mb_strimwidth($name, 0, 40, '…')]);
    }

    public function choice(): string
    {
        return 'paper.sheet';
    }
}
