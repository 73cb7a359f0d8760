<?php

declare(strict_types=1);

namespace InchLadder\Pixels;

/** Which way a field grows lighter at each of its places, and how steeply. */
final readonly class Gradient
{
    /**
     * @param  list<float>  $across
     * @param  list<float>  $down
     */
    private function __construct(public int $wide, public int $high, private array $across, private array $down)
    {
    }

    /** By central differences; at the frame, one-sided ones. */
    public static function of(Field $field): self
    {
        $across = [];
        $down = [];
        for ($y = 0; $y < $field->high; $y++) {
            [$above, $below] = [max(0, $y - 1), min($field->high - 1, $y + 1)];
            for ($x = 0; $x < $field->wide; $x++) {
                [$before, $after] = [max(0, $x - 1), min($field->wide - 1, $x + 1)];
                $across[] = ($field->at($after, $y) - $field->at($before, $y)) / ($after - $before);
                $down[] = ($field->at($x, $below) - $field->at($x, $above)) / ($below - $above);
            }
        }

        return new self($field->wide, $field->high, $across, $down);
    }

    /**
     * Between the four samples round a place; places outside are brought to the frame.
     *
     * @param  float  $x  in samples from the left, the first one's middle at 0
     * @param  float  $y  from the top
     * @return array{float, float} growth across and down, in levels a sample
     */
    public function at(float $x, float $y): array
    {
        $x = max(0.0, min($this->wide - 1.0, $x));
        $y = max(0.0, min($this->high - 1.0, $y));
        [$left, $top] = [min($this->wide - 2, (int) $x), min($this->high - 2, (int) $y)];
        [$right, $low] = [$x - $left, $y - $top];
        $i = $top * $this->wide + $left;
        $between = fn (array $values): float => (1 - $low) * ((1 - $right) * $values[$i] + $right * $values[$i + 1])
            + $low * ((1 - $right) * $values[$i + $this->wide] + $right * $values[$i + $this->wide + 1]);

        return [$between($this->across), $between($this->down)];
    }

    public function steepness(float $x, float $y): float
    {
        return hypot(...$this->at($x, $y));
    }
}
