<?php

declare(strict_types=1);

namespace InchLadder\Finish;

/** One thing to do before a drawing is done. */
final readonly class Task
{
    public function __construct(
        /** Stays the same, whatever else changes: ticks are kept under it. */
        public string $key,
        public string $words,
        public string $why,
        /** What can hurt while it is done; null when nothing usually does. */
        public ?string $caution = null,
    ) {
    }
}
