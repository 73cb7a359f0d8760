<?php

declare(strict_types=1);

namespace InchLadder\Pixels;

/** A plain field of numbers, row by row: the lightness of a picture (L*), or how much edge there is where. */
final readonly class Field
{
    /** @param  list<int|float>  $lightness  `wide` × `high` of them */
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

    /** @return list<int|float> row by row */
    public function all(): array
    {
        return $this->lightness;
    }

    /**
     * A part of it, at least 3 × 3.
     *
     * @param  float  $left  share of its width, 0…1; likewise the others
     */
    public function part(float $left, float $top, float $width, float $height): self
    {
        $span = static function (float $start, float $length, int $samples): array {
            $from = max(0, min($samples - 3, (int) round($start * $samples)));

            return [$from, max($from + 3, min($samples, (int) round(($start + $length) * $samples)))];
        };
        [[$x1, $x2], [$y1, $y2]] = [$span($left, $width, $this->wide), $span($top, $height, $this->high)];
        $part = [];
        for ($y = $y1; $y < $y2; $y++) {
            array_push($part, ...array_slice($this->lightness, $y * $this->wide + $x1, $x2 - $x1));
        }

        return new self($x2 - $x1, $y2 - $y1, $part);
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
