<?php

declare(strict_types=1);

namespace App\Imaging;

use Imagick;
use InchLadder\Pixels\Lab;
use InchLadder\Tone\Bar;
use InchLadder\Tone\Greys;
use InchLadder\Tone\Swatch;
use InchLadder\Tone\Tones;
use InchLadder\Tone\ValueScale;

/** A picture in few greys: each place in the grey of the step its L* belongs to. */
final readonly class FewTones
{
    /** Entries of the table from L* to grey: a tenth of L* each. */
    private const ENTRIES = 1001;

    /** Pixels along a picture in which areas are told apart: a millimetre on a sheet of A2, less than the line round one takes. */
    private const SIDE = 600;

    /** Of its pixels, over which borders are smoothed where it is enlarged. */
    private const SMOOTH = 1.0;

    /** Pixels over which its grain is evened out before it is counted; less than the edge of anything takes. */
    private const GRAIN = 0.8;

    /**
     * @param  non-empty-list<int>  $greys  a byte for each step, the lightest first
     * @param  int  $drop  how large an area must be to be kept: 0, all of them, to 4
     */
    public function __construct(private ValueScale $scale, private array $greys, private int $drop)
    {
    }

    /** The greys of a bar, over a picture's own range. */
    public static function ofBar(Bar $bar, ValueScale $scale, int $drop): self
    {
        // As they are written in an address, so that the same picture has one name.
        return new self(ValueScale::of($scale->steps, round($scale->light, 2), round($scale->dark, 2)), array_map(static fn (Swatch $box): int => Greys::byte($box->lightness), $bar->boxes), $drop);
    }

    /** Whether small areas are left out: that is told over the whole picture, and cells are cut from it. */
    public function isSimplified(): bool
    {
        return $this->drop > 0;
    }

    public function of(Imagick $picture): Imagick
    {
        if ($this->isSimplified()) {
            return $this->simplified($picture);
        }
        // The library's L*, from linear light (IEC 61966-2-1, CIE 15), is the first of three channels.
        $picture->transformImageColorspace(Imagick::COLORSPACE_LAB); // @phpstan-ignore classConstant.notFound (the analyser's own list of them is older)
        $picture->separateImageChannel(Imagick::CHANNEL_RED);
        $picture->setImageColorspace(Imagick::COLORSPACE_GRAY);

        return $this->counted($picture);
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

    private function simplified(Imagick $picture): Imagick
    {
        if (max($picture->getImageWidth(), $picture->getImageHeight()) > self::SIDE) {
            $picture->resizeImage(self::SIDE, self::SIDE, Imagick::FILTER_TRIANGLE, 1, true);
        }
        [$wide, $high] = [$picture->getImageWidth(), $picture->getImageHeight()];
        /** @var list<int> $pixels */
        $pixels = $picture->exportImagePixels(0, 0, $wide, $high, 'RGB', Imagick::PIXEL_CHAR);
        $lightness = new Imagick;
        $lightness->readImageBlob("P5 {$wide} {$high} 255\n".Lab::lightnessBytes($pixels), 'lightness.pgm');
        $lightness->blurImage(0, self::GRAIN);
        $lightness->setImageDepth(8);
        $lightness->setImageFormat('gray');
        $bytes = implode('', array_map(chr(...), range(0, 255)));
        $steps = implode('', array_map(fn (int $byte): string => chr($this->scale->step($byte / 2.55) - 1), range(0, 255)));
        $tones = Tones::without($this->drop, strtr($lightness->getImageBlob(), $bytes, $steps), $wide);
        $few = new Imagick;
        $few->readImageBlob("P5 {$wide} {$high} 255\n".strtr($tones, implode('', array_map(chr(...), array_keys($this->greys))), implode('', array_map(chr(...), $this->greys))), 'few.pgm');

        return $few;
    }

    /**
     * A part of such a picture, larger, its borders smooth. Each step and those before it are enlarged as one shape, so that
     * nothing comes to lie between two that touch (threshold decomposition: J. P. Fitch, E. J. Coyle and N. C. Gallagher,
     * "Median filtering by threshold decomposition", IEEE ASSP 32 (1984)).
     */
    public function enlarged(Imagick $few, float $wanted): Imagick
    {
        [$wide, $high] = [$few->getImageWidth(), $few->getImageHeight()];
        $across = max(1, (int) round($wanted));
        $down = max(1, (int) round($high * $across / $wide));
        $few->setImageDepth(8);
        $few->setImageFormat('gray');
        $bytes = $few->getImageBlob();
        $all = implode('', array_map(chr(...), range(0, 255)));
        $last = array_key_last($this->greys);
        $tones = str_repeat(chr($this->greys[$last]), $across * $down);
        for ($step = $last - 1; $step >= 0; $step--) {
            $lighter = array_slice($this->greys, 0, $step + 1);
            $shape = new Imagick;
            $shape->readImageBlob("P5 {$wide} {$high} 255\n".strtr($bytes, $all, implode('', array_map(static fn (int $byte): string => in_array($byte, $lighter, true) ? "\xff" : "\x00", range(0, 255)))), 'shape.pgm');
            $shape->resizeImage($across, $down, Imagick::FILTER_TRIANGLE, 1);
            $shape->blurImage(0, self::SMOOTH * $across / $wide);
            $shape->thresholdImage(0.5 * Imagick::getQuantum());
            $shape->setImageDepth(8);
            $shape->setImageFormat('gray');
            $mask = $shape->getImageBlob();
            $tones = $tones & ~$mask | str_repeat(chr($this->greys[$step]), $across * $down) & $mask;
        }
        $picture = new Imagick;
        $picture->readImageBlob("P5 {$across} {$down} 255\n{$tones}", 'few.pgm');

        return $picture;
    }

    /**
     * How much of a picture that is shown so each step takes.
     *
     * @return array<int, float> by step, together 1
     */
    public function shares(Imagick $few): array
    {
        $few->setImageDepth(8);
        $few->setImageFormat('gray');
        $bytes = $few->getImageBlob();
        $counted = count_chars($bytes, 1);

        return array_combine(range(1, count($this->greys)), array_map(static fn (int $grey): float => ($counted[$grey] ?? 0) / max(1, strlen($bytes)), $this->greys));
    }

    /** One name for one way of showing. */
    public function key(): string
    {
        return sprintf('%s-%.2f-%.2f-%d', implode('-', $this->greys), $this->scale->light, $this->scale->dark, $this->drop);
    }
}
