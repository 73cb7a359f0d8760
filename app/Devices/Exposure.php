<?php

declare(strict_types=1);

namespace App\Devices;

/** How a shot is taken: the camera's size and place, the light, what is left of the grid. */
final readonly class Exposure
{
    /**
     * @param  float|null  $tilt  degrees from straight down; null leaves it to the seed
     * @param  bool  $grid  whether the ruled grid still shows
     * @param  int  $side  pixels along the longer side
     * @param  float  $uneven  share of the light that is missing at the darker side
     * @param  float  $light  0 dark to 1 bright
     * @param  float  $noise  levels of grain
     * @param  float  $blur  pixels
     * @param  array{float, float, float}  $tint  of the light, red, green and blue
     */
    public function __construct(
        public int $seed = 1,
        public ?float $tilt = null,
        public bool $grid = true,
        public int $side = 4032,
        public float $uneven = 0.35,
        public float $light = 0.96,
        public float $noise = 4.0,
        public float $blur = 0.8,
        public array $tint = [1.0, 0.97, 0.9],
        public bool $upsideDown = false,
        /** Whether its light is reckoned as light, and the camera adds contrast of its own; what is told by lines alone does without. */
        public bool $linear = false,
        /** Of the JPEG; phones write 95 or so (common practice), lines are told from less. */
        public int $quality = 88,
    ) {
    }

    public function pose(float $sheetWide, float $sheetHigh): CameraPose
    {
        $chance = new Chance($this->seed, 'pose');
        $short = (int) round($this->side * 3 / 4);
        [$wide, $high] = $sheetWide > $sheetHigh ? [$this->side, $short] : [$short, $this->side];
        $tilt = $chance->between(4, 33);

        return new CameraPose($wide, $high, $sheetWide, $sheetHigh, $this->tilt ?? $tilt, $chance->between(0, 360), $chance->between(-6, 6), $chance->between(-0.05, 0.02), $chance->between(0.8, 0.92));
    }
}
