<?php

declare(strict_types=1);

namespace InchLadder\Grid;

/** How long lines take to mark and rule: five to ten minutes for a dozen (common practice). */
final readonly class SetUpTime
{
    private const LINES = 12;

    private const FASTEST_MINUTES = 5;

    private const SLOWEST_MINUTES = 10;

    private function __construct(public int $least, public int $most)
    {
    }

    public static function forLines(int $lines): self
    {
        $minutes = static fn (int $dozen): int => (int) ceil($lines * $dozen / self::LINES);

        return new self($minutes(self::FASTEST_MINUTES), $minutes(self::SLOWEST_MINUTES));
    }
}
