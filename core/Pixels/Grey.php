<?php

declare(strict_types=1);

namespace InchLadder\Pixels;

/** A picture in 256 greys, a byte a pixel: as many as a camera takes, and gone through where it is looked at. Places are counted from the top left edge of the first pixel. */
final readonly class Grey
{
    /** @param  string  $bytes  `wide` × `high` of them, row by row; 255 is white */
    public function __construct(public int $wide, public int $high, private string $bytes)
    {
        if (strlen($bytes) !== $wide * $high || $wide < 3 || $high < 3) {
            throw new \InvalidArgumentException('A grey picture is at least 3 × 3, and as long as its sides say.');
        }
    }

    public function diagonal(): float
    {
        return hypot($this->wide, $this->high);
    }

    /** 0…255 */
    public function at(int $x, int $y): int
    {
        return ord($this->bytes[$y * $this->wide + $x]);
    }

    /** @return list<int> row by row */
    public function all(): array
    {
        return array_values((array) unpack('C*', $this->bytes));
    }

    public function has(float $x, float $y): bool
    {
        return $x >= 0 && $y >= 0 && $x <= $this->wide && $y <= $this->high;
    }

    /** Between the middles of pixels, in a straight line on both axes; beyond the edge, as at the edge. */
    public function between(float $x, float $y): float
    {
        $x = max(0.0, min($this->wide - 1.000001, $x - 0.5));
        $y = max(0.0, min($this->high - 1.000001, $y - 0.5));
        [$left, $top] = [(int) $x, (int) $y];
        [$across, $down] = [$x - $left, $y - $top];
        $i = $top * $this->wide + $left;
        $below = $i + $this->wide;

        return (1 - $down) * ((1 - $across) * ord($this->bytes[$i]) + $across * ord($this->bytes[$i + 1]))
            + $down * ((1 - $across) * ord($this->bytes[$below]) + $across * ord($this->bytes[$below + 1]));
    }
}
