<?php

declare(strict_types=1);

namespace App\Imaging;

use App\Models\Photo;
use Imagick;
use InchLadder\Colour\Reflectance;
use InchLadder\Pixels\Field;
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

    /** The photo as it is shown in those. */
    public function shown(Photo $photo, Plan $plan): ShownTones
    {
        $tones = $this->counted($photo, $plan);

        return new ShownTones(new Imagick('png:'.$this->photos->fewTones($photo, $plan->choices->framing, $tones)), $tones);
    }

    /** Side of the patch that a probe takes, in pixels of a picture. */
    public static function side(Imagick $picture): int
    {
        return max(3, (int) round(self::PROBE * max($picture->getImageWidth(), $picture->getImageHeight())));
    }

    /** So many pixels each way about a place, inside the picture. */
    public static function around(Imagick $picture, float $x, float $y, int $side): Imagick
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
        $picture = $this->photos->colours($photo, $plan->choices->framing);
        $side = self::side($picture);
        /** @var list<int<0, 255>> $pixels */
        $pixels = self::around($picture, $x, $y, $side)->exportImagePixels(0, 0, $side, $side, 'RGB', Imagick::PIXEL_CHAR);
        $seen = Reflectance::mean($pixels);

        return [$seen->hex(), $seen->lab()->lightness];
    }
}
