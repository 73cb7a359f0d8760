<?php

declare(strict_types=1);

namespace InchLadder\Grid;

use InchLadder\Impossible;

final class FoldsOdd extends Impossible
{
    public static function into(int $parts, string $which): self
    {
        return new self('not by halves', ['parts' => $parts, 'which' => $which]);
    }

    public function choice(): string
    {
        return 'grid.'.$this->word('which');
    }
}
