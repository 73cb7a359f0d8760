<?php

declare(strict_types=1);

namespace App\Wording;

use InchLadder\Layout\Layout;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\SimpleFraction;
use InchLadder\Things\Related;
use InchLadder\Things\Relation;

/** How things stand to each other, and where: `“roof” goes behind “tree”, in B2 and C2`. */
final readonly class RelationWording
{
    public function __construct(private Layout $layout)
    {
    }

    public function says(Relation $relation): string
    {
        $names = ['one' => $relation->one, 'other' => $relation->other, 'at' => $this->at($relation), 'apart' => $this->length($relation->apart)];
        if ($relation->how === Related::Meets && $relation->along !== null) {
            $share = SimpleFraction::nearest(Rational::near($relation->along, 4))->fraction;

            return Say::it(match (true) {
                $share->isZero() => 'relations.meets.start',
                $share->isEqualTo(1) => 'relations.meets.end',
                default => 'relations.meets.along',
            }, [...$names, 'share' => Fractions::mixed($share)]);
        }
        if ($relation->how === Related::Gap) {
            [[$x1, $y1], [$x2, $y2]] = [$relation->places[0], $relation->places[1] ?? $relation->places[0]];
            $area = $this->layout->fitted->area;

            return Say::it(abs($x2 - $x1) * $area->width->toFloat() >= abs($y2 - $y1) * $area->height->toFloat() ? ($x1 <= $x2 ? 'relations.gap.left' : 'relations.gap.right') : ($y1 <= $y2 ? 'relations.gap.above' : 'relations.gap.below'), $names);
        }

        return Say::it($relation->how === Related::Meets ? 'relations.meets.outline' : "relations.{$relation->how->value}", $names);
    }

    /**
     * How the drawing has a gap.
     *
     * @param  float  $apart  mm on the drawing
     */
    public function drawn(Relation $relation, float $apart, bool $same): string
    {
        return $same ? Say::it('relations.drawn.same') : Say::it($apart > $relation->apart ? 'relations.drawn.wider' : 'relations.drawn.narrower', ['apart' => $this->length(max(0.0, $apart))]);
    }

    /** Cells it shows in; said once each. */
    private function at(Relation $relation): string
    {
        $cells = array_map(fn (array $at): string => $this->layout->addresses->of(...$this->layout->grid->cellAt(max(0.0, min(1.0, $at[0])), max(0.0, min(1.0, $at[1])))), $relation->places);

        return Say::listed(array_values(array_unique($cells)));
    }

    private function length(float $mm): string
    {
        return $this->layout->notation->plain($this->layout->notation->ruler->round(Length::mm(Rational::near($mm, 4)))->reading);
    }
}
