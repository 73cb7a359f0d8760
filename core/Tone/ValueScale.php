<?php

declare(strict_types=1);

namespace InchLadder\Tone;

use InchLadder\Pixels\Field;

/**
 * The tones of a picture in so many steps, the lightest first: equal shares of its own
 * range of lightness (CIE L*, in which equal distances look equal).
 */
final readonly class ValueScale
{
    public const LEAST = 2;

    public const MOST = 10;

    private function __construct(
        public int $steps,
        /** L* at which the lightest step begins. */
        public float $light,
        /** L* at which the darkest ends. */
        public float $dark,
    ) {
    }

    /**
     * @param  float  $light  L*, 0…100
     * @param  float  $dark  L*, not over `light`
     *
     * @throws StepsOutOfRange
     */
    public static function of(int $steps, float $light, float $dark): self
    {
        return $steps >= self::LEAST && $steps <= self::MOST ? new self($steps, $light, min($light, $dark)) : throw StepsOutOfRange::of($steps);
    }

    /**
     * @param  Field  $picture  L*
     *
     * @throws StepsOutOfRange
     */
    public static function over(Field $picture, int $steps): self
    {
        $lightness = $picture->all();
        sort($lightness);
        $last = count($lightness) - 1;
        $at = static fn (float $share): float => (float) $lightness[(int) round($share * $last)];

        return self::of($steps, $at(1 - Figures::LEFT_OUT), $at(Figures::LEFT_OUT));
    }

    /** The step a lightness belongs to, 1 for the lightest. */
    public function step(float $lightness): int
    {
        $range = $this->light - $this->dark;

        return $range <= 0 ? 1 : max(1, min($this->steps, 1 + (int) floor(($this->light - $lightness) / $range * $this->steps)));
    }

    /** @return array<int, float> by step, the share of the picture it takes */
    public function shares(Field $picture): array
    {
        $counts = array_fill(1, $this->steps, 0);
        foreach ($picture->all() as $lightness) {
            $counts[$this->step($lightness)]++;
        }

        return array_map(static fn (int $count): float => $count / ($picture->wide * $picture->high), $counts);
    }
}
