<?php

declare(strict_types=1);

namespace InchLadder\Paper;

use InchLadder\Impossible;
use InchLadder\Measure\Size;

final class MarginsEatSheet extends Impossible
{
    public static function leaving(Size $sheet): self
    {
        return new self('no room left', ['sheet' => $sheet]);
    }

    public function choice(): string
    {
        return 'paper.margins';
    }
}
