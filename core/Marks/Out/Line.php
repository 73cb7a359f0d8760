<?php

declare(strict_types=1);

namespace InchLadder\Marks\Out;

use InchLadder\Layout\Affine;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;

/**
 * A gridline as it lies on a board, from edge to edge. On a print whose picture was straightened it leans, and
 * may leave by another edge than the one it would otherwise end on.
 */
final readonly class Line
{
    /**
     * @param  array{string, Length}  $from  the edge it begins on, and how far along, from its left or top end; at the top or left
     * @param  array{string, Length}  $to  at the bottom or right
     * @param  array{Length, Length}  $start  where it enters what is gridded, from the board's left and top
     * @param  array{Length, Length}  $end
     */
    private function __construct(public bool $upright, public array $from, public array $to, public array $start, public array $end)
    {
    }

    /**
     * @param  Affine  $onBoard  from shares of what is gridded to shares of the board
     * @param  Rational  $share  where the line is, of the side it cuts
     * @param  Rational|null  $from  where it begins, as a share of the side it runs along; null at the frame, and likewise its end
     */
    public static function on(Size $board, Affine $onBoard, Rational $share, bool $upright, ?Rational $from = null, ?Rational $to = null): self
    {
        [$from, $to] = [$from ?? Rational::zero(), $to ?? Rational::one()];
        [$start, $end] = $upright
            ? [$onBoard->apply($share, $from), $onBoard->apply($share, $to)]
            : [$onBoard->apply($from, $share), $onBoard->apply($to, $share)];
        // On a mirrored print a level line runs from right to left.
        [$start, $end] = $start[$upright ? 1 : 0]->isGreaterThan($end[$upright ? 1 : 0]) ? [$end, $start] : [$start, $end];
        $length = static fn (array $point): array => [$board->width->times($point[0]), $board->height->times($point[1])];

        return new self($upright, self::meets($board, $start, $end, $upright, 0), self::meets($board, $start, $end, $upright, 1), $length($start), $length($end));
    }

    /** Where it crosses, across for an upright line and down for a level one, at a distance from the board's top or left. */
    public function at(Length $distance): Length
    {
        [$along, $across] = $this->upright ? [1, 0] : [0, 1];
        $step = $this->end[$across]->minus($this->start[$across]);
        if ($step->isZero()) {
            return $this->start[$across];
        }

        return $this->start[$across]->plus($step->times($distance->minus($this->start[$along])->over($this->end[$along]->minus($this->start[$along]))));
    }

    /** Whether it is not parallel to the board's edges. */
    public function leans(): bool
    {
        $axis = $this->upright ? 0 : 1;

        return ! $this->start[$axis]->equals($this->end[$axis]);
    }

    /**
     * @param  array{Rational, Rational}  $start
     * @param  array{Rational, Rational}  $end
     * @param  0|1  $side  0 at the top or left, 1 at the bottom or right
     * @return array{string, Length}
     */
    private static function meets(Size $board, array $start, array $end, bool $upright, int $side): array
    {
        [$along, $across] = $upright ? [1, 0] : [0, 1];
        $lean = $end[$across]->minus($start[$across])->dividedBy($end[$along]->minus($start[$along]));
        $at = $start[$across]->plus(Rational::of($side)->minus($start[$along])->times($lean));
        $edges = $upright ? ['top', 'bottom', 'left', 'right'] : ['left', 'right', 'top', 'bottom'];
        if (! $at->isNegative() && ! $at->isGreaterThan(1)) {
            return [$edges[$side], ($upright ? $board->width : $board->height)->times($at)];
        }
        // Past the corner: it leaves by the edge beside.
        $past = $at->isNegative() ? 0 : 1;
        $along = $start[$along]->plus(Rational::of($past)->minus($start[$across])->dividedBy($lean));

        return [$edges[2 + $past], ($upright ? $board->height : $board->width)->times($along)];
    }
}
