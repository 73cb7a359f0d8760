<?php

declare(strict_types=1);

namespace InchLadder\Compare;

/** A place that was measured, as it is judged: what is left of its misfit once the whole is taken off, and which cells it belongs to and came out in. */
final readonly class Judged
{
    public float $left;

    public bool $within;

    /**
     * @param  array{float, float}  $rest  right and down, after the whole
     * @param  array{int, int}  $cell  column and row it belongs in
     * @param  array{int, int}  $cameOutIn
     */
    public function __construct(public Measured $measured, public array $rest, public array $cell, public array $cameOutIn)
    {
        $this->left = hypot(...$rest);
        $this->within = $measured->passes($this->left);
    }

    /** Drawn in the wrong cell, and not by a hair that passes. */
    public function isInWrongCell(): bool
    {
        return ! $this->within && $this->cell !== $this->cameOutIn && ! $this->measured->passes(hypot($this->measured->right(), $this->measured->down()));
    }

    /** In which order it is told: what is out, what is unsure, what was meant, what passes. */
    public function standing(): int
    {
        return match (true) {
            $this->measured->meant !== null => 2,
            ! $this->measured->sure => 1,
            $this->within => 3,
            default => 0,
        };
    }

    /** How many times what passes it is out. */
    public function times(): float
    {
        return $this->left / max(1e-6, $this->measured->tolerance);
    }
}
