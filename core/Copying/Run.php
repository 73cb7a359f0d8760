<?php

declare(strict_types=1);

namespace InchLadder\Copying;

use InchLadder\Pixels\End;

/** A contour's run through one cell. Places are shares of the cell. */
final readonly class Run
{
    /**
     * @param  non-empty-list<array{float, float}>  $path  from where it comes in, or begins, to where it goes out, or ends
     * @param  Side|null  $in  the side it comes in by; null when it begins inside
     * @param  End  $starts  how it begins inside; of no meaning where it comes in
     * @param  float  $contrast  ΔE across it
     * @param  float|null  $width  of a thin line, in millimetres on the paper; null for an edge
     * @param  float  $whole  length of the whole contour, in cells
     * @param  Side|null  $along  the side it runs along from end to end, crossing none
     */
    public function __construct(
        public array $path,
        public ?Side $in,
        public ?Side $out,
        public End $starts,
        public End $ends,
        public float $contrast,
        public ?float $width = null,
        public float $whole = 0.0,
        public bool $byHand = false,
        public ?Side $along = null,
    ) {
    }

    /**
     * The side that a path keeps to; null when it goes anywhere else.
     *
     * @param  non-empty-list<array{float, float}>  $path
     */
    public static function sideOf(array $path): ?Side
    {
        foreach (Side::cases() as $side) {
            if (max(array_map(static fn (array $at): float => $side->off(...$at), $path)) < Figures::GRAZES) {
                return $side;
            }
        }

        return null;
    }

    /** Whether it is a shape wholly inside. */
    public function isClosed(): bool
    {
        return $this->starts === End::Closes && $this->in === null && $this->out === null;
    }

    /** @return list<array{Side, float}> where it crosses sides, as shares of them */
    public function crossings(): array
    {
        $crossings = [];
        foreach ([[$this->in, $this->path[0]], [$this->out, $this->path[count($this->path) - 1]]] as [$side, $at]) {
            if ($side !== null) {
                $crossings[] = [$side, $side->isUpright() ? $at[1] : $at[0]];
            }
        }

        return $crossings;
    }

    /** The same crossing nothing at one of its ends. */
    public function without(bool $atStart): self
    {
        return new self($this->path, $atStart ? null : $this->in, $atStart ? $this->out : null, $this->starts, $this->ends, $this->contrast, $this->width, $this->whole, $this->byHand, $this->along);
    }

    /** The same as the cell beyond that side has it. */
    public function beyond(): self
    {
        $path = array_map(fn (array $at): array => $this->along?->isUpright() === true ? [1 - $at[0], $at[1]] : [$at[0], 1 - $at[1]], $this->path);

        return new self($path, null, null, $this->starts, $this->ends, $this->contrast, $this->width, $this->whole, $this->byHand, $this->along?->opposite());
    }

    /**
     * Its parts from corner to corner.
     *
     * @param  list<array{float, float}>  $corners  places on its path, in their order
     * @return non-empty-list<self>
     */
    public function cutAt(array $corners): array
    {
        $parts = [];
        [$from, $last] = [0, count($this->path) - 1];
        foreach ([...$corners, null] as $corner) {
            $to = $last;
            for ($i = $from + 1; $corner !== null && $i < $last; $i++) {
                $to = hypot($this->path[$i][0] - $corner[0], $this->path[$i][1] - $corner[1]) < hypot($this->path[$to][0] - $corner[0], $this->path[$to][1] - $corner[1]) ? $i : $to;
            }
            /** @var non-empty-list<array{float, float}> $path */
            $path = array_slice($this->path, $from, $to - $from + 1);
            $parts[] = new self(
                $path, $from === 0 ? $this->in : null, $to === $last ? $this->out : null, $from === 0 ? $this->starts : End::Corner, $to === $last ? $this->ends : End::Corner,
                $this->contrast, $this->width, $this->whole, $this->byHand, $this->along,
            );
            if ($to === $last) {
                break;
            }
            $from = $to;
        }

        return $parts;
    }

    public function reversed(): self
    {
        /** @var non-empty-list<array{float, float}> $path */
        $path = array_reverse($this->path);

        return new self($path, $this->out, $this->in, $this->ends, $this->starts, $this->contrast, $this->width, $this->whole, $this->byHand, $this->along);
    }
}
