<?php

declare(strict_types=1);

namespace InchLadder\Measure;

/** A ruler's finest division, and the rounding of a length to it. */
final readonly class Graduation
{
    /** What rulers are made with: halves to thirty-seconds of an inch, or whole and half millimetres. */
    public const COMMON = ['1/2 in', '1/4 in', '1/8 in', '1/16 in', '1/32 in', '1 mm', '0.5 mm'];

    private function __construct(public Length $step, public Unit $unit, public string $name)
    {
    }

    /** @throws RulerUnknown when it is not one of COMMON, however it is spaced */
    public static function read(string $text): self
    {
        foreach (self::COMMON as $name) {
            if (str_replace(' ', '', $name) === str_replace(' ', '', strtolower($text))) {
                [$amount, $unit] = explode(' ', $name);
                $unit = Unit::from($unit);

                return new self(Length::of($amount, $unit), $unit, $name);
            }
        }
        throw RulerUnknown::named($text);
    }

    /** @return list<string> those of COMMON that are marked in a unit's family */
    public static function commonIn(Unit $unit): array
    {
        return array_values(array_filter(self::COMMON, static fn (string $name): bool => Unit::from(explode(' ', $name)[1])->isMetric() === $unit->isMetric()));
    }

    /** The nearest graduation; a length exactly halfway goes up. */
    public function round(Length $exact): Rounded
    {
        return new Rounded($exact, $this->step->times($exact->over($this->step)->round()));
    }

    /** Whether a length falls on this ruler. */
    public function carries(Length $length): bool
    {
        return $length->over($this->step)->isWhole();
    }
}
