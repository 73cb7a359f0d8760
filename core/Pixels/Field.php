<?php

declare(strict_types=1);

namespace InchLadder\Pixels;

/** A plain field of lightness, row by row: what is left of a picture when only light and dark count. */
final readonly class Field
{
    /** @param  list<int|float>  $lightness  0…255, `wide` × `high` of them */
    public function __construct(public int $wide, public int $high, private array $lightness)
    {
        if (count($lightness) !== $wide * $high || $wide < 3 || $high < 3) {
            throw new \InvalidArgumentException('A field is at least 3 × 3, and as long as its sides say.');
        }
    }

    public function at(int $x, int $y): float
    {
        return (float) $this->lightness[$y * $this->wide + $x];
    }

    /** The same field turned over its diagonal: columns become rows. */
    public function transposed(): self
    {
        $turned = [];
        for ($x = 0; $x < $this->wide; $x++) {
            for ($y = 0; $y < $this->high; $y++) {
                $turned[] = $this->lightness[$y * $this->wide + $x];
            }
        }

        return new self($this->high, $this->wide, $turned);
    }
}
