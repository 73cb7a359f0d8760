<?php

declare(strict_types=1);

namespace InchLadder\Copying;

/** What was noted of a cell, or of a place that was a cell once. */
final readonly class Noted
{
    public const OPEN = 'open';

    public const DONE = 'done';

    public const EMPTY = 'empty';

    /**
     * @param  string  $state  done, empty or open
     * @param  bool  $doubtful  to be looked at again
     * @param  string  $words  the artist's own
     * @param  float|null  $settled  when it became what it is, in seconds: done, empty, or through a pass
     * @param  int  $reached  how many passes it has been through; all of them when it is done
     */
    public function __construct(public string $state = self::OPEN, public bool $doubtful = false, public string $words = '', public ?float $settled = null, public int $reached = 0)
    {
    }

    /** Whether nothing more is to be copied there; with a pass, in that pass. */
    public function isSettled(?Pass $pass = null): bool
    {
        return $this->state !== self::OPEN || ($pass !== null && $this->reached >= $pass->rank());
    }

    /** Whether something was drawn there, or it was seen that nothing is to be. */
    public function isBegun(): bool
    {
        return $this->state !== self::OPEN || $this->reached > 0;
    }

    /** Whether there is anything to say of it. */
    public function says(): bool
    {
        return $this->isBegun() || $this->doubtful || $this->words !== '';
    }

    /**
     * The same with something noted of it; what is null stays as it is. A cell that is done has been through every
     * pass, one that has been through the last is done, and one that had been through all of them and is opened again has been through none.
     */
    public function with(?string $state, ?int $reached, ?bool $doubtful, ?string $words, float $now): self
    {
        $state ??= match (true) {
            $reached === null => $this->state,
            $reached >= Pass::all() => self::DONE,
            default => self::OPEN,
        };
        $reached ??= match (true) {
            $state === $this->state => $this->reached,
            $state === self::DONE => Pass::all(),
            $state === self::OPEN && $this->reached >= Pass::all() => 0,
            default => $this->reached,
        };
        $isSame = [$state, $reached] === [$this->state, $this->reached];

        return new self($state, $doubtful ?? $this->doubtful, $words ?? $this->words, $isSame ? $this->settled : $now, $reached);
    }

    /** The doubts and words of both, and what has become of this one. */
    public function joinedBy(self $other): self
    {
        return new self($this->state, $this->doubtful || $other->doubtful, implode('; ', array_unique(array_filter([$this->words, $other->words], static fn (string $words): bool => $words !== ''))), $this->settled, $this->reached);
    }

    /**
     * What has become of a cell that several places fill: no more than of the one that is furthest behind.
     *
     * @param  non-empty-list<self>  $parts  each begun
     */
    public static function filledBy(array $parts): self
    {
        $last = max(array_map(static fn (self $part): float => $part->settled ?? 0.0, $parts)) ?: null;
        $drawn = array_filter($parts, static fn (self $part): bool => $part->state !== self::EMPTY);
        if ($drawn === []) {
            return new self(self::EMPTY, settled: $last, reached: min(array_map(static fn (self $part): int => $part->reached, $parts)));
        }
        $reached = min(array_map(static fn (self $part): int => $part->reached, $drawn));

        return new self($reached >= Pass::all() ? self::DONE : self::OPEN, settled: $last, reached: $reached);
    }
}
