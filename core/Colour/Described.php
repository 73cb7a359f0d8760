<?php

declare(strict_types=1);

namespace InchLadder\Colour;

use InchLadder\Pixels\Lab;

/** A colour as it is told: its hue by name, how light and how strong it is, and in CIE L*C*h. */
final readonly class Described
{
    private function __construct(
        public Hue $hue,
        /** 0 very light … 4 very dark */
        public int $lightness,
        /** 0 hardly any … 4 strong; what is grey has none */
        public int $strength,
        public Lab $lab,
    ) {
    }

    public static function of(Lab $lab): self
    {
        $under = static fn (float $value, array $borders): int => count(array_filter($borders, static fn (float $border): bool => $value < $border));
        $over = static fn (float $value, array $borders): int => count(array_filter($borders, static fn (float $border): bool => $value >= $border));

        return new self(Hue::of($lab), $under($lab->lightness, Figures::LIGHTNESS), $over($lab->chroma(), [Figures::GREY, Figures::MUTED, Figures::CLEAR, Figures::STRONG]), $lab);
    }

    /** The same hue stronger, as far as a screen can show it: beyond that a band would be cut off, and the hue with it. */
    public function stronger(): Lab
    {
        $times = fn (float $times): Lab => new Lab($this->lab->lightness, $times * $this->lab->a, $times * $this->lab->b);
        [$shown, $beyond] = [1.0, Figures::STRONGER];
        if ($times($beyond)->isShown()) {
            return $times($beyond);
        }
        for ($halving = 0; $halving < 20; $halving++) {
            $middle = ($shown + $beyond) / 2;
            if ($times($middle)->isShown()) {
                $shown = $middle;
            } else {
                $beyond = $middle;
            }
        }

        return $times($shown);
    }

    /** The complement: as light and as strong, of the hue across. */
    public function complement(): Lab
    {
        return new Lab($this->lab->lightness, -$this->lab->a, -$this->lab->b);
    }
}
