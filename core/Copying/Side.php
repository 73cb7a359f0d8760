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

    /**
     * The side a place on the frame belongs to, and how far along.
     *
     * @return array{self, float}
     */
    public static function of(float $x, float $y): array
    {
        $gaps = [self::Left->value => $x, self::Right->value => 1 - $x, self::Top->value => $y, self::Bottom->value => 1 - $y];
        asort($gaps);
        $side = self::from((string) array_key_first($gaps));

        return [$side, $side->isUpright() ? $y : $x];
    }
}
