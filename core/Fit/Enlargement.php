<?php

declare(strict_types=1);

namespace InchLadder\Fit;

use InchLadder\Measure\Length;
use InchLadder\Measure\Size;

/** A size an artist thinks of for a picture, held against the true enlargements of it. */
final readonly class Enlargement
{
    private function __construct(
        public Size $picture,
        public Size $wanted,
        public Scale $scale,
        /** Whether the same length was added to both sides (or taken off them). */
        public bool $addsTheSame,
        /** The height that goes with the wanted width. */
        public Length $trueHeight,
        /** The width that goes with the wanted height. */
        public Length $trueWidth,
    ) {
    }

    public static function of(Size $picture, Size $wanted): self
    {
        $added = $wanted->minus($picture);

        return new self(
            $picture,
            $wanted,
            Scale::between($picture, $wanted),
            $added->width->equals($added->height) && ! $added->width->isZero(),
            $wanted->width->dividedBy($picture->ratio()),
            $wanted->height->times($picture->ratio()),
        );
    }

    /** A point on the extended diagonal: both sides grow by the same factor. */
    public function isTrue(): bool
    {
        return $this->scale->keepsProportion();
    }
}
