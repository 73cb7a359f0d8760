<?php

declare(strict_types=1);

namespace InchLadder\Colour;

use InchLadder\Pixels\Lab;

/** Which of the pencils that are owned come nearest to a colour on a paper, one alone and two over each other. */
final readonly class Nearest
{
    private function __construct(public Laid $alone, /** Null where it is no nearer than the one alone. */ public ?Laid $two)
    {
    }

    /** @param  list<Pencil>  $pencils */
    public static function to(Lab $wanted, array $pencils, Reflectance $paper): ?self
    {
        $alone = $two = null;
        foreach ($pencils as $pencil) {
            foreach ([false, true] as $lightly) {
                $laid = Laid::alone($pencil, $lightly, $paper, $wanted);
                $alone = $alone === null || $laid->off < $alone->off ? $laid : $alone;
            }
        }
        foreach ($pencils as $i => $upper) {
            foreach ($pencils as $j => $under) {
                // Of two thin layers it is the same which lies over which.
                if ($i === $j || ($j < $i && $upper->kind !== Kind::Body && $under->kind !== Kind::Body)) {
                    continue;
                }
                $laid = Laid::over($upper, $under, $paper, $wanted);
                $two = $two === null || $laid->off < $two->off ? $laid : $two;
            }
        }

        return $alone === null ? null : new self($alone, $two !== null && $two->off < $alone->off - Figures::WORTH_TWO ? $two : null);
    }
}
