<?php

declare(strict_types=1);

namespace App\Imaging;

use Imagick;
use InchLadder\Tone\ValueScale;

/** A picture in few greys: each place in the grey of the step its L* belongs to. */
final readonly class FewTones
{
    /** Entries of the table from L* to grey: a tenth of L* each. */
    private const ENTRIES = 1001;

    /** Standard deviation of the smoothing, in pixels of a preview, for each step of what is left out. */
    private const DROP = 2.5;

    /**
     * @param  non-empty-list<int>  $greys  a byte for each step, the lightest first
     * @param  int  $drop  how large an area must be to be kept: 0, all of them, to 4
     */
    public function __construct(private ValueScale $scale, private array $greys, private int $drop)
    {
    }

    /** @param  float  $scale  pixels of this picture to one of a preview */
    public function of(Imagick $picture, float $scale): Imagick
    {
        // The library's L*, from linear light (IEC 61966-2-1, CIE 15), is the first of three channels.
        $picture->transformImageColorspace(Imagick::COLORSPACE_LAB); // @phpstan-ignore classConstant.notFound (the analyser's own list of them is older)
        $picture->separateImageChannel(Imagick::CHANNEL_RED);
        $picture->setImageColorspace(Imagick::COLORSPACE_GRAY);
        $this->drop > 0 && $picture->blurImage(0, self::DROP * $this->drop * $scale);
        $table = new Imagick;
        $table->newImage(self::ENTRIES, 1, 'black');
        $table->transformImageColorspace(Imagick::COLORSPACE_GRAY);
        $table->importImagePixels(0, 0, self::ENTRIES, 1, 'I', Imagick::PIXEL_CHAR, array_map(fn (int $i): int => $this->greys[$this->scale->step($i / 10) - 1], range(0, self::ENTRIES - 1)));
        $picture->clutImage($table);

        return $picture;
    }

    /** One name for one way of showing. */
    public function key(): string
    {
        return sprintf('%s-%.2f-%.2f-%d', implode('-', $this->greys), $this->scale->light, $this->scale->dark, $this->drop);
    }
}
