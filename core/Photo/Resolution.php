<?php

declare(strict_types=1);

namespace InchLadder\Photo;

use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Measure\Unit;

/** How many pixels a picture has to the inch at a given size, and how large it may become. */
final readonly class Resolution
{
    private function __construct(
        public float $perInch,
        /** The largest size of this shape that still has LEAST_PER_INCH. */
        public Size $largest,
    ) {
    }

    /**
     * @param  Rational  $pixelsWide  pixels across the size's width
     * @param  Rational  $pixelsHigh  pixels down its height
     */
    public static function of(Rational $pixelsWide, Rational $pixelsHigh, Size $size): self
    {
        $across = $pixelsWide->toFloat() / max(1e-9, $size->width->in(Unit::Inch)->toFloat());
        $down = $pixelsHigh->toFloat() / max(1e-9, $size->height->in(Unit::Inch)->toFloat());

        return new self(min($across, $down), new Size(
            Length::inches($pixelsWide->dividedBy(Figures::LEAST_PER_INCH)),
            Length::inches($pixelsHigh->dividedBy(Figures::LEAST_PER_INCH)),
        ));
    }

    public function isEnough(): bool
    {
        return $this->perInch >= Figures::LEAST_PER_INCH;
    }
}
