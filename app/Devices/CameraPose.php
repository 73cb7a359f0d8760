<?php

declare(strict_types=1);

namespace App\Devices;

/**
 * A camera over a sheet: a pinhole, tilted and turned, whose lens bends by the first term of Brown's polynomial (D. C.
 * Brown, Photogrammetric Engineering 37 (1971)). What it sees is put right by another model than it is made with.
 */
final readonly class CameraPose
{
    /** A telephone's: its focal length is 0.65 of the picture's diagonal (common practice: 28 mm to a frame of 24 × 36). */
    private const FOCAL = 0.65;

    /** @var array{array{float, float, float}, array{float, float, float}, array{float, float, float}} */
    private array $turned;

    private float $far;

    /**
     * @param  float  $sheetWide  mm
     * @param  float  $tilt  degrees by which it looks from the side; 0 is straight down
     * @param  float  $from  degrees: from which side, 0 from below
     * @param  float  $roll  degrees by which it is held askew
     * @param  float  $bend  share by which the lens moves what lies at half the diagonal: under 0 a barrel
     */
    public function __construct(public int $wide, public int $high, private float $sheetWide, private float $sheetHigh, public float $tilt, public float $from, public float $roll, public float $bend, public float $fills = 0.86)
    {
        [$t, $f, $r] = [deg2rad($tilt), deg2rad($from), deg2rad($roll)];
        // Turned about the axis it is tilted by, tilted, turned back, and held askew.
        $this->turned = self::times(self::about($r - $f), self::times([[1, 0, 0], [0, cos($t), -sin($t)], [0, sin($t), cos($t)]], self::about($f)));
        $this->far = $this->distance();
    }

    /**
     * @param  float  $x  mm of the sheet
     * @return array{float, float} pixels
     */
    public function see(float $x, float $y): array
    {
        [$u, $v] = $this->pinhole($x, $y, $this->far);
        [$dx, $dy] = [$u - $this->wide / 2, $v - $this->high / 2];
        $radius = hypot($this->wide, $this->high) / 2;
        $by = 1 + $this->bend * ($dx * $dx + $dy * $dy) / ($radius * $radius);

        return [$this->wide / 2 + $by * $dx, $this->high / 2 + $by * $dy];
    }

    /**
     * Where on the sheet's plane a pixel looks: see() turned round, by Newton's steps.
     *
     * @return array{float, float} mm of the sheet
     */
    public function lies(float $u, float $v): array
    {
        [$x, $y] = [$this->sheetWide / 2, $this->sheetHigh / 2];
        for ($i = 0; $i < 12; $i++) {
            [$a, $b] = $this->see($x, $y);
            [$c, $d] = $this->see($x + 0.5, $y);
            [$e, $f] = $this->see($x, $y + 0.5);
            [$xx, $xy, $yx, $yy] = [2 * ($c - $a), 2 * ($e - $a), 2 * ($d - $b), 2 * ($f - $b)];
            $area = $xx * $yy - $xy * $yx;
            if (abs($area) < 1e-9) {
                break;
            }
            [$right, $down] = [($yy * ($u - $a) - $xy * ($v - $b)) / $area, ($xx * ($v - $b) - $yx * ($u - $a)) / $area];
            [$x, $y] = [$x + $right, $y + $down];
            if (hypot($right, $down) < 1e-4) {
                break;
            }
        }

        return [$x, $y];
    }

    /** @return array{float, float} */
    private function pinhole(float $x, float $y, float $far): array
    {
        $focal = self::FOCAL * hypot($this->wide, $this->high);
        [$x, $y] = [$x - $this->sheetWide / 2, $y - $this->sheetHigh / 2];
        $at = array_map(static fn (array $row): float => $row[0] * $x + $row[1] * $y, $this->turned);
        $deep = max(1.0, $far + $at[2]);

        return [$this->wide / 2 + $focal * $at[0] / $deep, $this->high / 2 + $focal * $at[1] / $deep];
    }

    /** From so far off that the sheet fills the picture as wished. */
    private function distance(): float
    {
        [$near, $far] = [0.3 * hypot($this->sheetWide, $this->sheetHigh), 30 * hypot($this->sheetWide, $this->sheetHigh)];
        for ($i = 0; $i < 60; $i++) {
            $middle = ($near + $far) / 2;
            $fits = true;
            foreach ([[0, 0], [1, 0], [0, 1], [1, 1]] as [$x, $y]) {
                [$u, $v] = $this->pinhole($x * $this->sheetWide, $y * $this->sheetHigh, $middle);
                $fits = $fits && abs($u - $this->wide / 2) <= $this->fills * $this->wide / 2 && abs($v - $this->high / 2) <= $this->fills * $this->high / 2;
            }
            $fits ? $far = $middle : $near = $middle;
        }

        return $far;
    }

    /** @return array{array{float, float, float}, array{float, float, float}, array{float, float, float}} */
    private static function about(float $angle): array
    {
        return [[cos($angle), -sin($angle), 0.0], [sin($angle), cos($angle), 0.0], [0.0, 0.0, 1.0]];
    }

    /**
     * @param  array{array{float, float, float}, array{float, float, float}, array{float, float, float}}  $a
     * @param  array{array{float, float, float}, array{float, float, float}, array{float, float, float}}  $b
     * @return array{array{float, float, float}, array{float, float, float}, array{float, float, float}}
     */
    private static function times(array $a, array $b): array
    {
        $row = static fn (array $one): array => [
            $one[0] * $b[0][0] + $one[1] * $b[1][0] + $one[2] * $b[2][0],
            $one[0] * $b[0][1] + $one[1] * $b[1][1] + $one[2] * $b[2][1],
            $one[0] * $b[0][2] + $one[1] * $b[1][2] + $one[2] * $b[2][2],
        ];

        return [$row($a[0]), $row($a[1]), $row($a[2])];
    }
}
