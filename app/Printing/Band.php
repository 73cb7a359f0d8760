<?php

declare(strict_types=1);

namespace App\Printing;

/** One edge's strip before it is laid on pages: a length, and what is ticked along it. */
final readonly class Band
{
    public const HEIGHT = 17.0;

    /**
     * @param  float  $length  in mm
     * @param  list<array{at: float, tall: float, label: string, more: string, dash: Dash}>  $ticks  at and tall in mm; label nearest the tick, more beyond it
     * @param  bool  $below  whether the ticks stand on the strip's lower edge
     */
    public function __construct(public string $name, public float $length, private array $ticks, public bool $below = true)
    {
    }

    /**
     * As a board of its own length; the ticked edge is where it is laid to the sheet.
     *
     * @return list<Element>
     */
    public function marks(): array
    {
        $edge = $this->below ? self::HEIGHT : 0.0;
        $in = $this->below ? -1 : 1;
        $marks = [new Line(0, $edge, $this->length, $edge, 0.3)];
        $until = ['label' => -INF, 'more' => -INF];
        foreach ($this->ticks as $tick) {
            $marks[] = new Line($tick['at'], $edge, $tick['at'], $edge + $in * $tick['tall'], 0.2, dash: $tick['dash']);
            foreach (['label' => [3.0, 7.4], 'more' => [2.4, 10.6]] as $row => [$size, $off]) {
                $width = Type::width($tick[$row], $size);
                if ($tick[$row] === '' || $until[$row] > $tick['at'] - $width / 2) {
                    continue;
                }
                // Beside a tick so tall that it would run through its own name.
                $x = max(0.5, min($this->length - $width - 0.5, $tick['tall'] > $off ? $tick['at'] + 1 : $tick['at'] - $width / 2));
                array_push($marks, ...Type::line($x, $edge + $in * $off + ($this->below ? 0 : 0.75 * $size), $tick[$row], $size));
                $until[$row] = $x + $width + 1;
            }
        }

        return $marks;
    }
}
