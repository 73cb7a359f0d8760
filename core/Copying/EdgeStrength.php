<?php

declare(strict_types=1);

namespace InchLadder\Copying;

/** How an edge is drawn: as a line, as a turn of tone, or not at all. */
enum EdgeStrength: string
{
    case Hard = 'hard';
    case Soft = 'soft';
    case Lost = 'lost';

    /**
     * @param  float  $rise  from a tenth to nine tenths of the way between its two sides, as a share of the drawing's longer side
     * @param  float  $contrast  ΔE*ab (CIE 1976) between them
     */
    public static function of(float $rise, float $contrast): self
    {
        return match (true) {
            $contrast < Figures::LOST_UNDER => self::Lost,
            $rise > Figures::SOFT_OVER => self::Soft,
            default => self::Hard,
        };
    }
}
