<?php

declare(strict_types=1);

namespace InchLadder\Compare;

/** The map between a shot, in its pixels, and the sheet on it, in millimetres from the sheet's top left corner as it is drawn on. */
final readonly class Flattening
{
    private Homography $toShot;

    private function __construct(
        private Lens $lens,
        private Homography $toSheet,
        /** Millimetres by which places that are known lie off, typically (the root of the mean square); 0 where four corners are all there is. */
        public float $residual,
    ) {
        $this->toShot = $toSheet->inverse();
    }

    /**
     * @param  list<array{float, float}>  $shot  four or more places, in pixels
     * @param  list<array{float, float}>  $sheet  where they lie, in mm
     *
     * @throws CornersUnusable
     */
    public static function of(array $shot, array $sheet, Lens $lens): self
    {
        $straight = array_map(static fn (array $at): array => $lens->straighten(...$at), $shot);
        $map = Homography::of($straight, $sheet);
        count($shot) === 4 && self::check($straight);
        $squares = 0.0;
        foreach ($straight as $i => $at) {
            [$x, $y] = $map->apply(...$at);
            $squares += ($x - $sheet[$i][0]) ** 2 + ($y - $sheet[$i][1]) ** 2;
        }

        return new self($lens, $map, count($shot) === 4 ? 0.0 : sqrt($squares / count($shot)));
    }

    /**
     * The same map, held to where a hand saw some places: by the motion that brings them nearest. How the sheet is seen askew
     * is told by its edges, to a part of a pixel; where on it the drawing was laid out, by the hand.
     *
     * @param  list<array{float, float}>  $shot  in pixels
     * @param  non-empty-list<array{float, float}>  $sheet  where they lie, in mm
     */
    public function heldTo(array $shot, array $sheet): self
    {
        /** @var non-empty-list<array{float, float}> $seen */
        $seen = array_map(fn (array $at): array => $this->toSheet(...$at), $shot);
        $motion = Motion::similarity($seen, $sheet);
        $squares = 0.0;
        foreach ($seen as $i => $at) {
            [$x, $y] = $motion->apply(...$at);
            $squares += ($x - $sheet[$i][0]) ** 2 + ($y - $sheet[$i][1]) ** 2;
        }

        return new self($this->lens, $this->toSheet->then($motion), sqrt($squares / count($seen)));
    }

    /** @return array{float, float} mm */
    public function toSheet(float $x, float $y): array
    {
        return $this->toSheet->apply(...$this->lens->straighten($x, $y));
    }

    /** @return array{float, float} pixels */
    public function toShot(float $x, float $y): array
    {
        return $this->lens->bend(...$this->toShot->apply($x, $y));
    }

    /** How many millimetres of the sheet a pixel takes in, where a place lies: the longer way. */
    public function fineness(float $x, float $y): float
    {
        [$a, $b] = $this->toShot($x, $y);
        [$c, $d] = $this->toSheet($a + 1, $b);
        [$e, $f] = $this->toSheet($a, $b + 1);

        return max(hypot($c - $x, $d - $y), hypot($e - $x, $f - $y));
    }

    /**
     * Four corners must go round one after another, clockwise as a picture's do, with none bent in.
     *
     * @param  list<array{float, float}>  $corners
     */
    private static function check(array $corners): void
    {
        $turns = [];
        foreach ($corners as $i => [$x, $y]) {
            [[$x2, $y2], [$x3, $y3]] = [$corners[($i + 1) % 4], $corners[($i + 2) % 4]];
            $turns[] = ($x2 - $x) * ($y3 - $y2) - ($y2 - $y) * ($x3 - $x2) <=> 0.0;
        }
        // A mirrored order is a slip of the hand as well: a sheet is seen from its front.
        if (array_sum($turns) !== 4) {
            throw CornersUnusable::crossed();
        }
    }
}
