<?php

declare(strict_types=1);

namespace InchLadder\Grid;

use InchLadder\Impossible;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Length;
use InchLadder\Measure\Unit;

final class CellTooLarge extends Impossible
{
    public static function forArea(Length $cell, Length $side): self
    {
        $both = static fn (Length $length): string => Fractions::places($length->in(Unit::Inch), 2).' in ('.Fractions::places($length->in(Unit::Centimetre), 1).' cm)';

        return new self("A cell of {$both($cell)} is longer than the side it must divide, {$both($side)}; choose a smaller one.");
    }

    public static function forCount(int $wanted, int $fit): self
    {
        return new self("{$wanted} cells of this size do not fit along the paper; {$fit} do, or choose a smaller cell.");
    }

    public static function forPrint(int $wanted, int $fit): self
    {
        return new self("{$wanted} cells of this size do not fit along the print; {$fit} do. Choose a smaller cell on the print, or fewer of them.");
    }

    public static function nothing(): self
    {
        return new self('A cell cannot be 0 long; try 1 in or 2 cm.');
    }

    public function choice(): string
    {
        return 'cell';
    }
}
