<?php

declare(strict_types=1);

namespace InchLadder\Compare;

/** A place of the photo that is looked for on the drawing. */
final readonly class Wanted
{
    /**
     * @param  string  $key  one of its own among the places of a drawing
     * @param  string  $name  of the point, or of the thing
     * @param  string|null  $side  of the thing whose outermost place it is: top, right, bottom or left; null for a point
     * @param  float  $x  share of the crop, 0…1
     * @param  float  $tolerance  mm
     * @param  list<string>  $things  the named things it belongs to, the smallest first
     * @param  array{float, float}|null  $meant  by how much it is moved on purpose, in mm
     * @param  bool  $chosen  by the program, where too few were marked
     */
    public function __construct(
        public string $key,
        public string $name,
        public ?string $side,
        public float $x,
        public float $y,
        public float $tolerance,
        public array $things = [],
        public ?array $meant = null,
        public bool $critical = false,
        public bool $chosen = false,
    ) {
    }

    /** The same under another key, and named by it. */
    public function called(string $key): self
    {
        return new self($key, $this->side === null ? $key : $this->name, $this->side, $this->x, $this->y, $this->tolerance, $this->things, $this->meant, $this->critical, $this->chosen);
    }
}
