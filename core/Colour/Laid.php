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
        /** Whether the one under it is pressed lightly. */
        public bool $underLightly,
        public Reflectance $seen,
        /** CIEDE2000 from what is wanted. */
        public float $off,
    ) {
    }

    public static function alone(Pencil $pencil, bool $lightly, Reflectance $paper, Lab $wanted): self
    {
        $seen = $pencil->on($paper, $lightly);

        return new self($pencil, null, $lightly, false, $seen, $seen->lab()->differenceTo($wanted));
    }

    public static function over(Pencil $upper, Pencil $under, Reflectance $paper, Lab $wanted, bool $lightly = false, bool $underLightly = false): self
    {
        $seen = self::mixture($upper, $under, $paper, $lightly, $underLightly);

        return new self($upper, $under, $lightly, $underLightly, $seen, $seen->lab()->differenceTo($wanted));
    }

    /** @return array{self, self} one alone, pressed firmly and lightly */
    public static function byItself(Pencil $pencil, Reflectance $paper, Lab $wanted): array
    {
        return [self::alone($pencil, false, $paper, $wanted), self::alone($pencil, true, $paper, $wanted)];
    }

    /**
     * One over another, each pressed firmly and lightly, in both orders. Of two thin layers it is the same which is over which.
     *
     * @return list<self>
     */
    public static function bothWays(Pencil $one, Pencil $other, Reflectance $paper, Lab $wanted): array
    {
        $laid = [];
        foreach ([false, true] as $lightly) {
            foreach ([false, true] as $underLightly) {
                $laid[] = self::over($one, $other, $paper, $wanted, $lightly, $underLightly);
                if ($one->kind === Kind::Body || $other->kind === Kind::Body) {
                    $laid[] = self::over($other, $one, $paper, $wanted, $lightly, $underLightly);
                }
            }
        }

        return $laid;
    }

    /** The one that comes nearest; null of none. */
    public static function nearest(self ...$laid): ?self
    {
        return array_reduce($laid, static fn (?self $best, self $one): self => $best === null || $one->off < $best->off ? $one : $best);
    }

    /** Body colour that is pressed is worked into what lies under it; anything else lies on it as it would on paper. */
    public static function mixture(Pencil $upper, Pencil $under, Reflectance $paper, bool $lightly = false, bool $underLightly = false): Reflectance
    {
        $ground = $under->on($paper, $underLightly);

        return $upper->kind === Kind::Body && ! $lightly ? $ground->mixedWith($upper->firm, Figures::UPPER) : $upper->on($ground, $lightly);
    }
}
