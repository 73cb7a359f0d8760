<?php

declare(strict_types=1);

namespace InchLadder\Things;

/** How one thing stands to another: what is ticked before the next part begins, and held against the drawing. */
final readonly class Relation
{
    /**
     * @param  non-empty-list<array{float, float}>  $places  shares of the crop: where they meet; of a gap, the two places that are nearest
     * @param  float  $apart  mm on the paper that are left between them; 0 where they meet
     * @param  float|null  $along  how far along the other line they meet, as a share of it; null where that is an outline
     */
    public function __construct(public Related $how, public string $one, public string $other, public array $places, public float $apart = 0.0, public ?float $along = null)
    {
    }

    /** A name of its own, whatever the two are to each other. */
    public function key(): string
    {
        return "{$this->one} | {$this->other}";
    }
}
