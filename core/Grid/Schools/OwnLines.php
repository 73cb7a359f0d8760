<?php

declare(strict_types=1);

namespace InchLadder\Grid\Schools;

use InchLadder\Grid\Edge;
use InchLadder\Grid\Grid;
use InchLadder\Grid\School;
use InchLadder\Grid\SchoolMeasures;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;

/** Lines at measures of one's own, from the drawing area's edges. */
final readonly class OwnLines implements School
{
    /**
     * @param  list<Length>  $across  upright lines, from the left
     * @param  list<Length>  $down  level lines, from the top
     */
    public function __construct(private array $across, private array $down)
    {
    }

    public static function key(): string
    {
        return 'own';
    }

    public static function from(SchoolMeasures $measures): self
    {
        return new self(...$measures->ownLines());
    }

    public function over(Size $area, ?Size $print): Grid
    {
        return Grid::of(Edge::at(self::shares($this->across, $area->width)), Edge::at(self::shares($this->down, $area->height), 'rows'));
    }

    /**
     * @param  list<Length>  $lengths
     * @return list<Rational>
     */
    private static function shares(array $lengths, Length $side): array
    {
        return array_map(static fn (Length $length): Rational => $length->over($side), $lengths);
    }
}
