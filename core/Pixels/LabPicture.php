<?php

declare(strict_types=1);

namespace InchLadder\Pixels;

/**
 * A picture's colours in CIE L*a*b*, lightly smoothed. Samples are counted from 0; the first one's middle is half a
 * sample inside the picture's edge.
 */
final readonly class LabPicture
{
    private const BYTES = 4;

    /**
     * @param  int  $wide  samples in a row, at least 8
     * @param  string  $floats  L*, a*, b* of each sample, row by row, as little-endian 32-bit floats
     * @param  float  $across  how many samples the picture is wide: the last of a row may reach over its edge
     * @param  float  $down  how many it is high
     */
    public function __construct(public int $wide, public int $high, private string $floats, public float $across, public float $down)
    {
        if ($wide < 8 || $high < 8 || strlen($floats) !== 3 * self::BYTES * $wide * $high) {
            throw new \InvalidArgumentException('A picture is at least 8 × 8, and as long as its sides say.');
        }
    }

    /** @return array<int, float> L*, a*, b* of each sample of a row, from 1 on */
    public function row(int $y): array
    {
        /** @var array<int, float> */
        return unpack('g'.(3 * $this->wide), $this->floats, 3 * self::BYTES * $this->wide * $y);
    }

    /**
     * The colour of the sample nearest to a place; beyond the edge, the one on the edge.
     *
     * @return array{float, float, float} L*, a*, b*
     */
    public function at(float $x, float $y): array
    {
        $x = $x < 0 ? 0 : ($x > $this->wide - 1 ? $this->wide - 1 : (int) ($x + 0.5));
        $y = $y < 0 ? 0 : ($y > $this->high - 1 ? $this->high - 1 : (int) ($y + 0.5));
        /** @var array{1: float, 2: float, 3: float} $lab */
        $lab = unpack('g3', $this->floats, 3 * self::BYTES * ($y * $this->wide + $x));

        return [$lab[1], $lab[2], $lab[3]];
    }
}
