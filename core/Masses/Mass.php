<?php

declare(strict_types=1);

namespace InchLadder\Masses;

/** One flat shape of what is drawn: all of it of one tone. Places are shares of the crop's width and height. */
final readonly class Mass
{
    /**
     * @param  list<non-empty-list<array{float, float}>>  $rings  its outline and those of the holes in it, each closed; what lies inside an odd number of them is it
     * @param  array{float, float, float}  $colour  mean L*, a*, b*
     * @param  float  $share  of the crop, 0…1
     */
    public function __construct(public array $rings, public array $colour, public float $share)
    {
    }
}
