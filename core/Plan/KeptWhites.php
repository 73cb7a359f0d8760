<?php

declare(strict_types=1);

namespace InchLadder\Plan;

use InchLadder\Layout\Region;
use InchLadder\Layout\RegionUse;
use InchLadder\Pixels\Field;
use InchLadder\Tone\Whites;

/** Paper that stays bare, as far as it lies in the crop. */
final readonly class KeptWhites
{
    private function __construct(
        private Plan $plan,
        /** @var list<array{float, float, float, float}> left, top, width and height in shares of the crop */
        public array $places,
    ) {
    }

    public static function of(Plan $plan): self
    {
        $kept = array_filter($plan->choices->regions, static fn (Region $region): bool => $region->use === RegionUse::KeptWhite);

        return new self($plan, array_values(array_filter(array_map(static fn (Region $region): ?array => $region->inCrop($plan->layout->fitted->crop), $kept))));
    }

    /**
     * Where something lies on them.
     *
     * @param  Field  $drawing  L* of what was laid
     * @return list<string> addresses of the cells their middles lie in
     */
    public function soiled(Field $drawing): array
    {
        $addresses = array_map(function (int $i): string {
            [$left, $top, $width, $height] = $this->places[$i];

            return $this->plan->layout->addresses->of(...$this->plan->layout->grid->cellAt($left + $width / 2, $top + $height / 2));
        }, Whites::soiled($drawing, $this->places, $this->plan->choices->colour->lightness()));

        return array_values(array_unique($addresses));
    }
}
