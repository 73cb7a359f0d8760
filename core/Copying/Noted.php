<?php

declare(strict_types=1);

namespace InchLadder\Copying;

/** What was noted of a cell, or of a place that was a cell once. */
final readonly class Noted
{
    public const OPEN = 'open';

    /**
     * @param  string  $state  done, empty or open
     * @param  bool  $doubtful  to be looked at again
     * @param  string  $words  the artist's own
     * @param  float|null  $settled  when it became done or empty, in seconds
     */
    public function __construct(public string $state = self::OPEN, public bool $doubtful = false, public string $words = '', public ?float $settled = null)
    {
    }

    /** Whether nothing more is to be copied there. */
    public function isSettled(): bool
    {
        return $this->state !== self::OPEN;
    }

    /** Whether there is anything to say of it. */
    public function says(): bool
    {
        return $this->isSettled() || $this->doubtful || $this->words !== '';
    }

    /** The doubts and words of both, and what has become of this one. */
    public function joinedBy(self $other): self
    {
        return new self($this->state, $this->doubtful || $other->doubtful, implode('; ', array_unique(array_filter([$this->words, $other->words], static fn (string $words): bool => $words !== ''))), $this->settled);
    }
}
