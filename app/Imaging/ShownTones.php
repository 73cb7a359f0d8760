<?php

declare(strict_types=1);

namespace App\Imaging;

use Imagick;
use InchLadder\Fit\Crop;

/** A picture in the few tones it is shown in, to be told what is seen there. */
final readonly class ShownTones
{
    /** @param  Imagick  $picture  all of it, a grey a step */
    public function __construct(private Imagick $picture, private FewTones $tones)
    {
    }

    /**
     * How much of the crop each step takes.
     *
     * @return array<int, float> by step, 1 for the lightest; together 1
     */
    public function shares(Crop $crop): array
    {
        [$wide, $high] = [$this->picture->getImageWidth(), $this->picture->getImageHeight()];
        [$left, $top] = [(int) round($crop->left->toFloat() * $wide), (int) round($crop->top->toFloat() * $high)];
        [$right, $bottom] = [(int) round($crop->right()->toFloat() * $wide), (int) round($crop->bottom()->toFloat() * $high)];

        return $this->tones->shares($this->picture->getImageRegion(max(1, $right - $left), max(1, $bottom - $top), min($left, $wide - 1), min($top, $high - 1)));
    }

    /**
     * The step a place is shown in: where small areas were left out that of the very place, else that which most of a patch has.
     *
     * @param  float  $x  share of the whole picture's width, 0…1
     * @param  float  $y  share of its height
     */
    public function step(float $x, float $y): int
    {
        $shares = $this->tones->shares(TonePixels::around($this->picture, $x, $y, $this->tones->isSimplified() ? 1 : TonePixels::side($this->picture)));

        return (int) array_search(max([0.0, ...$shares]), $shares, true);
    }
}
