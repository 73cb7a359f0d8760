<?php

declare(strict_types=1);

namespace InchLadder\Grid\Schools;

use InchLadder\Grid\Axes;
use InchLadder\Grid\CellTooLarge;
use InchLadder\Grid\Edge;
use InchLadder\Grid\Grid;
use InchLadder\Grid\School;
use InchLadder\Grid\SchoolMeasures;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;

/** One line each way through a chosen point, with ticks at a measure of the paper, for plotting points. */
final readonly class AxesWithTicks implements School
{
    /**
     * @param  Rational  $x  where the axes meet, as a share of the crop's width
     * @param  Rational  $y  as a share of its height
     * @param  Length  $tick  from tick to tick on the paper
     */
    public function __construct(private Rational $x, private Rational $y, private Length $tick)
    {
    }

    public static function key(): string
    {
        return 'axes';
    }

    public static function from(SchoolMeasures $measures): self
    {
        return new self(...[...$measures->origin(), $measures->tick()]);
    }

    public function over(Size $area, ?Size $print): Grid
    {
        $axes = $this->axes($area);

        return Grid::of(Edge::at([$axes->x]), Edge::at([$axes->y], 'rows'))->withAxes($axes);
    }

    /** The axes over a grid of another school, which keeps its own lines. */
    public function laidOver(Grid $grid, Size $area): Grid
    {
        return $grid->withAxes($this->axes($area));
    }

    private function axes(Size $area): Axes
    {
        if (! $this->tick->isPositive()) {
            throw CellTooLarge::nothing();
        }
        $inside = static fn (Rational $share): Rational => Rational::larger(Rational::zero(), Rational::smaller(Rational::one(), $share));

        return Axes::through($inside($this->x), $inside($this->y), $this->tick->over($area->width), $this->tick->over($area->height));
    }
}
