<?php

declare(strict_types=1);

namespace InchLadder\Grid;

use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;

/** What an artist says of a grid, whatever its school; each school takes from it what it needs. */
interface SchoolMeasures
{
    /** 1…60 */
    public function columns(): int;

    /** 1…60 */
    public function rows(): int;

    /** Side of a square. */
    public function cell(): Length;

    /** Whether the side of a square is measured on the print; else on the paper. */
    public function isOnPrint(): bool;

    public function remainder(): Remainder;

    /** @return array{int, int} parts across and down: 2, 4, 8 or 16 */
    public function folds(): array;

    /** @return array{Rational, Rational} where axes meet, as shares of the crop */
    public function origin(): array;

    /** From tick to tick of the axes, on the paper. */
    public function tick(): Length;

    /** @return array{list<Rational>, list<Rational>} main lines, upright and level, as shares of the crop */
    public function mainLines(): array;

    /** @return array{list<Length>, list<Length>} own lines, upright ones from the left and level ones from the top */
    public function ownLines(): array;
}
