<?php

declare(strict_types=1);

namespace InchLadder\Paper;

use InchLadder\Impossible;
use InchLadder\Measure\Length;

final class OffTheSheet extends Impossible
{
    /**
     * @param  'left'|'top'  $side
     * @param  Length  $most  the offset at which the drawing still fits
     */
    public static function at(string $side, Length $most): self
    {
        return new self("from the {$side}", ['side' => $side, 'most' => $most]);
    }

    public function choice(): string
    {
        return 'paper.offset.'.$this->word('side');
    }
}
