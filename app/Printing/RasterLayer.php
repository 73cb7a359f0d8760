<?php

declare(strict_types=1);

namespace App\Printing;

use App\Imaging\PhotoStore;
use App\Imaging\TonePixels;
use App\Models\Drawing;
use App\Models\Photo;
use Imagick;
use InchLadder\Plan\Plan;

/** The picture under a sheet's lines, as pixels. It is decoded when the first page asks for its piece. */
final class RasterLayer
{
    /** Share of white over what is not drawn. */
    private const DIMMED = 0.68;

    /** Up to this many times the pixels a print needs are left as they are: making them fewer would take longer than printing them. */
    private const TOO_MANY = 1.5;

    private ?Imagick $image = null;

    private function __construct(private readonly Photo $photo, private readonly Plan $plan, private readonly bool $whole, private readonly Look $look, private readonly bool $mirrored, private readonly int $most)
    {
    }

    /**
     * The crop, or the whole picture with the rest dimmed; null when there are only sizes.
     *
     * @param  int  $most  pixels across that its printed size can show; a picture with many more is made smaller
     */
    public static function of(Drawing $drawing, Plan $plan, bool $whole, Look $look, bool $mirrored, int $most): ?self
    {
        return $drawing->photo === null ? null : new self($drawing->photo, $plan, $whole, $look, $mirrored, $most);
    }

    /** Pixels across. */
    public function width(): int
    {
        $framed = $this->plan->choices->framing->pixels($this->photo->width, $this->photo->height)['width'];

        return max(1, min($this->most, (int) round($framed * ($this->whole ? 1 : $this->plan->layout->fitted->crop->width->toFloat()))));
    }

    /** The piece that covers a part, of whole pixels, laid where it belongs and shown as far as wanted. */
    public function piece(Rectangle $part, Rectangle $on): Picture
    {
        $image = $this->image();
        [$wide, $high] = [$image->getImageWidth(), $image->getImageHeight()];
        if ($part->holds(new Rectangle(0, 0, 1, 1))) {
            return new Picture($on, $image->getImageBlob());
        }
        [$left, $top] = [(int) max(0, floor($part->x * $wide)), (int) max(0, floor($part->y * $high))];
        [$right, $bottom] = [(int) min($wide, ceil($part->right() * $wide)), (int) min($high, ceil($part->bottom() * $high))];
        $piece = $image->getImageRegion(max(1, $right - $left), max(1, $bottom - $top), $left, $top);
        $piece->setImagePage(0, 0, 0, 0);
        $piece->setImageFormat('jpeg');
        $piece->setImageCompressionQuality(90);
        $pixels = new Rectangle($left / $wide, $top / $high, max(1, $right - $left) / $wide, max(1, $bottom - $top) / $high);

        return new Picture($pixels->in($on), $piece->getImageBlob(), $part->in($on));
    }

    /** All of it, no larger than so many pixels, for a small picture beside words. */
    public function small(Rectangle $on, int $side): Picture
    {
        $small = clone $this->image();
        $small->thumbnailImage($side, $side, true);

        return new Picture($on, $small->getImageBlob());
    }

    private function image(): Imagick
    {
        if ($this->image !== null) {
            return $this->image;
        }
        $crop = $this->plan->layout->fitted->crop;
        if ($this->look === Look::Tones) {
            return $this->image = $this->finished($this->inTones($this->whole ? [0.0, 0.0, 1.0, 1.0] : [$crop->left->toFloat(), $crop->top->toFloat(), $crop->width->toFloat(), $crop->height->toFloat()]));
        }
        $image = app(PhotoStore::class)->decode($this->photo, $this->plan->choices->framing, $this->side());
        [$wide, $high] = [$image->getImageWidth(), $image->getImageHeight()];
        $kept = new Rectangle($crop->left->toFloat(), $crop->top->toFloat(), $crop->width->toFloat(), $crop->height->toFloat());
        // Cutting copies every pixel; a crop that is the whole picture needs none of that.
        if (! $this->whole && ! $kept->holds(new Rectangle(0, 0, 1, 1))) {
            $pixels = $kept->in(new Rectangle(0, 0, $wide, $high));
            $image->cropImage(max(1, (int) round($pixels->width)), max(1, (int) round($pixels->height)), (int) round($pixels->x), (int) round($pixels->y));
            $image->setImagePage(0, 0, 0, 0);
        }
        if ($image->getImageWidth() > self::TOO_MANY * $this->most) {
            $image->resizeImage($this->most, 0, Imagick::FILTER_TRIANGLE, 1);
        }

        return $this->image = $this->finished($this->look->of($image));
    }

    /**
     * The same picture that the Tone rung shows.
     *
     * @param  array{float, float, float, float}  $part  left, top, width, height as shares of the picture
     */
    private function inTones(array $part): Imagick
    {
        $image = new Imagick;
        $shape = $this->plan->layout->fitted->crop->shapeOn($this->plan->layout->reference)->toFloat();
        $longer = (int) ceil($this->most * max(1, 1 / $shape));
        $tones = app(TonePixels::class)->counted($this->photo, $this->plan);
        $image->readImageBlob(app(PhotoStore::class)->cut($this->photo, $part, $longer, $this->plan->choices->framing, $tones));

        return $image;
    }

    /** With what is not drawn dimmed, back to front where that is wanted, ready to be printed. */
    private function finished(Imagick $image): Imagick
    {
        if ($this->whole) {
            $crop = $this->plan->layout->fitted->crop;
            $image = self::dimmed($image, new Rectangle($crop->left->toFloat(), $crop->top->toFloat(), $crop->width->toFloat(), $crop->height->toFloat()));
        }
        if ($this->mirrored) {
            $image->flopImage();
        }
        $image->setImageFormat('jpeg');
        $image->setImageCompressionQuality(90);

        return $image;
    }

    /** How many pixels the whole photo's longer side needs, for its printed part to show enough. */
    private function side(): int
    {
        $framed = $this->plan->choices->framing->pixels($this->photo->width, $this->photo->height)['width'];
        $across = $framed * ($this->whole ? 1 : $this->plan->layout->fitted->crop->width->toFloat());

        return (int) ceil(max($this->photo->width, $this->photo->height) * min(1, $this->most / $across));
    }

    private static function dimmed(Imagick $image, Rectangle $kept): Imagick
    {
        $pixels = $kept->in(new Rectangle(0, 0, $image->getImageWidth(), $image->getImageHeight()));
        $bright = $image->getImageRegion(max(1, (int) round($pixels->width)), max(1, (int) round($pixels->height)), (int) round($pixels->x), (int) round($pixels->y));
        $image->colorizeImage('white', 'rgb('.implode(',', array_fill(0, 3, (int) (255 * self::DIMMED))).')');
        $image->compositeImage($bright, Imagick::COMPOSITE_COPY, (int) round($pixels->x), (int) round($pixels->y));

        return $image;
    }
}
