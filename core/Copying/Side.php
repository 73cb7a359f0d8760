<?php

declare(strict_types=1);

namespace InchLadder\Copying;

/** One of a cell's four sides. Measured from its left end, or from its top. */
enum Side: string
{
    case Top = 'top';
    case Right = 'right';
    case Bottom = 'bottom';
    case Left = 'left';

    public function isUpright(): bool
    {
        return $this === self::Left || $this === self::Right;
    }

    /**
     * Where a share of this side lies in the cell.
     *
     * @return array{float, float} shares across and down
     */
    public function point(float $share): array
    {
        return match ($this) {
            self::Top => [$share, 0.0],
            self::Right => [1.0, $share],
            self::Bottom => [$share, 1.0],
            self::Left => [0.0, $share],
        };
    }

    public function opposite(): self
    {
        return match ($this) {
            self::Top => self::Bottom, self::Right => self::Left, self::Bottom => self::Top, self::Left => self::Right,
        };
    }

    /** How far a place is off this side, in shares of the cell; under 0 beyond it. */
    public function off(float $x, float $y): float
    {
        return match ($this) {
            self::Top => $y, self::Right => 1 - $x, self::Bottom => 1 - $y, self::Left => $x,
        };
    }

    /**
     * The side a place on the frame belongs to, and how far along.
     *
     * @return array{self, float}
     */
    public static function of(float $x, float $y): array
    {
        $sides = [self::Left, self::Right, self::Top, self::Bottom];
        usort($sides, static fn (self $a, self $b): int => $a->off($x, $y) <=> $b->off($x, $y));
        $side = $sides[0];

        return [$side, $side->isUpright() ? $y : $x];
    }
}
