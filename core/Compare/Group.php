<?php

declare(strict_types=1);

namespace InchLadder\Compare;

/** Places that came out wrong together: a named thing, or neighbours. */
final readonly class Group
{
    /**
     * @param  string|null  $thing  its name; null for neighbours that have none in common
     * @param  list<string>  $points
     * @param  Motion  $motion  after the whole was taken off
     * @param  array{float, float}  $middle  about which it is told
     * @param  int  $numbers  that its motion takes
     * @param  float  $left  what it leaves of its places, as Measured::cost counts
     */
    public function __construct(public ?string $thing, public array $points, public Motion $motion, public array $middle, public int $numbers, public float $left)
    {
    }

    public function name(): string
    {
        return $this->thing ?? implode(', ', $this->points);
    }

    /** @return array{float, float} right and down, at its middle */
    public function moved(): array
    {
        return $this->motion->at(...$this->middle);
    }
}
