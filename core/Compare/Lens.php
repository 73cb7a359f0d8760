<?php

declare(strict_types=1);

namespace InchLadder\Compare;

/**
 * How a lens bends what is straight, by one term about the middle of the picture: the division model
 * (A. W. Fitzgibbon, "Simultaneous linear estimation of multiple view geometry and lens distortion", CVPR 2001).
 * Found from what must be straight (the plumb-line method: D. C. Brown, "Close-range camera calibration",
 * Photogrammetric Engineering 37 (1971)).
 */
final readonly class Lens
{
    /** Beyond this a lens is meant to bend: no phone's is (ours). */
    private const MOST = 0.2;

    private const SCANNED = 40;

    /**
     * @param  float  $bend  over 0 draws in what lies far out (a pincushion), under 0 pushes it out (a barrel); at half the diagonal the share by which a place is moved
     * @param  float  $radius  half the picture's diagonal, in pixels
     */
    private function __construct(public float $bend, private float $x, private float $y, private float $radius)
    {
    }

    public static function true(int $wide, int $high): self
    {
        return new self(0.0, $wide / 2, $high / 2, hypot($wide, $high) / 2);
    }

    public static function bent(float $bend, int $wide, int $high): self
    {
        return new self($bend, $wide / 2, $high / 2, hypot($wide, $high) / 2);
    }

    /**
     * The lens that makes lines straight; one without faults where that is as good.
     *
     * @param  list<list<array{float, float}>>  $lines  places along each, in pixels
     */
    public static function straightening(array $lines, int $wide, int $high): self
    {
        $true = self::true($wide, $high);
        $count = array_sum(array_map(count(...), $lines));
        if ($count < 20) {
            return $true;
        }
        $off = static fn (float $bend): float => self::off($lines, new self($bend, $true->x, $true->y, $true->radius));
        [$best, $least] = [0.0, $off(0.0)];
        for ($i = -self::SCANNED; $i <= self::SCANNED; $i++) {
            $sum = $off(self::MOST * $i / self::SCANNED);
            if ($sum < $least) {
                [$best, $least] = [self::MOST * $i / self::SCANNED, $sum];
            }
        }
        // Golden section between the neighbours (J. Kiefer, Proc. AMS 4 (1953)).
        [$from, $to] = [$best - self::MOST / self::SCANNED, $best + self::MOST / self::SCANNED];
        $golden = (sqrt(5) - 1) / 2;
        for ($i = 0; $i < 24; $i++) {
            [$a, $b] = [$to - $golden * ($to - $from), $from + $golden * ($to - $from)];
            $off($a) < $off($b) ? $to = $b : $from = $a;
        }
        $bend = ($from + $to) / 2;
        // As much better as one number more must make it (G. Schwarz, Annals of Statistics 6 (1978): the BIC).
        $better = $count * log(max(1e-9, $off(0.0)) / max(1e-9, $off($bend)));

        return $better > log($count) ? new self($bend, $true->x, $true->y, $true->radius) : $true;
    }

    /**
     * Where a place would lie if the lens had no faults.
     *
     * @return array{float, float}
     */
    public function straighten(float $x, float $y): array
    {
        [$dx, $dy] = [($x - $this->x) / $this->radius, ($y - $this->y) / $this->radius];
        $by = $this->radius / (1 + $this->bend * ($dx * $dx + $dy * $dy));

        return [$this->x + $by * $dx, $this->y + $by * $dy];
    }

    /**
     * The way back: where the lens shows it.
     *
     * @return array{float, float}
     */
    public function bend(float $x, float $y): array
    {
        [$dx, $dy] = [($x - $this->x) / $this->radius, ($y - $this->y) / $this->radius];
        $far = hypot($dx, $dy);
        if ($this->bend === 0.0 || $far < 1e-9) {
            return [$x, $y];
        }
        // The nearer root of bend · far · r² − r + far = 0; none where the lens shows nothing any more.
        $root = sqrt(max(0.0, 1 - 4 * $this->bend * $far * $far));
        $by = $this->radius * (1 - $root) / (2 * $this->bend * $far * $far);

        return [$this->x + $by * $dx, $this->y + $by * $dy];
    }

    /**
     * The squares of what lies beside the lines that fit best, summed.
     *
     * @param  list<list<array{float, float}>>  $lines
     */
    private static function off(array $lines, self $lens): float
    {
        $sum = 0.0;
        foreach ($lines as $line) {
            $sum += StraightLine::through(array_map(static fn (array $at): array => $lens->straighten(...$at), $line))->off;
        }

        return $sum;
    }
}
