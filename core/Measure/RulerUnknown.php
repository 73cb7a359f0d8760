<?php

declare(strict_types=1);

namespace InchLadder\Measure;

use InchLadder\Impossible;

final class RulerUnknown extends Impossible
{
    public static function named(string $text): self
    {
        return new self('unknown', ['text' => $text, 'known' => Graduation::COMMON]);
    }

    public static function inAnotherUnit(Graduation $ruler, Unit $unit): self
    {
        return new self('in another unit', ['ruler' => $ruler->name, 'unit' => $unit->value, 'common' => $unit->commonRuler()->name]);
    }

    public function choice(): string
    {
        return 'ruler';
    }
}
