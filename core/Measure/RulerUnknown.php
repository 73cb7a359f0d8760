<?php

declare(strict_types=1);

namespace InchLadder\Measure;

use InchLadder\Impossible;

final class RulerUnknown extends Impossible
{
    public static function named(string $text): self
    {
        return new self("No ruler is marked in “{$text}”; choose one of ".implode(', ', Graduation::COMMON).'.');
    }

    public static function inAnotherUnit(Graduation $ruler, Unit $unit): self
    {
        return new self("A ruler marked in {$ruler->name} does not read {$unit->value}; a drawing keeps to one unit, so use {$unit->commonRuler()->name} or change the unit.");
    }

    public function choice(): string
    {
        return 'ruler';
    }
}
