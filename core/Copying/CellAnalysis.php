<?php

declare(strict_types=1);

namespace InchLadder\Copying;

use InchLadder\Measure\Graduation;
use InchLadder\Measure\Size;
use InchLadder\Pixels\Contour;
use InchLadder\Pixels\Field;
use InchLadder\Pixels\Gradient;
use InchLadder\Pixels\Transition;
use InchLadder\Pixels\Transitions;

/**
 * What is seen in one cell of the photo: the crossings on its four sides, and how contours
 * run between them. Only lightness counts: where two colours are equally light, no edge is seen.
 */
final readonly class CellAnalysis
{
    private const MOST = 6;

    private function __construct(
        /** @var list<Crossing> side by side, each side's in their order */
        public array $crossings,
        /** @var list<ContourTrace> the strongest first */
        public array $courses,
    ) {
    }

    /**
     * @param  array<string, non-empty-list<int|float>>  $sides  lightness along each side, by `Side`
     * @param  Field  $inside  the cell's own lightness, with the same spacing both ways on the photo
     * @param  Size  $cell  on the paper
     */
    public static function of(array $sides, Field $inside, Size $cell, Graduation $ruler): self
    {
        $crossings = [];
        foreach (Side::cases() as $side) {
            foreach (Transitions::along($sides[$side->value]) as $step) {
                $crossings[] = Crossing::of($side, $step, $cell, $ruler);
            }
        }

        return new self($crossings, $crossings === [] ? [] : self::courses($crossings, Gradient::of($inside), $cell, $ruler));
    }

    /**
     * @param  non-empty-list<Crossing>  $crossings
     * @return list<ContourTrace>
     */
    private static function courses(array $crossings, Gradient $gradient, Size $cell, Graduation $ruler): array
    {
        $strongest = $crossings;
        usort($strongest, static fn (Crossing $a, Crossing $b): int => abs($b->change) <=> abs($a->change));
        $joined = [];
        $courses = [];
        foreach ($strongest as $in) {
            if (in_array($in, $joined, true) || count($courses) === self::MOST) {
                continue;
            }
            $contour = Contour::from($gradient, ...$in->side->point($in->at));
            if (count($contour->points) >= Figures::SHORTEST_CONTOUR * max($gradient->wide, $gradient->high)) {
                $out = $contour->leaves ? self::crossingNear($contour, $in, $crossings, $cell, $ruler) : null;
                $joined[] = $out;
                $courses[] = ContourTrace::of($contour, $in, $out, $cell);
            }
        }

        return $courses;
    }

    /** @param  list<Crossing>  $crossings */
    private static function crossingNear(Contour $contour, Crossing $in, array $crossings, Size $cell, Graduation $ruler): Crossing
    {
        [$side, $at] = Side::of(...$contour->points[count($contour->points) - 1]);
        $near = array_filter($crossings, static fn (Crossing $other): bool => $other !== $in && $other->side === $side && abs($other->at - $at) < Figures::SAME_CROSSING);
        usort($near, static fn (Crossing $a, Crossing $b): int => abs($a->at - $at) <=> abs($b->at - $at));

        return $near[0] ?? Crossing::of($side, new Transition($at, 0), $cell, $ruler);
    }
}
