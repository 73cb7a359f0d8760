<?php

declare(strict_types=1);

namespace App\Wording;

use InchLadder\Copying\Side;
use InchLadder\Layout\Layout;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Things\ThingInCrop;

/** How large a thing is on the paper, how far out it reaches and in which cells, and where it leaves the picture. */
final readonly class ThingWording
{
    private Writing $write;

    public function __construct(private Layout $layout)
    {
        $this->write = new Writing($layout->notation);
    }

    /** `38 % of the width, 52 % of the height: 2 7/8 × 5 1/2 in` */
    public function size(float $wide, float $high): string
    {
        $area = $this->layout->fitted->area;

        return Say::it('things.size', [
            'wide' => (string) round(100 * $wide), 'high' => (string) round(100 * $high),
            'size' => $this->amount(self::of($area->width, $wide)).' × '.$this->plain(self::of($area->height, $high)),
        ]);
    }

    /** Where it reaches farthest to a side: `highest in C2, 1 3/4 in from the drawing’s top edge`; of a box, the row or column. */
    public function extreme(ThingInCrop $thing, Side $side): string
    {
        [$x, $y] = $thing->extreme($side);
        $upright = $side->isUpright();
        if ($upright ? $x < 0 || $x > 1 : $y < 0 || $y > 1) {
            return Say::it("things.extreme.{$side->value}", ['at' => Say::it('things.out')]);
        }
        $cell = $this->layout->grid->cellHolding(max(0.0, min(1.0, $x)), max(0.0, min(1.0, $y)));
        $off = $upright ? self::of($this->layout->fitted->area->width, $x) : self::of($this->layout->fitted->area->height, $y);

        $at = match (true) {
            $cell === null => 'things.beside',
            $thing->thing->boxed => 'things.by box.'.($upright ? 'column' : 'row'),
            default => 'things.in cell',
        };

        return Say::it("things.extreme.{$side->value}", ['at' => Say::it($at, [
            'cell' => $cell === null ? '' : $this->layout->addresses->of(...$cell), 'n' => $cell === null ? 0 : $cell[$upright ? 0 : 1] + 1,
            'off' => $this->plain($off), 'edge' => Say::it('things.from.'.($upright ? 'left' : 'top')),
        ])]);
    }

    /** @return list<string> where it leaves the drawing and comes back, and every edge it nearly touches */
    public function edges(ThingInCrop $thing): array
    {
        $said = [];
        $sides = [];
        foreach ($thing->leaves() as [$side, $along]) {
            $sides[$side->value][] = $this->plain(self::of($this->along($side), $along));
        }
        foreach ($sides as $side => $places) {
            $said[] = Say::counted('things.leaves', count($places), ['side' => Say::it("copying.side.{$side}"), 'at' => Say::listed($places), 'from' => Say::it("copying.ends.{$side}")]);
        }
        foreach ($thing->nearMisses() as $side => $gap) {
            if (! isset($sides[$side])) {
                $upright = Side::from($side)->isUpright();
                $length = self::of($upright ? $this->layout->fitted->area->width : $this->layout->fitted->area->height, $gap);
                // What the ruler does not tell from the edge touches it.
                $touches = $this->layout->notation->ruler->round($length)->reading->isZero();
                $said[] = Say::it($touches ? 'things.touches' : 'things.near', ['side' => Say::it("copying.side.{$side}"), 'gap' => $this->plain($length)]);
            }
        }

        return $said;
    }

    private function along(Side $side): Length
    {
        return $side->isUpright() ? $this->layout->fitted->area->height : $this->layout->fitted->area->width;
    }

    private function plain(Length $length): string
    {
        return $this->write->reading($length);
    }

    private function amount(Length $length): string
    {
        return $this->write->read($length);
    }

    private static function of(Length $side, float $share): Length
    {
        return $side->times(Rational::near($share));
    }
}
