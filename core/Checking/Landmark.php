<?php

declare(strict_types=1);

namespace InchLadder\Checking;

use InchLadder\Layout\Placed;
use InchLadder\Measure\Rational;

/** A place of the picture that others can lie in line with: a key point, the end of a thing, or where a contour turns. */
final readonly class Landmark
{
    /**
     * @param  string  $key  as readings name it
     * @param  string  $name  what it is called
     * @param  Rational  $x  share of the crop
     * @param  bool  $firm  settled: others are checked from it
     * @param  bool  $marked  by the artist, rather than found on the contours
     */
    public function __construct(public string $key, public string $name, public Rational $x, public Rational $y, public bool $firm = false, public bool $marked = true)
    {
    }

    /**
     * @param  list<Placed>  $points
     * @return list<self> those that lie in the crop
     */
    public static function ofPoints(array $points): array
    {
        $inside = array_values(array_filter($points, static fn (Placed $point): bool => $point->isInside()));

        return array_map(static fn (Placed $one): self => new self($one->point->name, $one->point->name, $one->x, $one->y, $one->point->firm), $inside);
    }
}
