<?php

declare(strict_types=1);

namespace InchLadder\Marks\Out;

/** A line ruled through its two ticks, one at each end: a line ruled from one of them leans. */
final readonly class Rule
{
    public function __construct(
        public string $key,
        public int $line,
        public bool $upright,
        public Tick $from,
        public Tick $to,
        public Line $on,
        /** The cell's finer line it is; null for a gridline. */
        public ?FinerLine $finer = null,
    ) {
    }
}
