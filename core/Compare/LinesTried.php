<?php

declare(strict_types=1);

namespace InchLadder\Compare;

/** Lines of an object, tried on the drawing: how well they lie on what was drawn, wherever they are laid. */
final readonly class LinesTried
{
    /** Mm from a drawn line at which a sample counts for nothing; roughly looked at, half a step more. */
    private const NEAR = 1.6;

    /** Mm to either side of a line at which others are looked for, and how much they take from it. */
    private const BESIDE = 2.2;

    private const CROWDED = 0.25;

    /** Two ways to lie are two where corners of its box come out farther apart than so many mm. */
    public const APART = 2.5;

    /**
     * @param  array{float, float}  $middle  of the object, in mm of the sheet
     * @param  non-empty-list<array{float, float, float, float}>  $samples  places about it, each with the way across its line, of length 1
     */
    private function __construct(private LineMap $map, private OtherLines $others, private array $middle, private array $samples)
    {
    }

    /**
     * @param  non-empty-list<array{float, float, float, float}>  $inside  places of its lines where they belong, each with the way across
     * @param  Motion  $near  how the whole came out
     * @param  array{float, float}  $middle
     * @param  int  $most  so many of them, evenly
     */
    public static function on(LineMap $map, OtherLines $others, array $inside, Motion $near, array $middle, int $most): self
    {
        $every = max(1.0, count($inside) / $most);
        $samples = [];
        for ($i = 0.0; $i < count($inside) || $samples === []; $i += $every) {
            [$u, $v, $nu, $nv] = $inside[(int) $i];
            [$x, $y] = $near->apply($u, $v);
            $samples[] = [$x - $middle[0], $y - $middle[1], $nu, $nv];
        }

        return new self($map, $others, $middle, $samples);
    }

    /**
     * How well it lies everywhere about a way to lie, roughly.
     *
     * @param  float  $reach  mm, right and left, up and down
     * @param  float  $step  mm
     * @return list<array{float, Pose}> a score, less what the pose costs
     */
    public function about(Pose $about, float $reach, float $step): array
    {
        $near = self::NEAR + $step / 2;
        $turned = array_map(static fn (array $at): array => $about->apply($at[0], $at[1]), $this->samples);
        $all = [];
        for ($dy = -$reach; $dy <= $reach; $dy += $step) {
            for ($dx = -$reach; $dx <= $reach; $dx += $step) {
                $pose = $about->moved($dx, $dy);
                $elsewhere = hypot($pose->right, $pose->down) > self::APART;
                [$x, $y, $sum] = [$this->middle[0] + $dx, $this->middle[1] + $dy, 0.0];
                foreach ($turned as [$u, $v]) {
                    $far = $this->map->about($x + $u, $y + $v);
                    if ($far < $near) {
                        $sum += ($elsewhere && $this->others->has($x + $u, $y + $v) ? Figures::ANOTHERS : 1) * (1 - $far / $near);
                    }
                }
                $all[] = [$sum / count($turned) - $pose->cost(), $pose];
            }
        }

        return $all;
    }

    /**
     * From a way to lie to the best about it, one number at a time.
     *
     * @param  bool  $alone  moved, and neither turned nor sized
     * @return array{Pose, float} and its score, less what it costs
     */
    public function climbed(Pose $at, bool $alone = false): array
    {
        $best = $this->score($at) - $at->cost();
        for ($step = 0.8; $step > 0.08;) {
            $from = $at;
            foreach ($from->beside($step, $alone) as $other) {
                $score = $this->score($other) - $other->cost();
                if ($score > $best + 1e-6) {
                    [$at, $best] = [$other, $score];
                }
            }
            $step = $at === $from ? $step / 2 : $step;
        }

        return [$at, $best];
    }

    /** Share of its lines that lie on drawn ones, near ones for more. */
    public function score(Pose $at): float
    {
        [$x, $y, $sum, $turn] = [$this->middle[0] + $at->right, $this->middle[1] + $at->down, 0.0, deg2rad($at->degrees)];
        [$cos, $sin] = [$at->size * cos($turn), $at->size * sin($turn)];
        $elsewhere = hypot($at->right, $at->down) > self::APART;
        foreach ($this->samples as [$u, $v, $nu, $nv]) {
            [$px, $py] = [$x + $cos * $u - $sin * $v, $y + $sin * $u + $cos * $v];
            $far = $this->map->far($px, $py);
            if ($far < self::NEAR) {
                // What lies as near to lines on either side lies in a crowd of them, and says little.
                $a = self::BESIDE * ($cos * $nu - $sin * $nv) / $at->size;
                $b = self::BESIDE * ($sin * $nu + $cos * $nv) / $at->size;
                $beside = [$this->map->about($px + $a, $py + $b), $this->map->about($px - $a, $py - $b)];
                $crowd = max(0.0, 1 - $beside[0] / self::NEAR) + max(0.0, 1 - $beside[1] / self::NEAR);
                $counts = max(0.0, 1 - $far / self::NEAR - self::CROWDED * $crowd);
                $sum += $elsewhere && $this->others->has($px, $py) ? Figures::ANOTHERS * $counts : $counts;
            }
        }

        return $sum / count($this->samples);
    }

    /** Whether it could as well have slid some way. */
    public function slides(Pose $at): bool
    {
        $score = $this->score($at);
        for ($i = 0; $i < 16; $i++) {
            $there = $at->moved(self::APART * cos($i * M_PI / 8), self::APART * sin($i * M_PI / 8));
            if ($score - $this->score($there) < Figures::SLIDES) {
                return true;
            }
        }

        return false;
    }
}
