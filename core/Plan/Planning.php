<?php

declare(strict_types=1);

namespace InchLadder\Plan;

use InchLadder\Fit\Frame;
use InchLadder\Fit\Ways\WholeCells;
use InchLadder\Grid\Density;
use InchLadder\Measure\Size;
use InchLadder\Paper\OrientationAdvice;
use InchLadder\Paper\Shape;
use InchLadder\Paper\Turn;
use InchLadder\Planner\Figures;
use InchLadder\Planner\Friendly;
use InchLadder\Planner\NoPlan;
use InchLadder\Planner\Planner;
use InchLadder\Planner\Proposal;
use InchLadder\Planner\Wish;

/** The planner set to what was chosen: the picture, the paper both ways round, the rulers. */
final readonly class Planning
{
    public function __construct(private Choices $choices)
    {
    }

    /**
     * @return non-empty-list<Proposal> the best first
     *
     * @throws NoPlan
     */
    public function plans(Wish $wish): array
    {
        $choices = $this->choices;
        $sheet = $this->sheet();
        $usable = static fn (Size $sheet): Size => $choices->shape->inside($choices->margins->inside($sheet));
        // Both ways round are tried, unless one was chosen.
        $other = $choices->turn === Turn::Advised && ! $sheet->width->equals($sheet->height) ? $sheet->turned() : null;

        return (new Planner(
            $choices->reference(), $usable($sheet), Friendly::on($choices->rulerOnPrint()), Friendly::on($choices->notation->ruler), $other === null ? null : $usable($other), $choices->shape === Shape::Circle,
        ))->plans($wish);
    }

    /**
     * The best of all, with nothing demanded.
     *
     * @throws NoPlan
     */
    public function best(): Proposal
    {
        return $this->plans(new Wish($this->choices->subject))[0];
    }

    /**
     * The best on the sheet as it lies, if there is one.
     *
     * @throws NoPlan
     */
    public function asItLies(): Proposal
    {
        $plans = $this->plans(new Wish($this->choices->subject));

        return array_values(array_filter($plans, static fn (Proposal $one): bool => ! $one->isTurned))[0] ?? $plans[0];
    }

    /**
     * Whole squares on the sheet as it lies: the middling plan is the best of all, and there is one of fewer and one of
     * more squares where the sheet has them.
     *
     * @return array<string, Proposal> density => plan, from few to many
     *
     * @throws NoPlan
     */
    public function densities(): array
    {
        $middling = $this->asItLies();
        $cells = $middling->cells();
        $other = function (float $wanted, \Closure $isIt): ?Proposal {
            try {
                $plans = $this->plans(new Wish($this->choices->subject, cells: max(2, (int) round($wanted))));
            } catch (NoPlan) {
                return null;
            }

            foreach ($plans as $plan) {
                if (! $plan->isTurned && $isIt($plan->cells())) {
                    return $plan;
                }
            }

            return null;
        };

        return array_filter([
            Density::Few->value => $other($cells / Figures::DENSITY, static fn (int $count): bool => $count * Figures::APART <= $cells),
            Density::Middling->value => $middling,
            Density::Many->value => $other($cells * Figures::DENSITY, static fn (int $count): bool => $count >= $cells * Figures::APART),
        ]);
    }

    /** A plan as whole squares to fit by. */
    public static function squares(Proposal $plan): WholeCells
    {
        return new WholeCells($plan->paperCell, Frame::centred(), $plan->columns, $plan->rows, $plan->photoCell);
    }

    /** Which way round the sheet lies for a plan: as it does, unless it is turned for it. */
    public function turn(Proposal $proposal): Turn
    {
        return $proposal->isTurned ? ($this->sheet()->isUpright() ? Turn::Sideways : Turn::Upright) : $this->choices->turn;
    }

    /** The sheet as it lies without a plan. */
    public function sheet(): Size
    {
        return $this->choices->turn->apply($this->choices->sheet, OrientationAdvice::for($this->choices->reference()->ratio(), $this->choices->sheet));
    }
}
