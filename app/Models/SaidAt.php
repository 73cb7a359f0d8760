<?php

declare(strict_types=1);

namespace App\Models;

/**
 * When a hand noted what of a cell. A device that was away sends its notes late, so what comes last may be older than
 * what is known: the later in time counts, for the state, the flag and the words each by itself.
 */
final readonly class SaidAt
{
    /** Seconds that two clocks, and the rounding of "so long ago", may make of one moment (ours). */
    private const TOLERANCE = 2;

    private function __construct(private int $state, private int $doubtful, private int $words)
    {
    }

    public static function never(): self
    {
        return new self(0, 0, 0);
    }

    /** @param  string|null  $kept  as write() gives it; null where nothing is known */
    public static function read(?string $kept): self
    {
        $times = [...array_map(intval(...), explode(' ', (string) $kept)), 0, 0, 0];

        return new self($times[0], $times[1], $times[2]);
    }

    public function write(): string
    {
        return "{$this->state} {$this->doubtful} {$this->words}";
    }

    /** The later of both, each by itself. */
    public function joinedBy(self $other): self
    {
        return new self(max($this->state, $other->state), max($this->doubtful, $other->doubtful), max($this->words, $other->words));
    }

    /** What of a change is not older than what is known. */
    public function newerOf(CellChange $change, int $at): CellChange
    {
        $isNewer = static fn (int $known): bool => $at + self::TOLERANCE >= $known;

        return new CellChange(
            $change->place,
            $isNewer($this->state) ? $change->state : null,
            $isNewer($this->doubtful) ? $change->doubtful : null,
            $isNewer($this->words) ? $change->words : null,
            $isNewer($this->state) ? $change->reached : null,
            $change->ago,
        );
    }

    public function after(CellChange $change, int $at): self
    {
        return new self(
            $change->state === null && $change->reached === null ? $this->state : $at,
            $change->doubtful === null ? $this->doubtful : $at,
            $change->words === null ? $this->words : $at,
        );
    }
}
