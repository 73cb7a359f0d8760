<?php

declare(strict_types=1);

namespace InchLadder\Compare;

use InchLadder\Layout\Layout;

/**
 * What is out, by how much, what to mend first, what to leave alone, and whether it is good enough. The simplest thing
 * that explains the misfits is said, in this order: the whole, what is stretched, what moved together, single places.
 */
final readonly class Verdict
{
    /**
     * @param  list<Judged>  $points  those that are out first, the farthest before; then what is unsure, what was meant, what passes
     * @param  list<Group>  $groups  that which explains most first
     * @param  list<Finding>  $findings  what is to be mended, in its order; none where the whole is stretched
     * @param  list<string>  $unmeasured  key points without a reading that counts
     */
    private function __construct(
        public Whole $whole,
        public array $points,
        public array $groups,
        public Cause $cause,
        public array $findings,
        public array $unmeasured,
        /** Where motions of the whole are told: the middle of the drawing, in mm. */
        public float $middleX,
        public float $middleY,
    ) {
    }

    /**
     * @param  list<Measured>  $measured
     * @param  list<string>  $unmeasured  key points of the crop that have no reading
     * @param  list<Measured>  $anchors  by which the whole is told as well, and nothing else
     */
    public static function of(Layout $layout, array $measured, array $unmeasured, array $anchors = []): self
    {
        [$wide, $high] = [$layout->fitted->area->width->toFloat(), $layout->fitted->area->height->toFloat()];
        $explained = Explanation::of([...$measured, ...$anchors], hypot($wide, $high));
        [$whole, $groups] = [$explained->whole, $explained->groups];
        $cell = static fn (float $x, float $y): array => $layout->grid->cellAt($x / $wide, $y / $high);
        $points = array_map(static fn (Measured $one): Judged => new Judged($one, $one->after($whole->motion), $cell($one->x, $one->y), $cell($one->outX, $one->outY)), $measured);
        usort($points, static fn (Judged $a, Judged $b): int => [$a->standing(), $b->times()] <=> [$b->standing(), $a->times()]);
        $counting = array_values(array_filter($points, static fn (Judged $one): bool => $one->measured->counts()));
        // A whole that is stretched cannot be put right place by place.
        $findings = $whole->model === Model::Affine ? [] : Finding::among($counting, $groups, $layout);
        $unsure = array_map(static fn (Measured $one): string => $one->name, array_filter($measured, static fn (Measured $one): bool => ! $one->sure && $one->meant === null));

        return new self(
            whole: $whole,
            points: $points,
            groups: $groups,
            cause: self::cause($whole, $findings),
            findings: $findings,
            unmeasured: array_values(array_unique([...$unsure, ...$unmeasured])),
            middleX: $wide / 2,
            middleY: $high / 2,
        );
    }

    /** @return list<Judged> those that do not pass, the farthest out first */
    public function out(): array
    {
        return array_values(array_filter($this->points, static fn (Judged $one): bool => $one->measured->counts() && ! $one->within));
    }

    /** @return list<Judged> those that pass; one leaves them alone */
    public function leaveAlone(): array
    {
        return array_values(array_filter($this->points, static fn (Judged $one): bool => $one->measured->counts() && $one->within));
    }

    /** @return list<Judged> those that were moved on purpose */
    public function meant(): array
    {
        return array_values(array_filter($this->points, static fn (Judged $one): bool => $one->measured->meant !== null));
    }

    /** @return list<Judged> the places that the first thing to mend is about */
    public function first(): array
    {
        return match ($this->cause) {
            Cause::None => [],
            Cause::Whole => array_values(array_filter($this->points, static fn (Judged $one): bool => $one->measured->counts())),
            Cause::Group, Cause::Point => $this->findings[0]->places,
        };
    }

    /** @return list<Judged> what would still be out once the first thing is mended */
    public function leftAfterFirst(): array
    {
        return array_values(array_filter($this->out(), fn (Judged $one): bool => ! in_array($one, $this->first(), true)));
    }

    /** Everything that is to be checked was, and passes. */
    public function isGoodEnough(): bool
    {
        return $this->leaveAlone() !== [] && $this->out() === [] && $this->unmeasured === [] && $this->whole->model !== Model::Affine;
    }

    /** The typical misfit that is left, in mm: the median; null where nothing was measured. */
    public function typical(): ?float
    {
        $left = $this->left();
        sort($left);

        return $left === [] ? null : $left[intdiv(count($left) - 1, 2)];
    }

    public function largest(): ?float
    {
        $left = $this->left();

        return $left === [] ? null : max($left);
    }

    /** @return list<float> */
    private function left(): array
    {
        return array_map(static fn (Judged $one): float => $one->left, array_values(array_filter($this->points, static fn (Judged $one): bool => $one->measured->counts())));
    }

    /**
     * Of what kind the one move is that cures most.
     *
     * @param  list<Finding>  $findings
     */
    private static function cause(Whole $whole, array $findings): Cause
    {
        return match (true) {
            $findings === [] => $whole->isSame() ? Cause::None : Cause::Whole,
            $findings[0]->groups !== [] => Cause::Group,
            default => Cause::Point,
        };
    }
}
