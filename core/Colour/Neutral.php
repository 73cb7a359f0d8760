<?php

declare(strict_types=1);

namespace InchLadder\Colour;

use InchLadder\Pixels\Lab;

/** Grey of a lightness: the plain one that comes nearest, and two complements over each other. */
final readonly class Neutral
{
    private function __construct(public ?Laid $plain, public ?Laid $mixed)
    {
    }

    /**
     * @param  float  $lightness  L* that is wanted
     * @param  list<Pencil>  $pencils
     */
    public static function of(float $lightness, array $pencils, Reflectance $paper): self
    {
        $wanted = new Lab($lightness, 0.0, 0.0);
        $plain = $mixed = null;
        $most = Figures::NEUTRAL + $paper->lab()->chroma();
        foreach ($pencils as $i => $one) {
            if (Hue::of($one->firm->lab())->isNeutral()) {
                $plain = Laid::nearest(...array_filter([$plain, ...Laid::byItself($one, $paper, $wanted)]));
            }
            foreach (array_slice($pencils, $i + 1) as $other) {
                if (self::areComplements($one->firm->lab(), $other->firm->lab())) {
                    $greys = array_filter(Laid::bothWays($one, $other, $paper, $wanted), static fn (Laid $laid): bool => $laid->seen->lab()->chroma() < $most);
                    $mixed = Laid::nearest(...array_filter([$mixed, ...$greys]));
                }
            }
        }

        return new self($plain, $mixed);
    }

    public static function areComplements(Lab $one, Lab $other): bool
    {
        if ($one->chroma() < Figures::MUTED || $other->chroma() < Figures::MUTED) {
            return false;
        }
        $apart = abs($one->hueAngle() - $other->hueAngle());

        return abs(min($apart, 360 - $apart) - 180) <= Figures::OPPOSITE;
    }
}
