<?php

declare(strict_types=1);

namespace InchLadder\Checking;

use InchLadder\Measure\Rational;

/** Two lengths held against each other: how many times the other the one is, on the photo and on the drawing. */
final readonly class PairOfLengths
{
    private function __construct(
        public Sized $one,
        public Sized $other,
        public Proportion $wanted,
        /** On the drawing; null where either was not measured. */
        public ?Proportion $drawn,
    ) {
    }

    /**
     * Each against each: the pair whose proportion is farthest out first, those that were not measured last.
     *
     * @param  list<Sized>  $lengths
     * @param  int  $most  pairs that are wanted
     * @return list<self> the longer of each pair first
     */
    public static function among(array $lengths, int $most): array
    {
        $pairs = [];
        foreach ($lengths as $i => $a) {
            foreach (array_slice($lengths, $i + 1) as $b) {
                [$one, $other] = $b->paper->isLongerThan($a->paper) ? [$b, $a] : [$a, $b];
                [$long, $short] = [$one->drawn?->toFloat(), $other->drawn?->toFloat()];
                $measured = $long !== null && $short !== null && $long > 0 && $short > 0;
                // The order needs no fractions; of forty lengths there are 780 pairs.
                $pairs[] = [$measured ? abs($long / $short * $other->paper->toFloat() / $one->paper->toFloat() - 1) : -1.0, $one, $other, $measured];
            }
        }
        usort($pairs, static fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return array_map(static fn (array $pair): self => new self(
            $pair[1], $pair[2], Proportion::of($pair[1]->paper->over($pair[2]->paper)),
            $pair[3] && $pair[1]->drawn !== null && $pair[2]->drawn !== null ? Proportion::of($pair[1]->drawn->over($pair[2]->drawn)) : null,
        ), array_slice($pairs, 0, $most));
    }

    /** How far the drawing's proportion is out, as a share of the photo's; over 0 where the first is too long for the second. */
    public function misfit(): ?Rational
    {
        return $this->drawn === null ? null : $this->drawn->ratio->dividedBy($this->wanted->ratio)->minus(1);
    }
}
