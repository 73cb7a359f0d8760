<?php

declare(strict_types=1);

namespace App\Printing;

/** How a stroke is broken, so that what is cut and what is folded differ from what is drawn. */
enum Dash
{
    case None;
    case Cut;
    case Fold;

    /** @return list<float> drawn and left out, in mm, in turn */
    public function pattern(): array
    {
        return match ($this) {
            self::None => [],
            self::Cut => [3.0, 1.5],
            self::Fold => [0.7, 1.3],
        };
    }
}
