<?php

declare(strict_types=1);

namespace InchLadder\Copying;

use InchLadder\Measure\Graduation;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Pixels\Contour;

/** What is seen in one cell of the photo: the crossings on its four sides, and how contours run between them and inside. */
final readonly class CellAnalysis
{
    private function __construct(
        /** @var list<Crossing> side by side, each side's in their order */
        public array $crossings,
        /** @var list<ContourTrace> those that matter most first */
        public array $contours,
        /** @var list<Crossing> crossings that no contour here leads to or from */
        public array $alone,
    ) {
    }

    /** @param  Size  $cell  on the paper */
    public static function of(SeenInCell $seen, Size $cell, Graduation $ruler): self
    {
        $runs = array_merge(...array_map(static fn (Run $run): array => self::parts($run, $cell), $seen->runs));
        usort($runs, static fn (Run $a, Run $b): int => self::weight($b) <=> self::weight($a));
        $ends = [
            ...array_map(static fn (array $one): array => [...$one, 0.0, null, true], $seen->set),
            ...array_map(static fn (array $one): array => [...$one, 0.0, null, false], $seen->left),
        ];
        foreach ($runs as $run) {
            foreach ($run->crossings() as $crossing) {
                $ends[] = [...$crossing, $run->contrast, $run->width, $run->byHand];
            }
        }
        // Both cells at a side come to the same, whatever else each of them has in it.
        usort($ends, static fn (array $a, array $b): int => [$b[4], $b[2], $a[1]] <=> [$a[4], $a[2], $b[1]]);
        $crossings = [];
        foreach ($ends as [$side, $at, $contrast, $width, $byHand]) {
            if (self::near($crossings, $side, $at) === null) {
                $crossings[] = Crossing::of($side, $at, $contrast, $width === null ? null : Length::mm(Rational::near($width)), $byHand, $cell, $ruler);
            }
        }
        usort($crossings, static fn (Crossing $a, Crossing $b): int => $b->comesBefore($a) <=> $a->comesBefore($b));
        $contours = array_map(static fn (Run $run): ContourTrace => ContourTrace::of(
            $run,
            $run->in === null ? null : self::near($crossings, $run->in, $run->in->isUpright() ? $run->path[0][1] : $run->path[0][0]),
            $run->out === null ? null : self::near($crossings, $run->out, $run->out->isUpright() ? $run->path[count($run->path) - 1][1] : $run->path[count($run->path) - 1][0]),
            $cell,
        ), $runs);
        $led = [...array_column($contours, 'in'), ...array_column($contours, 'out')];

        return new self($crossings, $contours, array_values(array_filter($crossings, static fn (Crossing $crossing): bool => ! in_array($crossing, $led, true))));
    }

    /** Whether anything is left unsaid: a crossing that leads nowhere, a contour that stops at a side. */
    public function isOpen(): bool
    {
        return $this->alone !== [] || $this->stopping() !== [];
    }

    /** @return list<ContourTrace> contours that stop at a side */
    public function stopping(): array
    {
        return array_values(array_filter($this->contours, static fn (ContourTrace $contour): bool => $contour->stopsAtSide()));
    }

    /**
     * A run that is too much to be kept in mind is told from corner to corner.
     *
     * @return non-empty-list<Run>
     */
    private static function parts(Run $run, Size $cell): array
    {
        $pieces = Pieces::of($run->path, $cell);

        return count($pieces->all) > Figures::MOST_PIECES && ! $run->isClosed() ? $run->cutAt($pieces->corners) : [$run];
    }

    /** How much a run matters in its cell: a long contour before a short stronger one. */
    private static function weight(Run $run): float
    {
        return $run->byHand ? INF : $run->contrast * Contour::along(array_column($run->path, 0), array_column($run->path, 1)) * min(2.0, 0.5 + $run->whole);
    }

    /** @param  list<Crossing>  $crossings */
    private static function near(array $crossings, Side $side, float $at): ?Crossing
    {
        [$best, $off] = [null, Figures::SAME_CROSSING];
        foreach ($crossings as $crossing) {
            if ($crossing->side === $side && abs($crossing->at - $at) < $off) {
                [$best, $off] = [$crossing, abs($crossing->at - $at)];
            }
        }

        return $best;
    }
}
