<?php

declare(strict_types=1);

namespace App\Printing;

/** A straight stroke. */
final readonly class Line implements Element
{
    public function __construct(
        public float $x1,
        public float $y1,
        public float $x2,
        public float $y2,
        public float $width = 0.2,
        public string $colour = '#22201d',
        public Dash $dash = Dash::None,
    ) {
    }

    /** @return list<self> the four sides of a box */
    public static function around(Rectangle $box, float $width, Dash $dash = Dash::None): array
    {
        [$left, $top, $right, $bottom] = [$box->x, $box->y, $box->right(), $box->bottom()];

        return array_map(
            static fn (array $side): self => new self(...$side, width: $width, dash: $dash),
            [[$left, $top, $right, $top], [$right, $top, $right, $bottom], [$right, $bottom, $left, $bottom], [$left, $bottom, $left, $top]],
        );
    }

    public function box(): Rectangle
    {
        return new Rectangle(min($this->x1, $this->x2), min($this->y1, $this->y2), abs($this->x2 - $this->x1), abs($this->y2 - $this->y1));
    }

    public function movedBy(float $x, float $y): self
    {
        return $this->from($this->x1 + $x, $this->y1 + $y, $this->x2 + $x, $this->y2 + $y);
    }

    public function stretched(float $x, float $y, float $aboutX, float $aboutY): self
    {
        return $this->from($aboutX + ($this->x1 - $aboutX) * $x, $aboutY + ($this->y1 - $aboutY) * $y, $aboutX + ($this->x2 - $aboutX) * $x, $aboutY + ($this->y2 - $aboutY) * $y);
    }

    public function mirrored(float $width): self
    {
        return $this->from($width - $this->x1, $this->y1, $width - $this->x2, $this->y2);
    }

    /** Cut at the window's four sides (Liang and Barsky, 1984). */
    public function within(Rectangle $window): ?self
    {
        [$dx, $dy] = [$this->x2 - $this->x1, $this->y2 - $this->y1];
        [$from, $to] = [0.0, 1.0];
        foreach ([[-$dx, $this->x1 - $window->x], [$dx, $window->right() - $this->x1], [-$dy, $this->y1 - $window->y], [$dy, $window->bottom() - $this->y1]] as [$towards, $distance]) {
            if ($towards === 0.0 || $towards === -0.0) {
                if ($distance < -1e-9) {
                    return null;
                }
            } elseif ($towards < 0) {
                $from = max($from, $distance / $towards);
            } else {
                $to = min($to, $distance / $towards);
            }
        }

        return $from > $to ? null : $this->from($this->x1 + $from * $dx, $this->y1 + $from * $dy, $this->x1 + $to * $dx, $this->y1 + $to * $dy);
    }

    private function from(float $x1, float $y1, float $x2, float $y2): self
    {
        return new self($x1, $y1, $x2, $y2, $this->width, $this->colour, $this->dash);
    }
}
