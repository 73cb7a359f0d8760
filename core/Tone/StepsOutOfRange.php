<?php

declare(strict_types=1);

namespace InchLadder\Tone;

use InchLadder\Impossible;

final class StepsOutOfRange extends Impossible
{
    public static function of(int $steps): self
    {
        return new self('not to be told apart', ['steps' => $steps, 'least' => ValueScale::LEAST, 'most' => ValueScale::MOST]);
    }

    public function choice(): string
    {
        return 'tone.steps';
    }
}
