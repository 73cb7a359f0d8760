<?php

declare(strict_types=1);

namespace InchLadder\Plan;

use InchLadder\Fit\Crop;
use InchLadder\Fit\Frame;
use InchLadder\Fit\Way;
use InchLadder\Fit\Ways\CropToPaper;
use InchLadder\Grid\Edge;
use InchLadder\Grid\Schools\SquaresByCount;
use InchLadder\Layout\Placed;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;

/**
 * One way to deal with a boxed thing that gridlines run through: the crop moves a little until it lies in one cell, or
 * until a line runs through its very middle, or cells grow until one holds it. What it costs is told before it is done.
 */
final readonly class Clearance
{
    /**
     * @param  list<string>  $lost  points that it would crop away
     */
    private function __construct(
        public Clearing $by,
        /** Where the crop would lie. */
        public Crop $crop,
        /** How far it moves on the paper: left (−) or right (+). */
        public Length $across,
        /** Up (−) or down (+). */
        public Length $down,
        /** As many columns it would take; null leaves the grid as it is. */
        public ?int $columns,
        public array $lost,
    ) {
    }

    /**
     * @param  Rational  $left  the box, in shares of the reference, as are the others
     * @return array<string, self> what can be done, by the name of the way, the least change first
     */
    public static function of(Plan $plan, Rational $left, Rational $top, Rational $width, Rational $height): array
    {
        $box = [$left, $top, $width, $height];
        $ways = array_filter([self::clear($plan, $box), self::lined($plan, $box, Clearing::Upright), self::lined($plan, $box, Clearing::Level)]);
        if (! isset($ways[0]) && ($larger = self::larger($plan, $box)) !== null) {
            $ways[] = $larger;
        }

        return array_combine(array_map(static fn (self $way): string => $way->by->value, $ways), $ways);
    }

    /** Whether a cell is as large as a box at all, wherever the crop lies. */
    public static function fits(Plan $plan, Rational $width, Rational $height): bool
    {
        $crop = $plan->layout->fitted->crop;
        $holds = static fn (Edge $edge, Rational $length): bool => array_filter(range(0, $edge->parts() - 1), static fn (int $part): bool => ! $length->isGreaterThan($edge->span($part))) !== [];

        return $holds($plan->layout->grid->across, $width->dividedBy($crop->width)) && $holds($plan->layout->grid->down, $height->dividedBy($crop->height));
    }

    public function moves(): bool
    {
        return ! $this->across->isZero() || ! $this->down->isZero();
    }

    /** @param  array{Rational, Rational, Rational, Rational}  $box */
    private static function clear(Plan $plan, array $box, Clearing $by = Clearing::Clear, ?int $columns = null): ?self
    {
        $crop = $plan->layout->fitted->crop;
        $into = static fn (Edge $edge, Rational $start, Rational $length): array => array_map(static function (int $part) use ($edge, $start, $length): ?Rational {
            [$before, $after] = [$start->minus($edge->fractions[$part]), $start->plus($length)->minus($edge->fractions[$part + 1])];

            return match (true) {
                $length->isGreaterThan($edge->span($part)) => null,
                $before->isNegative() => $before,
                $after->isPositive() => $after,
                default => Rational::zero(),
            };
        }, range(0, $edge->parts() - 1));
        $across = self::least($into($plan->layout->grid->across, $box[0]->minus($crop->left)->dividedBy($crop->width), $box[2]->dividedBy($crop->width)), $crop->left, $crop->width);
        $down = self::least($into($plan->layout->grid->down, $box[1]->minus($crop->top)->dividedBy($crop->height), $box[3]->dividedBy($crop->height)), $crop->top, $crop->height);

        return $across === null || $down === null ? null : self::moved($plan, $by, $across, $down, $columns);
    }

    /** @param  array{Rational, Rational, Rational, Rational}  $box */
    private static function lined(Plan $plan, array $box, Clearing $by): ?self
    {
        $crop = $plan->layout->fitted->crop;
        $upright = $by === Clearing::Upright;
        [$edge, $start, $span, $middle] = $upright
            ? [$plan->layout->grid->across, $crop->left, $crop->width, $box[0]->plus($box[2]->dividedBy(2))->minus($crop->left)->dividedBy($crop->width)]
            : [$plan->layout->grid->down, $crop->top, $crop->height, $box[1]->plus($box[3]->dividedBy(2))->minus($crop->top)->dividedBy($crop->height)];
        $shift = self::least(array_map(static fn (Rational $line): Rational => $middle->minus($line), array_slice($edge->fractions, 1, -1)), $start, $span);

        return $shift === null ? null : self::moved($plan, $by, $upright ? $shift : Rational::zero(), $upright ? Rational::zero() : $shift, null);
    }

    /**
     * The finest squares that hold it, fewer than there are.
     *
     * @param  array{Rational, Rational, Rational, Rational}  $box
     */
    private static function larger(Plan $plan, array $box): ?self
    {
        $choices = $plan->choices->fit->way() === Way::Cells ? $plan->choices->fitted(new CropToPaper(Frame::centred())) : $plan->choices;
        for ($columns = $plan->layout->grid->across->parts() - 1; $columns > 0; $columns--) {
            $coarser = Plan::of($choices->schooled(SquaresByCount::across($columns)));
            if (($clear = self::clear($coarser, $box, Clearing::LargerCells, $columns)) !== null) {
                return $clear;
            }
        }

        return null;
    }

    /**
     * @param  list<Rational|null>  $shifts  as shares of the crop's side
     * @param  Rational  $start  where the crop begins, as a share of the reference
     * @return Rational|null the shortest that the photo has room for
     */
    private static function least(array $shifts, Rational $start, Rational $span): ?Rational
    {
        $room = array_filter($shifts, static function (?Rational $shift) use ($start, $span): bool {
            $to = $shift === null ? null : $start->plus($shift->times($span));

            return $to !== null && ! $to->isNegative() && ! $to->plus($span)->isGreaterThan(1);
        });
        usort($room, static fn (?Rational $a, ?Rational $b): int => $a === null || $b === null ? 0 : $a->abs()->compareTo($b->abs()));

        return $room[0] ?? null;
    }

    private static function moved(Plan $plan, Clearing $by, Rational $across, Rational $down, ?int $columns): self
    {
        $crop = $plan->layout->fitted->crop;
        $area = $plan->layout->fitted->area;
        $moved = $crop->movedTo($crop->left->plus($across->times($crop->width)), $crop->top->plus($down->times($crop->height)));
        $lost = array_filter($plan->layout->points(), static fn (Placed $placed): bool => $placed->isInside() && ! Placed::in($moved, $placed->point)->isInside());

        return new self($by, $moved, $area->width->times($across), $area->height->times($down), $columns, array_values(array_map(static fn (Placed $placed): string => $placed->point->name, $lost)));
    }
}
