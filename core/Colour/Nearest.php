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
        foreach ($pencils as $i => $one) {
            $alone = Laid::nearest(...array_filter([$alone, ...Laid::byItself($one, $paper, $wanted)]));
            foreach (array_slice($pencils, $i + 1) as $other) {
                $two = Laid::nearest(...array_filter([$two, ...Laid::bothWays($one, $other, $paper, $wanted)]));
            }
        }

        return $alone === null ? null : new self($alone, $two !== null && $two->off < $alone->off - Figures::WORTH_TWO ? $two : null);
    }
}
