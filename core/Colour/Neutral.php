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
        foreach ($pencils as $i => $upper) {
            if (Hue::of($upper->firm->lab()) === Hue::Grey) {
                foreach ([false, true] as $lightly) {
                    $laid = Laid::alone($upper, $lightly, $paper, $wanted);
                    $plain = $plain === null || $laid->off < $plain->off ? $laid : $plain;
                }

                continue;
            }
            foreach ($pencils as $j => $under) {
                if ($i === $j || ! self::areComplements($upper->firm->lab(), $under->firm->lab())) {
                    continue;
                }
                foreach ([false, true] as $lightly) {
                    $laid = Laid::over($upper, $under, $paper, $wanted, $lightly);
                    $isGrey = $laid->seen->lab()->chroma() < Figures::NEUTRAL + $paper->lab()->chroma();
                    $mixed = $isGrey && ($mixed === null || $laid->off < $mixed->off) ? $laid : $mixed;
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
