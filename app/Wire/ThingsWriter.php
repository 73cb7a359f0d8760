<?php

declare(strict_types=1);

namespace App\Wire;

use App\Wire\Json\GapJson;
use App\Wire\Json\ShapeJson;
use App\Wire\Json\ThingJson;
use App\Wire\Json\ThingPieceJson;
use App\Wording\ShapeWording;
use App\Wording\ThingWording;
use InchLadder\Copying\Side;
use InchLadder\Plan\Plan;
use InchLadder\Things\Gaps;
use InchLadder\Things\ShapeOnPaper;
use InchLadder\Things\ThingInCrop;

/** Writes the named things of a plan, and what is left between them. */
final readonly class ThingsWriter
{
    private ThingWording $say;

    public function __construct(private Plan $plan)
    {
        $this->say = new ThingWording($plan->layout);
    }

    /** @return list<ThingJson> */
    public function things(): array
    {
        $things = $this->plan->things();

        return array_map(fn (ThingInCrop $one): ThingJson => new ThingJson(
            $one->thing->name,
            $one->isInside(),
            array_map(static fn (array $piece): ThingPieceJson => new ThingPieceJson(array_map(self::place(...), $piece[0]), $piece[1]), $one->pieces($things->before($one))),
            self::place([($one->left + $one->right) / 2, ($one->top + $one->bottom) / 2]),
            $this->say->size(...$one->size()),
            array_map(fn (Side $side): string => $this->say->extreme($one, $side), Side::cases()),
            $this->say->edges($one),
        ), $things->all);
    }

    /** @return list<GapJson> */
    public function gaps(): array
    {
        return array_map(fn (array $gap): GapJson => new GapJson(
            round($gap['left'], 4), round($gap['top'], 4), round($gap['width'], 4), round($gap['height'], 4), $this->say->size($gap['width'], $gap['height']),
        ), Gaps::between($this->plan->things(), $this->plan->layout->fitted->area->ratio()->toFloat())->all);
    }

    /** @return list<ShapeJson> */
    public function shapes(): array
    {
        $say = new ShapeWording($this->plan->layout);

        return array_map(static fn (ShapeOnPaper $one): ShapeJson => new ShapeJson(
            $one->shape->name, $one->shape->kind->value, $one->isInside(), array_map(self::place(...), $one->outline()), self::place($one->middle()), $say->centre($one), $say->size($one), $say->tilt($one),
        ), ShapeOnPaper::in($this->plan->layout, $this->plan->choices->shapes));
    }

    /**
     * @param  array{float, float}  $at
     * @return array{float, float}
     */
    private static function place(array $at): array
    {
        return [round($at[0], 5), round($at[1], 5)];
    }
}
