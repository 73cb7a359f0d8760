<?php

declare(strict_types=1);

namespace App\Imaging;

use App\Models\Photo;
use Imagick;
use InchLadder\Pixels\Field;
use InchLadder\Pixels\Lab;
use InchLadder\Plan\Plan;
use InchLadder\Tone\ValueScale;

/** Brings the tones of what is cropped before the core's eye, and tells them as they are shown. */
final readonly class TonePixels
{
    /** Samples along each side of the whole picture. */
    private const SIDE = 192;

    /** Side of the patch that a probe takes, as a share of the picture's longer side. */
    private const PROBE = 0.012;

    public function __construct(private PhotoStore $photos)
    {
    }

    /** L* of the crop. */
    public function crop(Photo $photo, Plan $plan): Field
    {
        $crop = $plan->layout->fitted->crop;

        return $this->photos->lightness($photo, $plan->choices->framing, self::SIDE)
            ->part($crop->left->toFloat(), $crop->top->toFloat(), $crop->width->toFloat(), $crop->height->toFloat());
    }

    /** The tones that a drawing's photo is shown in. */
    public function counted(Photo $photo, Plan $plan): FewTones
    {
        $tones = $plan->choices->tones;

        return FewTones::ofBar($tones->bar(), ValueScale::over($this->crop($photo, $plan), $tones->steps), $tones->drop);
    }

    /**
     * How much of the crop each step takes in the picture that is shown.
     *
     * @return array<int, float> by step, together 1
     */
    public function shares(Photo $photo, Plan $plan, FewTones $tones): array
    {
        $picture = $this->shown($photo, $plan, $tones);
        [$wide, $high] = [$picture->getImageWidth(), $picture->getImageHeight()];
        $crop = $plan->layout->fitted->crop;
        [$left, $top] = [(int) round($crop->left->toFloat() * $wide), (int) round($crop->top->toFloat() * $high)];
        [$right, $bottom] = [(int) round($crop->right()->toFloat() * $wide), (int) round($crop->bottom()->toFloat() * $high)];

        return $tones->shares($picture->getImageRegion(max(1, $right - $left), max(1, $bottom - $top), min($left, $wide - 1), min($top, $high - 1)));
    }

    /**
     * The step a place is shown in: where small areas were left out that of the very place, else that which most of a patch has.
     *
     * @param  float  $x  share of the whole picture's width, 0…1
     * @param  float  $y  share of its height
     */
    public function step(Photo $photo, Plan $plan, FewTones $tones, float $x, float $y): int
    {
        $picture = $this->shown($photo, $plan, $tones);
        $shares = $tones->shares(self::around($picture, $x, $y, $tones->isSimplified() ? 1 : self::side($picture)));

        return (int) array_search(max($shares), $shares, true);
    }

    private function shown(Photo $photo, Plan $plan, FewTones $tones): Imagick
    {
        return new Imagick('png:'.$this->photos->fewTones($photo, $plan->choices->framing, $tones));
    }

    private static function side(Imagick $picture): int
    {
        return max(3, (int) round(self::PROBE * max($picture->getImageWidth(), $picture->getImageHeight())));
    }

    /** So many pixels each way about a place, inside the picture. */
    private static function around(Imagick $picture, float $x, float $y, int $side): Imagick
    {
        $start = static fn (float $share, int $pixels): int => max(0, min($pixels - $side, (int) floor($share * $pixels - ($side - 1) / 2)));
        $patch = $picture->getImageRegion($side, $side, $start($x, $picture->getImageWidth()), $start($y, $picture->getImageHeight()));
        $patch->setImagePage(0, 0, 0, 0);

        return $patch;
    }

    /**
     * The colour of a small patch.
     *
     * @param  float  $x  share of the whole picture's width, 0…1
     * @param  float  $y  share of its height
     * @return array{string, float} `#rrggbb`, and its L*
     */
    public function patch(Photo $photo, Plan $plan, float $x, float $y): array
    {
        $picture = new Imagick('jpeg:'.$this->photos->preview($photo, $plan->choices->framing));
        $patch = self::around($picture, $x, $y, self::side($picture));
        $patch->resizeImage(1, 1, Imagick::FILTER_BOX, 1);
        /** @var array{int<0, 255>, int<0, 255>, int<0, 255>} $rgb */
        $rgb = $patch->exportImagePixels(0, 0, 1, 1, 'RGB', Imagick::PIXEL_CHAR);

        return [sprintf('#%02x%02x%02x', ...$rgb), Lab::fromSrgb(...$rgb)->lightness];
    }
}
