<?php

declare(strict_types=1);

namespace InchLadder\Grid;

use InchLadder\Measure\Rational;

/** Ticks along one line across and one line down, counted from where the two meet. */
final readonly class Axes
{
    /**
     * @param  Rational  $x  where the upright axis stands, as a share of the width
     * @param  Rational  $y  where the level axis lies, as a share of the height
     * @param  list<Rational>  $across  ticks on the level axis, as shares of the width
     * @param  list<Rational>  $down  ticks on the upright axis, as shares of the height
     */
    private function __construct(public Rational $x, public Rational $y, public array $across, public array $down)
    {
    }

    /**
     * @param  Rational  $stepAcross  share of the width between two ticks
     * @param  Rational  $stepDown  share of the height
     *
     * @throws CountOutOfRange when there are more than 60 ticks a side
     */
    public static function through(Rational $x, Rational $y, Rational $stepAcross, Rational $stepDown): self
    {
        return new self($x, $y, self::ticks($x, $stepAcross), self::ticks($y, $stepDown));
    }

    /** The same axes in a part of the picture. */
    public function within(Part $part): self
    {
        $across = static fn (Rational $share): Rational => $part->left->plus($share->times($part->width));
        $down = static fn (Rational $share): Rational => $part->top->plus($share->times($part->height));

        return new self($across($this->x), $down($this->y), array_map($across, $this->across), array_map($down, $this->down));
    }

    /** @return list<Rational> */
    private static function ticks(Rational $from, Rational $step): array
    {
        $before = $from->dividedBy($step)->floor();
        $after = Rational::one()->minus($from)->dividedBy($step)->floor();
        if ($before + $after > Cells::MOST) {
            throw CountOutOfRange::ticks($before + $after + 1);
        }

        return array_map(static fn (int $i): Rational => $from->plus($step->times($i)), range(-$before, $after));
    }
}
