<?php

declare(strict_types=1);

namespace App\Devices;

use InchLadder\Compare\Motion;

/** Mistakes put into a drawing on purpose, and known: the whole, a thing or a point moved, an unsteady hand. */
final readonly class Mistakes
{
    /**
     * @param  float  $right  mm, the whole
     * @param  float  $turn  degrees, clockwise, about the middle of the drawing
     * @param  float  $size  per cent larger
     * @param  float  $stretch  per cent wider than high
     * @param  array<string, array{float, float}>  $moves  mm right and down, by the name of a key point or a thing
     * @param  float  $wobble  mm by which lines waver
     * @param  float  $faint  0 for a firm pencil, 1 for lines that hardly show
     */
    public function __construct(
        public float $right = 0.0,
        public float $down = 0.0,
        public float $turn = 0.0,
        public float $size = 0.0,
        public float $stretch = 0.0,
        public array $moves = [],
        public float $wobble = 0.0,
        public float $faint = 0.2,
    ) {
    }

    /**
     * One mistake, or none, as the seed has it.
     *
     * @param  list<string>  $points
     * @param  list<string>  $things
     */
    public static function drawn(int $seed, array $points, array $things): self
    {
        $chance = new Chance($seed, 'mistakes');
        $far = static fn (float $from, float $to): float => ($chance->share() < 0.5 ? -1 : 1) * $chance->between($from, $to);
        $kinds = ['none', 'shift', 'turn', 'size', 'stretch', ...($points === [] ? [] : ['point']), ...($things === [] ? [] : ['thing'])];
        $kind = $kinds[$chance->below(count($kinds))];
        $moved = [$far(3.0, 7.0), $far(3.0, 7.0)];

        return match ($kind) {
            'shift' => new self(right: $far(2.0, 6.0), down: $far(2.0, 6.0), wobble: 0.15),
            'turn' => new self(turn: $far(1.0, 3.0), wobble: 0.15),
            'size' => new self(size: $far(2.0, 6.0), wobble: 0.15),
            'stretch' => new self(stretch: $far(4.0, 8.0), wobble: 0.15),
            'point' => new self(moves: [$points[$chance->below(count($points))] => $moved], wobble: 0.15),
            'thing' => new self(moves: [$things[$chance->below(count($things))] => $moved], wobble: 0.15),
            default => new self(wobble: 0.15),
        };
    }

    /**
     * How the whole came out, about the middle of the drawing.
     *
     * @param  float  $middleX  mm
     */
    public function whole(float $middleX, float $middleY): Motion
    {
        [$cos, $sin] = [cos(deg2rad($this->turn)), sin(deg2rad($this->turn))];
        [$wide, $high] = [(1 + $this->size / 100) * sqrt(1 + $this->stretch / 100), (1 + $this->size / 100) / sqrt(1 + $this->stretch / 100)];
        $from = [[$middleX, $middleY], [$middleX + 1, $middleY], [$middleX, $middleY + 1]];
        $to = [
            [$middleX + $this->right, $middleY + $this->down],
            [$middleX + $this->right + $wide * $cos, $middleY + $this->down + $wide * $sin],
            [$middleX + $this->right - $high * $sin, $middleY + $this->down + $high * $cos],
        ];

        return Motion::affine($from, $to) ?? Motion::none();
    }
}
