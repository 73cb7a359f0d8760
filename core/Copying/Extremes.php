<?php

declare(strict_types=1);

namespace InchLadder\Copying;

/** The four places where a shape reaches farthest; shares of the cell. */
final readonly class Extremes
{
    /**
     * @param  array{float, float}  $left
     * @param  array{float, float}  $top
     * @param  array{float, float}  $right
     * @param  array{float, float}  $bottom
     */
    private function __construct(public array $left, public array $top, public array $right, public array $bottom)
    {
    }

    /** @param  non-empty-list<array{float, float}>  $path */
    public static function of(array $path): self
    {
        $left = $top = $right = $bottom = $path[0];
        foreach ($path as $at) {
            $left = $at[0] < $left[0] ? $at : $left;
            $right = $at[0] > $right[0] ? $at : $right;
            $top = $at[1] < $top[1] ? $at : $top;
            $bottom = $at[1] > $bottom[1] ? $at : $bottom;
        }

        return new self($left, $top, $right, $bottom);
    }
}
