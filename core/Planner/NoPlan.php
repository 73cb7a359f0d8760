<?php

declare(strict_types=1);

namespace InchLadder\Planner;

use InchLadder\Impossible;

final class NoPlan extends Impossible
{
    /** @param  list<Demand>  $helps  demands that, let go one at a time, would leave plans */
    public static function with(Wish $wish, array $helps): self
    {
        return match (true) {
            $helps !== [] => new self('under all demands', ['helps' => array_map(static fn (Demand $demand): string => "“{$demand->value}”", $helps)]),
            count($wish->demands()) > 1 => new self('nor with one let go'),
            default => new self('not at all', ['percent' => $wish->subject->mostTrimmedPercent()]),
        };
    }

    public function choice(): string
    {
        return 'plans';
    }
}
