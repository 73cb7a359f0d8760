<?php

declare(strict_types=1);

namespace InchLadder\Grid;

/** How long lines take to mark and rule: five to ten minutes for a dozen (common practice). */
final readonly class SetUpTime
{
    private function __construct(public int $least, public int $most)
    {
    }

    public static function forLines(int $lines): self
    {
        $minutes = static fn (int $dozen): int => (int) ceil($lines * $dozen / Figures::LINES_TIMED);

        return new self($minutes(Figures::FASTEST_MINUTES), $minutes(Figures::SLOWEST_MINUTES));
    }
}
