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
        $in = static fn (Unit $unit): string => Fractions::places($sheet->width->in($unit), 1).' × '.Fractions::places($sheet->height->in($unit), 1)." {$unit->value}";

        return new self("These margins leave no room to draw on a sheet of {$in(Unit::Inch)} ({$in(Unit::Centimetre)}); at least 1 cm must stay each way, so take something off them.");
    }

    public function choice(): string
    {
        return 'paper.margins';
    }
}
