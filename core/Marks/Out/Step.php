<?php

declare(strict_types=1);

namespace InchLadder\Marks\Out;

use InchLadder\Measure\Length;

/** One step of marking out: what is done, and the ticks or lines it makes. */
final readonly class Step
{
    /**
     * @param  'corner'|'top'|'straight'|'bottom'|'left'|'right'|'between'|'beside'|'check'|'join'|'finer'  $key
     * @param  list<Tick>  $ticks
     * @param  list<Rule>  $rules  lines to rule
     * @param  list<string>  $looks  what is looked at before going on
     * @param  list<Length>  $rows  in between: how far down the ticks of upright lines are repeated; beside: how far from the zero edge those of level ones
     */
    public function __construct(public string $key, public array $ticks = [], public array $rules = [], public array $looks = [], public array $rows = [])
    {
    }
}
