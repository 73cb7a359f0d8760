<?php

declare(strict_types=1);

namespace InchLadder\Marks;

use InchLadder\Layout\Layout;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;

/** The corner of the crop that a print's readings count from, and how far it lies inside the print's own, its border with it. */
final readonly class CountedFrom
{
    private function __construct(
        /** Whether line 1 lies next to the right edge, as on a print that is seen mirrored. */
        public bool $right,
        /** From the print's edge on that side; and from its top. */
        public Length $across,
        public Length $down,
        /** Whether the crop's sides are not parallel to the print's. */
        public bool $leans,
    ) {
    }

    /** @return self|null null on a screen */
    public static function on(Layout $layout): ?self
    {
        $print = $layout->whole->print;
        if ($print === null) {
            return null;
        }
        $turning = $layout->framing->turning;
        [$x, $y] = $layout->map()->cropToPrint()->apply(Rational::zero(), Rational::zero());
        $across = $turning->mirrored ? Rational::one()->minus($x) : $x;

        return new self($turning->mirrored, $print->width->times($across), $print->height->times($y), $turning->degrees !== 0.0);
    }

    /** Whether they count from the print's own corner. */
    public function isOwn(): bool
    {
        return ! $this->leans && $this->across->isZero() && $this->down->isZero();
    }
}
