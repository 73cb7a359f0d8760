<?php

declare(strict_types=1);

namespace InchLadder\Tone;

use InchLadder\Layout\Layout;
use InchLadder\Layout\Region;
use InchLadder\Layout\RegionUse;
use InchLadder\Pixels\Field;

/** Paper that stays bare, as far as it lies in the crop, and whether it still is. */
final readonly class KeptWhites
{
    private function __construct(
        private Layout $layout,
        /** @var list<array{float, float, float, float}> left, top, width and height in shares of the crop */
        public array $places,
    ) {
    }

    public static function in(Layout $layout): self
    {
        $kept = array_filter($layout->regions, static fn (Region $region): bool => $region->use === RegionUse::KeptWhite);

        return new self($layout, array_values(array_filter(array_map(static fn (Region $region): ?array => $region->inCrop($layout->fitted->crop), $kept))));
    }

    /**
     * Where something lies on them.
     *
     * @param  Field  $drawing  L* of what was laid
     * @param  float  $paper  L* of the sheet
     * @return list<string> addresses of the cells their middles lie in
     */
    public function soiled(Field $drawing, float $paper): array
    {
        $soiled = array_filter($this->places, static fn (array $white): bool => ! self::isBare($drawing->part(...$white), $paper));

        return array_values(array_unique(array_map(fn (array $white): string => $this->layout->addresses->of(...$this->layout->grid->cellAt($white[0] + $white[2] / 2, $white[1] + $white[3] / 2)), $soiled)));
    }

    /**
     * @param  Field  $white  L* of one of them
     * @param  float  $paper  L* of the sheet
     */
    public static function isBare(Field $white, float $paper): bool
    {
        $lightness = $white->all();
        // A line may be drawn round it: the middle of its values is what is looked at.
        sort($lightness);

        return $lightness[intdiv(count($lightness), 2)] >= $paper - Figures::SOILED;
    }
}
