<?php

declare(strict_types=1);

namespace InchLadder\Things;

use InchLadder\Layout\Layout;

/** A fitted shape as it lies on the sheet: its centre, width, height and tilt, in mm from the drawing area's top left corner. */
final readonly class ShapeOnPaper
{
    private const ROUND = 48;

    /** @param  array{float, float, float, float}  $axes  halves along its width and its height: right and down, right and down */
    private function __construct(public FittedShape $shape, public float $x, public float $y, private array $axes, private float $areaWide, private float $areaHigh)
    {
    }

    /**
     * @param  list<FittedShape>  $shapes
     * @return list<self>
     */
    public static function in(Layout $layout, array $shapes): array
    {
        if ($shapes === []) {
            return [];
        }
        [$a, $b, $c, $d, $e, $f] = $layout->map()->cropToFile()->inverse()->floats();
        [$wide, $high] = [$layout->fitted->area->width->toFloat(), $layout->fitted->area->height->toFloat()];
        /** @param  array{float, float}  $at */
        $mm = static fn (array $at): array => [$wide * ($a * $at[0] + $b * $at[1] + $c), $high * ($d * $at[0] + $e * $at[1] + $f)];

        return array_map(static function (FittedShape $shape) use ($mm, $wide, $high): self {
            [$centre, $across, $up] = array_map($mm, [$shape->centre, $shape->across, $shape->up]);
            $axes = [$across[0] - $centre[0], $across[1] - $centre[1], $up[0] - $centre[0], $up[1] - $centre[1]];

            return new self($shape, $centre[0], $centre[1], $shape->kind === ShapeKind::Oval ? self::principal($axes) : $axes, $wide, $high);
        }, $shapes);
    }

    /** Mm along its own width. */
    public function width(): float
    {
        return 2 * hypot($this->axes[0], $this->axes[1]);
    }

    /** Mm square to its width. */
    public function height(): float
    {
        [$ax, $ay, $ux, $uy] = $this->axes;

        return 2 * abs($ax * $uy - $ay * $ux) / hypot($ax, $ay);
    }

    /** Degrees by which its width runs off the level, over −90 to 90; over 0 falls to the right. */
    public function tilt(): float
    {
        $degrees = rad2deg(atan2($this->axes[1], $this->axes[0]));

        return $degrees > 90 + 1e-9 ? $degrees - 180 : ($degrees <= -90 + 1e-9 ? $degrees + 180 : $degrees);
    }

    /** @return array{float, float} its centre, in shares of the drawing area */
    public function middle(): array
    {
        return [$this->x / $this->areaWide, $this->y / $this->areaHigh];
    }

    /** Whether its middle lies in the drawing. */
    public function isInside(): bool
    {
        return $this->x >= 0 && $this->y >= 0 && $this->x <= $this->areaWide && $this->y <= $this->areaHigh;
    }

    /** @return non-empty-list<array{float, float}> its outline, in shares of the drawing area */
    public function outline(): array
    {
        [$ax, $ay, $ux, $uy] = $this->axes;
        $corners = match ($this->shape->kind) {
            ShapeKind::Box => [[-1.0, 1.0], [1.0, 1.0], [1.0, -1.0], [-1.0, -1.0]],
            ShapeKind::Triangle => [[0.0, 1.0], [1.0, -1.0], [-1.0, -1.0]],
            ShapeKind::Oval => array_map(static fn (int $i): array => [cos(2 * M_PI * $i / self::ROUND), sin(2 * M_PI * $i / self::ROUND)], range(0, self::ROUND - 1)),
        };

        return array_values(array_map(fn (array $at): array => [($this->x + $at[0] * $ax + $at[1] * $ux) / $this->areaWide, ($this->y + $at[0] * $ay + $at[1] * $uy) / $this->areaHigh], $corners));
    }

    /**
     * The principal half axes of an oval, from any two conjugate ones (Rytz's problem, by the eigenvectors of p·pᵀ + q·qᵀ):
     * a picture that is stretched leaves its axes no longer square to each other. The one nearer to the width that was drawn
     * stays the width.
     *
     * @param  array{float, float, float, float}  $axes
     * @return array{float, float, float, float}
     */
    private static function principal(array $axes): array
    {
        [$px, $py, $qx, $qy] = $axes;
        [$xx, $xy, $yy] = [$px * $px + $qx * $qx, $px * $py + $qx * $qy, $py * $py + $qy * $qy];
        $turn = atan2(2 * $xy, $xx - $yy) / 2;
        $root = hypot(($xx - $yy) / 2, $xy);
        $middle = ($xx + $yy) / 2;
        if ($root < 1e-12 * $middle) {
            return $axes;
        }
        [$long, $short] = [sqrt($middle + $root), sqrt(max(0.0, $middle - $root))];
        $first = [$long * cos($turn), $long * sin($turn)];
        $second = [-$short * sin($turn), $short * cos($turn)];
        $along = abs($px * cos($turn) + $py * sin($turn)) >= abs(-$px * sin($turn) + $py * cos($turn));
        [$width, $height] = $along ? [$first, $second] : [$second, $first];
        // The same way round as it was drawn.
        $width = $width[0] * $px + $width[1] * $py < 0 ? [-$width[0], -$width[1]] : $width;
        $height = $height[0] * $qx + $height[1] * $qy < 0 ? [-$height[0], -$height[1]] : $height;

        return [...$width, ...$height];
    }
}
