<?php

declare(strict_types=1);

namespace InchLadder\Checking;

use InchLadder\Measure\Rational;

/** Two lengths held against each other: how many times the other the one is, on the photo and on the drawing. */
final readonly class PairOfSpans
{
    private function __construct(
        public SpanOnPaper $one,
        public SpanOnPaper $other,
        public Proportion $wanted,
        /** On the drawing; null where either was not measured. */
        public ?Proportion $drawn,
    ) {
    }

    /**
     * Each against each: the pair whose proportion is farthest out first, those that were not measured last.
     *
     * @param  list<SpanOnPaper>  $spans
     * @return list<self> the longer of each pair first
     */
    public static function among(array $spans): array
    {
        $pairs = [];
        foreach ($spans as $i => $a) {
            foreach (array_slice($spans, $i + 1) as $b) {
                [$one, $other] = $b->paper->isLongerThan($a->paper) ? [$b, $a] : [$a, $b];
                [$long, $short] = [$one->span->drawn, $other->span->drawn];
                $pairs[] = new self($one, $other, $one->against($other), $long === null || $short === null || ! $short->isPositive() ? null : Proportion::of($long->over($short)));
            }
        }
        usort($pairs, static fn (self $a, self $b): int => $b->off() <=> $a->off());

        return $pairs;
    }

    /** How far the drawing's proportion is out, as a share of the photo's; over 0 where the first is too long for the second. */
    public function misfit(): ?Rational
    {
        return $this->drawn === null ? null : $this->drawn->ratio->dividedBy($this->wanted->ratio)->minus(1);
    }

    private function off(): float
    {
        $misfit = $this->misfit();

        return $misfit === null ? -1.0 : abs($misfit->toFloat());
    }
}
