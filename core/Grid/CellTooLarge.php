<?php

declare(strict_types=1);

namespace InchLadder\Grid;

use InchLadder\Impossible;
use InchLadder\Measure\Length;

final class CellTooLarge extends Impossible
{
    public static function forArea(Length $cell, Length $side): self
    {
        return new self('longer than the side', ['cell' => $cell, 'side' => $side]);
    }

    public static function forCount(int $wanted, int $fit): self
    {
        return new self('too many for the paper', ['wanted' => $wanted, 'fit' => $fit]);
    }

    public static function forPrint(int $wanted, int $fit): self
    {
        return new self('too many for the print', ['wanted' => $wanted, 'fit' => $fit]);
    }

    public static function nothing(): self
    {
        return new self('nothing');
    }

    public function choice(): string
    {
        return 'cell';
    }
}
