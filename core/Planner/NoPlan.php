<?php

declare(strict_types=1);

namespace InchLadder\Planner;

use InchLadder\Impossible;

final class NoPlan extends Impossible
{
    /** @param  list<Demand>  $helps demands that, let go one at a time, would leave plans */
    public static function with(Wish $wish, array $helps): self
    {
        $names = static fn (array $demands): string => implode(' or ', array_map(static fn (Demand $demand): string => "“{$demand->value}”", $demands));

        return new self(match (true) {
            $helps !== [] => 'No cells are easy on both rulers under all these demands. Let go of '.$names($helps).', and there are some.',
            count($wish->demands()) > 1 => 'No cells are easy on both rulers under these demands, nor with one of them let go; let go of more than one.',
            default => "No cells are easy on both rulers for this photo and paper with no more than {$wish->subject->mostTrimmedPercent()} % trimmed; try other margins, another sheet, or a subject that may be trimmed more.",
        });
    }

    public function choice(): string
    {
        return 'plans';
    }
}
