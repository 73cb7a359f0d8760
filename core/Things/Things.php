<?php

declare(strict_types=1);

namespace InchLadder\Things;

use InchLadder\Copying\Pass;
use InchLadder\Layout\Layout;

/** The named things of a drawing, the one in front first. */
final readonly class Things
{
    /** @param  list<ThingInCrop>  $all */
    private function __construct(public array $all)
    {
    }

    /** @param  list<Thing>  $things */
    public static function in(Layout $layout, array $things): self
    {
        [$a, $b, $c, $d, $e, $f] = $things === [] ? [1, 0, 0, 0, 1, 0] : $layout->map()->cropToFile()->inverse()->floats();

        return new self(array_map(static fn (Thing $thing): ThingInCrop => new ThingInCrop($thing, array_map(
            static fn (array $at): array => [$a * $at[0] + $b * $at[1] + $c, $d * $at[0] + $e * $at[1] + $f],
            $thing->outline,
        )), $things));
    }

    /** @return list<ThingInCrop> those in front of one */
    public function before(ThingInCrop $thing): array
    {
        return array_slice($this->all, 0, (int) array_search($thing, $this->all, true));
    }

    /** @return list<string> what must not be forgotten and does not stand in a pass yet */
    public function missingIn(Pass $pass): array
    {
        $missing = array_filter($this->all, static fn (ThingInCrop $one): bool => $one->thing->must && $one->isInside() && ! $one->thing->standsIn($pass));

        return array_values(array_map(static fn (ThingInCrop $one): string => $one->thing->name, $missing));
    }
}
