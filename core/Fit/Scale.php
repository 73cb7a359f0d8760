<?php

declare(strict_types=1);

namespace InchLadder\Fit;

use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Photo\Reference;

/** Drawing area ÷ crop of the print, along each axis. On a screen the factors are unknown, the stretch is not. */
final readonly class Scale
{
    private function __construct(
        public ?Rational $x,
        public ?Rational $y,
        /** The larger of kx and ky over the smaller, less 1: the same whichever way the picture is pulled; 0 when proportion is kept. */
        public Rational $stretch,
        private Rational $yOverX,
    ) {
    }

    public static function of(Fitted $fitted, Reference $reference): self
    {
        $shape = $reference->ratio()->times($fitted->crop->width)->dividedBy($fitted->crop->height);
        $xOverY = $fitted->area->ratio()->dividedBy($shape);
        $width = $reference->across($fitted->crop->width);
        $height = $reference->down($fitted->crop->height);

        return new self(
            $width === null ? null : $fitted->area->width->over($width),
            $height === null ? null : $fitted->area->height->over($height),
            Rational::larger($xOverY, $xOverY->reciprocal())->minus(1),
            $xOverY->reciprocal(),
        );
    }

    /** How many times the area grows; null on a screen. */
    public function area(): ?Rational
    {
        return $this->x === null || $this->y === null ? null : $this->x->times($this->y);
    }

    public function keepsProportion(): bool
    {
        return $this->stretch->isZero();
    }

    /**
     * What a slope becomes: θ ↦ atan(tan θ · ky ÷ kx), by similar triangles.
     *
     * @param  float  $degrees  on the picture, in (−90, 90)
     */
    public function slope(float $degrees): float
    {
        return rad2deg(atan(tan(deg2rad($degrees)) * $this->yOverX->toFloat()));
    }

    /** How much wider than high a circle becomes, as its width ÷ height: kx ÷ ky. */
    public function circle(): Rational
    {
        return $this->yOverX->reciprocal();
    }

    public function verdict(): Stretched
    {
        return Stretched::by($this->stretch);
    }

    /** Whole picture on to a paper area, for comparing two sizes. */
    public static function between(Size $picture, Size $area): self
    {
        return self::of(new Fitted(Crop::whole(), $area), Reference::printed($picture));
    }
}
