<?php

declare(strict_types=1);

namespace InchLadder\Marks;

use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;

/**
 * What a frame that was measured shows, each thing once: a corner that explains everything leaves no lean to be told,
 * and a side that is named explains what the diagonals have too much.
 */
final readonly class FrameFindings
{
    /**
     * @param  Length|null  $diagonal  what both should be, where both were measured
     * @param  float|null  $lean  degrees that the sides lean, positive when the lower edge lies too far right; null when they do not, or a corner explains it
     * @param  Length|null  $slid  how far the lower edge has slid, negative to the left; and what of it falls on one cell
     * @param  float|null  $larger  both sides' length against what it should be, less 1, where no side was found off
     * @param  Size|null  $most  what that makes of each side
     * @param  bool  $hasHalvingLines  lines whose middle proves nothing
     */
    private function __construct(
        public FrameCheck $check,
        public ?Length $diagonal,
        public ?float $lean = null,
        public ?Length $slid = null,
        public ?Length $slidOnCell = null,
        public ?float $larger = null,
        public ?Size $most = null,
        public bool $hasHalvingLines = false,
    ) {
    }

    /**
     * @param  array<string, Length>  $measured  of top, bottom, left, right, falling and rising
     * @param  Length  $graduation  the ruler's finest mark; less is no error
     * @param  int  $columns  of the grid that is ruled on it
     *
     * @throws DiagonalsImpossible when no frame of about this size has such diagonals
     */
    public static function of(Size $frame, array $measured, Length $graduation, int $columns, int $rows): self
    {
        $check = FrameCheck::of($frame, $measured, $graduation);
        $square = isset($measured['falling'], $measured['rising']) ? SquareCheck::of($frame, $measured['falling'], $measured['rising'], $graduation) : null;
        if ($square === null) {
            return new self($check, null);
        }
        $diagonal = self::mm($square->expected);
        if ($check->off === [] || $check->corner !== null) {
            return new self($check, $diagonal, hasHalvingLines: $columns > 1);
        }
        $step = $graduation->toFloat();
        $leans = abs($square->slid) > $step;
        $isLarger = abs($square->larger) * $square->expected > $step && array_diff(array_keys($check->off), ['falling', 'rising']) === [];

        return new self(
            $check, $diagonal,
            $leans ? $square->lean : null,
            $leans ? self::mm($square->slid) : null,
            $leans ? self::mm(abs($square->slid))->dividedBy(max(1, $rows)) : null,
            $isLarger ? $square->larger : null,
            $isLarger ? new Size(self::mm(abs($square->larger) * $frame->width->toFloat()), self::mm(abs($square->larger) * $frame->height->toFloat())) : null,
            $columns > 1,
        );
    }

    /** What both diagonals of a frame should be. */
    public static function diagonalOf(Size $frame): Length
    {
        return self::mm($frame->diagonal());
    }

    private static function mm(float $millimetres): Length
    {
        return Length::mm(Rational::near($millimetres));
    }
}
