<?php

declare(strict_types=1);

namespace InchLadder\Grid\Schools;

use InchLadder\Grid\Edge;
use InchLadder\Grid\Grid;
use InchLadder\Grid\School;
use InchLadder\Grid\SchoolMeasures;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;

/** The horizon, and the edges of the big masses, as fractions of the sides. */
final readonly class MainLines implements School
{
    /**
     * @param  list<Rational>  $across  upright lines, as shares of the width
     * @param  list<Rational>  $down  level lines, as shares of the height
     */
    public function __construct(private array $across, private array $down)
    {
    }

    public static function key(): string
    {
        return 'main';
    }

    public static function from(SchoolMeasures $measures): self
    {
        return new self(...$measures->mainLines());
    }

    public function over(Size $area, ?Size $print): Grid
    {
        return Grid::of(Edge::at($this->across), Edge::at($this->down, 'rows'));
    }
}
