<?php

declare(strict_types=1);

namespace InchLadder\Paper;

use InchLadder\Impossible;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Length;
use InchLadder\Measure\Unit;

final class OffTheSheet extends Impossible
{
    private function __construct(string $message, private readonly string $side)
    {
        parent::__construct($message);
    }

    /** @param  Length  $most the offset at which the drawing still fits */
    public static function at(string $side, Length $most): self
    {
        return new self("There the drawing would run off the sheet; from the {$side} edge it may lie 0 to ".Fractions::places($most->in(Unit::Inch), 2).' in ('.Fractions::places($most->in(Unit::Centimetre), 1).' cm) in.', $side);
    }

    public function choice(): string
    {
        return "paper.offset.{$this->side}";
    }
}
