<?php

namespace Tests;

use Imagick;

/** A printed page as pixels: where lines are, to a fraction of a millimetre. */
final class Raster
{
    private Imagick $image;

    private float $perMm;

    public function __construct(string $png)
    {
        $this->image = new Imagick;
        $this->image->readImageBlob($png);
        $this->perMm = $this->image->getImageResolution()['x'] / 10;
    }

    /** @return array{float, float} width and height in mm */
    public function size(): array
    {
        return [$this->image->getImageWidth() / $this->perMm, $this->image->getImageHeight() / $this->perMm];
    }

    /**
     * Middles of the runs of a colour along a level walk, in mm.
     *
     * @param  \Closure(int, int, int): bool  $is
     * @return list<float>
     */
    public function across(float $y, \Closure $is): array
    {
        return $this->runs($this->image->exportImagePixels(0, (int) round($y * $this->perMm), $this->image->getImageWidth(), 1, 'RGB', Imagick::PIXEL_CHAR), $is);
    }

    /**
     * As across, along an upright walk.
     *
     * @param  \Closure(int, int, int): bool  $is
     * @return list<float>
     */
    public function down(float $x, \Closure $is): array
    {
        return $this->runs($this->image->exportImagePixels((int) round($x * $this->perMm), 0, 1, $this->image->getImageHeight(), 'RGB', Imagick::PIXEL_CHAR), $is);
    }

    /** @return array{int, int, int} */
    public function at(float $x, float $y): array
    {
        return $this->image->exportImagePixels((int) round($x * $this->perMm), (int) round($y * $this->perMm), 1, 1, 'RGB', Imagick::PIXEL_CHAR);
    }

    public static function dark(): \Closure
    {
        return fn (int $r, int $g, int $b): bool => $r + $g + $b < 380;
    }

    /** The rose pencil, on paper or pixels that are not rosy. */
    public static function rose(): \Closure
    {
        return fn (int $r, int $g, int $b): bool => $r > 225 && $g > 60 && $g < 150 && $b > 110 && $b < 200;
    }

    /**
     * @param  list<int>  $pixels
     * @return list<float>
     */
    private function runs(array $pixels, \Closure $is): array
    {
        $runs = [];
        $from = null;
        foreach (array_chunk($pixels, 3) as $i => $rgb) {
            if ($is(...$rgb)) {
                $from ??= $i;
            } elseif ($from !== null) {
                $runs[] = ($from + $i) / 2 / $this->perMm;
                $from = null;
            }
        }

        return $runs;
    }
}
