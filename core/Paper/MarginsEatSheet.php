<?php

declare(strict_types=1);

namespace InchLadder\Paper;

use InchLadder\Impossible;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Size;
use InchLadder\Measure\Unit;

final class MarginsEatSheet extends Impossible
{
    public static function leaving(Size $sheet): self
    {
        $cm = static fn ($length): string => Fractions::places($length->in(Unit::Centimetre), 1);

        return new self("These margins leave no room to draw on a sheet of {$cm($sheet->width)} × {$cm($sheet->height)} cm; at least 1 cm must stay each way, so take something off them.");
    }

    public function choice(): string
    {
        return 'paper.margins';
    }
}
