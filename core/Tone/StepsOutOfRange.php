<?php

declare(strict_types=1);

namespace InchLadder\Tone;

use InchLadder\Impossible;

final class StepsOutOfRange extends Impossible
{
    public static function of(int $steps): self
    {
        return new self("{$steps} steps cannot be told apart, or tell nothing apart; choose ".ValueScale::LEAST.' to '.ValueScale::MOST.'.');
    }

    public function choice(): string
    {
        return 'tone.steps';
    }
}
