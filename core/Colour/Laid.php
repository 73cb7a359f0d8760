<?php

declare(strict_types=1);

namespace InchLadder\Colour;

use InchLadder\Pixels\Lab;

/** One pencil, or one over another, on a paper, and how far that is from what is wanted. */
final readonly class Laid
{
    private function __construct(
        public Pencil $upper,
        /** What lies under it; null for one alone. */
        public ?Pencil $under,
        /** Whether the upper one is pressed lightly. */
        public bool $lightly,
        public Reflectance $seen,
        /** CIEDE2000 from what is wanted. */
        public float $off,
    ) {
    }

    public static function alone(Pencil $pencil, bool $lightly, Reflectance $paper, Lab $wanted): self
    {
        $seen = $pencil->on($paper, $lightly);

        return new self($pencil, null, $lightly, $seen, $seen->lab()->differenceTo($wanted));
    }

    public static function over(Pencil $upper, Pencil $under, Reflectance $paper, Lab $wanted, bool $lightly = false): self
    {
        $seen = self::mixture($upper, $under, $paper, $lightly);

        return new self($upper, $under, $lightly, $seen, $seen->lab()->differenceTo($wanted));
    }

    /** Body colour that is pressed is worked into what lies under it; anything else lies on it as it would on paper. */
    public static function mixture(Pencil $upper, Pencil $under, Reflectance $paper, bool $lightly = false): Reflectance
    {
        $ground = $under->on($paper);

        return $upper->kind === Kind::Body && ! $lightly ? $ground->mixedWith($upper->firm, Figures::UPPER) : $upper->on($ground, $lightly);
    }
}
