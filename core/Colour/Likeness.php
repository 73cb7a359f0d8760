<?php

declare(strict_types=1);

namespace InchLadder\Colour;

/** How alike two colours look, by CIEDE2000. */
enum Likeness: string
{
    case Same = 'same';
    case Near = 'near';
    case Kin = 'kin';
    case Other = 'other';

    public static function of(float $difference): self
    {
        return match (true) {
            $difference <= Figures::SAME => self::Same,
            $difference <= Figures::NEAR => self::Near,
            $difference <= Figures::FAR => self::Kin,
            default => self::Other,
        };
    }
}
