<?php

declare(strict_types=1);

namespace InchLadder\Copying;

use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Measure\Slope;
use InchLadder\Pixels\Contour;
use InchLadder\Pixels\End;

/** How a contour runs through a cell of the paper, told in as few honest pieces as come near enough to it. */
final readonly class ContourTrace
{
    private function __construct(
        /** @var non-empty-list<array{float, float}> from end to end, as shares of the cell across and down */
        public array $path,
        /** Null when it begins inside the cell. */
        public ?Crossing $in,
        /** Null when it ends inside the cell. */
        public ?Crossing $out,
        public End $starts,
        public End $ends,
        /** Of the straight way from end to end, on the paper. */
        public Slope $slope,
        public Pieces $pieces,
        /** Of a thin line, on the paper; null of an edge. */
        public ?Length $width,
        /** Of a shape or stroke that crosses no side: how far it reaches to the left, up, to the right and down; else null. */
        public ?Extremes $extremes,
        public bool $byHand,
        /** The side it runs along, crossing none; else null. */
        public ?Side $along,
    ) {
    }

    /** @param  Size  $cell  on the paper */
    public static function of(Run $run, ?Crossing $in, ?Crossing $out, Size $cell): self
    {
        $inside = $in === null && $out === null;
        // Told from the crossing that is named first, whichever way it was found.
        if ($out !== null && ($in === null || $out->comesBefore($in))) {
            $run = $run->reversed();
            [$in, $out] = [$out, $in];
        }
        $path = $run->path;
        $end = count($path) - 1;
        $path[0] = $in === null ? $path[0] : $in->side->point($in->at);
        $path[$end] = $out === null ? $path[$end] : $out->side->point($out->at);
        [$wide, $high] = [$cell->width->toFloat(), $cell->height->toFloat()];

        return new self(
            $path, $in, $out, $run->starts, $run->ends,
            Slope::of(($path[$end][0] - $path[0][0]) * $wide, ($path[0][1] - $path[$end][1]) * $high),
            Pieces::of($path, $cell),
            $run->width === null ? null : Length::mm(Rational::near($run->width)),
            $inside ? Extremes::of($path) : null,
            $run->byHand,
            $run->along,
        );
    }

    public function isClosed(): bool
    {
        return $this->starts === End::Closes && $this->extremes !== null;
    }

    /** Whether it ends at a side without going over it: what goes on there, the cell beside it must tell. */
    public function stopsAtSide(): bool
    {
        return $this->along === null && ! $this->isClosed() && (($this->in === null && $this->starts !== End::Corner && self::nearSide($this->path[0])) || ($this->out === null && $this->ends !== End::Corner && self::nearSide($this->path[count($this->path) - 1])));
    }

    /** @return array{float, float} the place half-way along it */
    public function middle(): array
    {
        $half = Contour::along(array_column($this->path, 0), array_column($this->path, 1)) / 2;
        $gone = 0.0;
        for ($i = 1; $i < count($this->path) - 1; $i++) {
            $gone += hypot($this->path[$i][0] - $this->path[$i - 1][0], $this->path[$i][1] - $this->path[$i - 1][1]);
            if ($gone >= $half) {
                break;
            }
        }

        return $this->path[$i] ?? $this->path[0];
    }

    /** @param  array{float, float}  $at */
    private static function nearSide(array $at): bool
    {
        return min($at[0], $at[1], 1 - $at[0], 1 - $at[1]) < Figures::STOPS_AT_SIDE;
    }
}
