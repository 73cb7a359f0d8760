<?php

declare(strict_types=1);

namespace InchLadder\Layout;

use InchLadder\Fit\Crop;
use InchLadder\Measure\Rational;
use InchLadder\Photo\Framing;

/**
 * The one map between the picture as its file has it, the print of it, the picture that is drawn from
 * (turned, mirrored, straightened, without its border), and the crop. Each is in shares of its own
 * width and height, from its top left.
 *
 * Everything placed on the picture goes through here when one of them changes. Straightening
 * turns by an angle whose sine is no fraction: its map is right to a billionth.
 */
final readonly class PictureMap
{
    private const PLACES = 9;

    private function __construct(
        /** From the crop to the picture that is drawn from. */
        public Affine $cropToPicture,
        /** From that picture to the print: held upright, border and all, and never mirrored. */
        public Affine $pictureToPrint,
        /** From the print to the file as it lies. */
        public Affine $printToFile,
    ) {
    }

    /**
     * @param  int|null  $wide  pixels of what the print shows of the photo after its quarter turns; null when there are only sizes, which cannot be straightened
     */
    public static function of(Framing $framing, Crop $crop, ?int $wide, ?int $high): self
    {
        $border = $framing->border;
        $map = Affine::box($border->left, $border->top, $border->width(), $border->height());
        $turning = $framing->turning;
        if ($turning->degrees !== 0.0 && $wide !== null && $high !== null) {
            [$keptWide, $keptHigh] = $turning->kept($wide, $high);
            $half = Rational::nd(1, 2);
            [$cos, $sin] = [cos(deg2rad($turning->degrees)), sin(deg2rad($turning->degrees))];
            $number = static fn (float $number): Rational => Rational::near($number, self::PLACES);
            $map = $map
                ->then(Affine::box(Rational::one()->minus($keptWide)->times($half), Rational::one()->minus($keptHigh)->times($half), $keptWide, $keptHigh))
                // About the middle, back from where straightening turned it, in shares of sides of unlike length.
                ->then(Affine::of(1, 0, $half->negated(), 0, 1, $half->negated()))
                ->then(new Affine($number($cos), $number($sin * $high / $wide), Rational::zero(), $number(-$sin * $wide / $high), $number($cos), Rational::zero()))
                ->then(Affine::of(1, 0, $half, 0, 1, $half));
        }
        if ($turning->mirrored) {
            $map = $map->then(Affine::of(-1, 0, 1, 0, 1, 0));
        }

        $part = $framing->part;

        return new self(Affine::box($crop->left, $crop->top, $crop->width, $crop->height), $map, Affine::box($part->left, $part->top, $part->width, $part->height)->then(match ($turning->quarters) {
            1 => Affine::of(0, 1, 0, -1, 0, 1),
            2 => Affine::of(-1, 0, 1, 0, -1, 1),
            3 => Affine::of(0, -1, 1, 1, 0, 0),
            default => Affine::identity(),
        }));
    }

    public function pictureToFile(): Affine
    {
        return $this->pictureToPrint->then($this->printToFile);
    }

    public function cropToFile(): Affine
    {
        return $this->cropToPicture->then($this->pictureToFile());
    }

    public function cropToPrint(): Affine
    {
        return $this->cropToPicture->then($this->pictureToPrint);
    }

    /** From the picture as it is held here to the same as it is held there. */
    public function pictureTo(self $there): Affine
    {
        return $this->pictureToFile()->then($there->pictureToFile()->inverse());
    }

    /** From the crop here to the crop there. */
    public function cropTo(self $there): Affine
    {
        return $this->cropToFile()->then($there->cropToFile()->inverse());
    }
}
