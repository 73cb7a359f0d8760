<?php

declare(strict_types=1);

namespace InchLadder\Grid;

use InchLadder\Impossible;

final class CountOutOfRange extends Impossible
{
    /** @param  'columns'|'rows'  $which */
    public static function of(string $which, int $count): self
    {
        return new self(($count < 1 ? 'too few ' : 'too many ').$which, ['which' => $which, 'count' => $count, 'most' => Cells::MOST]);
    }

    public static function ticks(int $count): self
    {
        return new self('too many ticks', ['which' => 'tick', 'count' => $count, 'most' => Cells::MOST + 1]);
    }

    public function choice(): string
    {
        return 'grid.'.$this->word('which');
    }
}
