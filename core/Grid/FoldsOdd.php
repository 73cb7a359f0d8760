<?php

declare(strict_types=1);

namespace InchLadder\Grid;

use InchLadder\Impossible;

final class FoldsOdd extends Impossible
{
    private function __construct(string $message, private readonly string $which)
    {
        parent::__construct($message);
    }

    public static function into(int $parts, string $which): self
    {
        return new self("Folding gives 2, 4, 8 or 16 parts, not {$parts}; for other counts take equal parts.", $which);
    }

    public function choice(): string
    {
        return 'grid.'.$this->which;
    }
}
