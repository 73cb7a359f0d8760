<?php

declare(strict_types=1);

namespace InchLadder\Grid;

use InchLadder\Measure\Rational;

/** Lines laid over a picture to judge it by; they are never ruled and belong to no mesh. */
enum Overlay: string
{
    case Thirds = 'thirds';
    case Cross = 'centre cross';
    case Diagonals = 'diagonals';

    /** @return list<Rational> the same share across and down */
    public function lines(): array
    {
        return match ($this) {
            self::Thirds => [Rational::nd(1, 3), Rational::nd(2, 3)],
            self::Cross => [Rational::nd(1, 2)],
            self::Diagonals => [],
        };
    }
}
