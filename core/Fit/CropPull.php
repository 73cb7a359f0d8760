<?php

declare(strict_types=1);

namespace InchLadder\Fit;

use InchLadder\Measure\Rational;

/** What pulling at a crop by hand makes of it. It never ends over the edge of the photo, nor smaller than the least one. */
final readonly class CropPull
{
    /** @param  Rational  $size  side of the crop against the largest of its shape, in [0.05, 1] */
    public function __construct(private Crop $crop, private Rational $size)
    {
    }

    public function moved(Rational $left, Rational $top): Frame
    {
        return $this->frame($this->crop->movedTo($left, $top), $this->size);
    }

    /**
     * Its far corner pulled to a width and a height, of which the shape takes the larger; the near corner stays as long as there is room.
     *
     * @param  Rational  $width  share of the photo
     */
    public function corner(Rational $width, Rational $height): Frame
    {
        return $this->frame($this->crop, self::bounded($this->size->times(Rational::larger($width->dividedBy($this->crop->width), $height->dividedBy($this->crop->height)))));
    }

    /** The same of a crop whose shape is free: as wide and as high as it was pulled, to the photo's edge. */
    public function freeCorner(Rational $width, Rational $height): Crop
    {
        $within = static fn (Rational $pulled, Rational $start): Rational => self::bounded(Rational::smaller($pulled, Rational::one()->minus($start)));

        return Crop::at($this->crop->left, $this->crop->top, $within($width, $this->crop->left), $within($height, $this->crop->top));
    }

    /** Larger or smaller about its own middle, as near as the photo's edge allows. */
    public function sized(Rational $size): Frame
    {
        $size = self::bounded($size);
        $by = $size->dividedBy($this->size);
        $start = static fn (Rational $was, Rational $side): Rational => $was->plus($side->times(Rational::one()->minus($by))->dividedBy(2));
        $crop = Crop::at(null, null, $this->crop->width->times($by), $this->crop->height->times($by));

        return $this->frame($crop->movedTo($start($this->crop->left, $this->crop->width), $start($this->crop->top, $this->crop->height)), $size);
    }

    private function frame(Crop $crop, Rational $size): Frame
    {
        return new Frame($crop->left, $crop->top, $size);
    }

    private static function bounded(Rational $share): Rational
    {
        return Rational::larger(Rational::of(Frame::LEAST), Rational::smaller(Rational::one(), $share));
    }
}
