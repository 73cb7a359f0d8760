<?php

declare(strict_types=1);

namespace InchLadder\Photo;

/** From the photo as it lies to the picture that is drawn from: what the print shows of it, held the right way, and without its border. */
final readonly class Framing
{
    public PrintedPart $part;

    /** @param  PrintedPart|null  $part  null for all of the photo */
    public function __construct(public Turning $turning, public Border $border, ?PrintedPart $part = null)
    {
        $this->part = $part ?? PrintedPart::whole();
    }

    public static function plain(): self
    {
        return new self(Turning::none(), Border::none());
    }

    public function isPlain(): bool
    {
        return $this->turning->isNone() && $this->border->isNone() && $this->part->isWhole();
    }

    /**
     * The picture inside a photo that is held this way.
     *
     * @param  Reference  $whole  what the print shows of the photo after its quarter turns, border and all
     */
    public function within(Reference $whole): Reference
    {
        [$width, $height] = $whole->pixelsWide === null || $whole->pixelsHigh === null
            ? [$this->border->width(), $this->border->height()]
            : $this->shares($whole->pixelsWide, $whole->pixelsHigh);

        return $whole->part($width, $height);
    }

    /**
     * The picture's width and height as shares of what the print shows of the quarter-turned photo.
     *
     * @return array{\InchLadder\Measure\Rational, \InchLadder\Measure\Rational}
     */
    public function shares(int $wide, int $high): array
    {
        [$width, $height] = $this->turning->kept($wide, $high);

        return [$width->times($this->border->width()), $height->times($this->border->height())];
    }

    /**
     * Where the picture lies inside what straightening keeps (a rectangle about the middle of what the print shows).
     *
     * @param  int  $wide  pixels of the photo as it lies
     * @return array{keptWide: int, keptHigh: int, left: int, top: int, width: int, height: int} pixels
     */
    public function pixels(int $wide, int $high): array
    {
        [, , $wide, $high] = $this->part->pixels(...$this->turning->quarterTurned($wide, $high));
        [$width, $height] = $this->turning->kept($wide, $high);
        [$keptWide, $keptHigh] = [$width->times($wide)->round(), $height->times($high)->round()];

        return [
            'keptWide' => $keptWide,
            'keptHigh' => $keptHigh,
            'left' => $this->border->left->times($keptWide)->round(),
            'top' => $this->border->top->times($keptHigh)->round(),
            'width' => max(1, $this->border->width()->times($keptWide)->round()),
            'height' => max(1, $this->border->height()->times($keptHigh)->round()),
        ];
    }
}
