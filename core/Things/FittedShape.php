<?php

declare(strict_types=1);

namespace InchLadder\Things;

/**
 * An oval, a box or a triangle laid over something on the picture. Its centre and the ends of its two half axes are kept,
 * in shares of the picture as its file has it: whatever is turned, mirrored, cropped or stretched, the same three places
 * make the same shape.
 *
 * A triangle stands on the side across from the end of its second axis: its tip.
 */
final readonly class FittedShape
{
    public const MOST = 40;

    /**
     * @param  array{float, float}  $centre
     * @param  array{float, float}  $across  end of the half axis along its width
     * @param  array{float, float}  $up  end of the half axis along its height
     *
     * @throws ShapeFlat
     */
    public function __construct(public string $name, public ShapeKind $kind, public array $centre, public array $across, public array $up)
    {
        [$ax, $ay] = [$across[0] - $centre[0], $across[1] - $centre[1]];
        [$ux, $uy] = [$up[0] - $centre[0], $up[1] - $centre[1]];
        if (abs($ax * $uy - $ay * $ux) < Figures::LEAST_THING ** 2 / 4) {
            throw ShapeFlat::called($name);
        }
    }
}
