<?php

declare(strict_types=1);

namespace InchLadder\Tone;

use InchLadder\Pixels\Flow;

/** How the strokes of a cell run on the paper: read from the photo, or set by hand. */
final readonly class Strokes
{
    /**
     * @param  int  $column  0-based
     * @param  float  $degrees  the way they run on the paper, clockwise from the right, −90…90
     * @param  float  $spacing  mm from one to the next
     * @param  bool  $byHand  whether a hand set them
     */
    private function __construct(public int $column, public int $row, public float $degrees, public float $spacing, public bool $byHand)
    {
    }

    /** As the photo has them; null where nothing in it runs one way. */
    public static function read(int $column, int $row, ?Flow $flow): ?self
    {
        return $flow === null || $flow->coherence < Figures::RUNS || $flow->slope < Figures::PLAIN ? null : new self($column, $row, $flow->degrees, max(Figures::CLOSEST, min(Figures::WIDEST, $flow->period)), false);
    }

    /** @param  float  $across  how far the hand drew to the right on the paper, in any measure */
    public static function drawn(int $column, int $row, float $across, float $down): self
    {
        $degrees = rad2deg(atan2($down, $across));

        return new self($column, $row, $degrees > 90 ? $degrees - 180 : ($degrees <= -90 ? $degrees + 180 : $degrees), Figures::BY_HAND, true);
    }
}
