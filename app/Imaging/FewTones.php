<?php

declare(strict_types=1);

namespace App\Imaging;

use Imagick;
use InchLadder\Tone\Tones;
use InchLadder\Tone\ValueScale;

/** A picture in few greys: each place in the grey of the step its L* belongs to. */
final readonly class FewTones
{
    /** Entries of the table from L* to grey: a tenth of L* each. */
    private const ENTRIES = 1001;

    /** Pixels along a picture in which areas are told apart: half a millimetre on a sheet of A2. */
    private const SIDE = 1000;

    /** Pixels over which its grain is evened out before it is counted; less than the edge of anything takes. */
    private const GRAIN = 0.8;

    /**
     * @param  non-empty-list<int>  $greys  a byte for each step, the lightest first
     * @param  int  $drop  how large an area must be to be kept: 0, all of them, to 4
     */
    public function __construct(private ValueScale $scale, private array $greys, private int $drop)
    {
    }

    /** Whether small areas are left out: that is told over the whole picture, and cells are cut from it. */
    public function isSimplified(): bool
    {
        return $this->drop > 0;
    }

    public function of(Imagick $picture): Imagick
    {
        // The library's L*, from linear light (IEC 61966-2-1, CIE 15), is the first of three channels.
        $picture->transformImageColorspace(Imagick::COLORSPACE_LAB); // @phpstan-ignore classConstant.notFound (the analyser's own list of them is older)
        $picture->separateImageChannel(Imagick::CHANNEL_RED);
        $picture->setImageColorspace(Imagick::COLORSPACE_GRAY);

        return $this->isSimplified() ? $this->simplified($picture) : $this->counted($picture);
    }

    private function counted(Imagick $lightness): Imagick
    {
        $table = new Imagick;
        $table->newImage(self::ENTRIES, 1, 'black');
        $table->transformImageColorspace(Imagick::COLORSPACE_GRAY);
        $table->importImagePixels(0, 0, self::ENTRIES, 1, 'I', Imagick::PIXEL_CHAR, array_map(fn (int $i): int => $this->greys[$this->scale->step($i / 10) - 1], range(0, self::ENTRIES - 1)));
        $lightness->clutImage($table);

        return $lightness;
    }

    private function simplified(Imagick $lightness): Imagick
    {
        if (max($lightness->getImageWidth(), $lightness->getImageHeight()) > self::SIDE) {
            $lightness->resizeImage(self::SIDE, self::SIDE, Imagick::FILTER_TRIANGLE, 1, true);
        }
        $lightness->blurImage(0, self::GRAIN);
        [$wide, $high] = [$lightness->getImageWidth(), $lightness->getImageHeight()];
        $lightness->setImageDepth(8);
        $lightness->setImageFormat('gray');
        $bytes = implode('', array_map(chr(...), range(0, 255)));
        $steps = implode('', array_map(fn (int $byte): string => chr($this->scale->step($byte / 2.55) - 1), range(0, 255)));
        $tones = Tones::without($this->drop, strtr($lightness->getImageBlob(), $bytes, $steps), $wide);
        $few = new Imagick;
        $few->readImageBlob("P5 {$wide} {$high} 255\n".strtr($tones, implode('', array_map(chr(...), array_keys($this->greys))), implode('', array_map(chr(...), $this->greys))), 'few.pgm');

        return $few;
    }

    /** One name for one way of showing. */
    public function key(): string
    {
        return sprintf('%s-%.2f-%.2f-%d', implode('-', $this->greys), $this->scale->light, $this->scale->dark, $this->drop);
    }
}
