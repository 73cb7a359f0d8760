<?php

declare(strict_types=1);

namespace InchLadder\Plan;

use InchLadder\Layout\Placed;
use InchLadder\Things\ThingInCrop;

/** What a plumb line and a level line through a place meet: key points that lie on it, and named things that it runs through. */
final readonly class Meets
{
    /**
     * @param  list<string>  $plumb  names, from the top
     * @param  list<string>  $level  names, from the left
     */
    private function __construct(public array $plumb, public array $level)
    {
    }

    /** @param  float  $x  share of the crop */
    public static function at(Plan $plan, float $x, float $y): self
    {
        $points = array_values(array_filter($plan->layout->points(), static fn (Placed $placed): bool => $placed->isInside()));
        $things = $plan->things()->all;

        return new self(self::along($points, $things, $x, true), self::along($points, $things, $y, false));
    }

    /**
     * @param  list<Placed>  $points
     * @param  list<ThingInCrop>  $things
     * @return list<string>
     */
    private static function along(array $points, array $things, float $at, bool $plumb): array
    {
        $met = [];
        foreach ($points as $placed) {
            [$across, $along] = $plumb ? [$placed->x->toFloat(), $placed->y->toFloat()] : [$placed->y->toFloat(), $placed->x->toFloat()];
            abs($across - $at) <= Figures::BESIDE_PLUMB && $met[] = [$along, $placed->point->name];
        }
        foreach ($things as $thing) {
            [$from, $to, $along] = $plumb ? [$thing->left, $thing->right, ($thing->top + $thing->bottom) / 2] : [$thing->top, $thing->bottom, ($thing->left + $thing->right) / 2];
            $from <= $at && $at <= $to && $thing->isInside() && $met[] = [$along, $thing->thing->name];
        }
        sort($met);

        return array_values(array_unique(array_column($met, 1)));
    }
}
