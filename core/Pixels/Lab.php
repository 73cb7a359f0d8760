<?php

declare(strict_types=1);

namespace InchLadder\Pixels;

/** A colour in CIELAB under D65: lightness L* in 0…100, and a*, b*. */
final readonly class Lab
{
    /** Entries of the table from light to lightness: near black, where it is steepest, still less than a byte from one to the next. */
    private const TABLE = 4096;

    public function __construct(public float $lightness, public float $a, public float $b)
    {
    }

    /**
     * From sRGB bytes, by IEC 61966-2-1 (linearisation and the RGB to XYZ matrix) and
     * CIE 15 (XYZ to L*a*b*, D65 white).
     *
     * @param  int<0, 255>  $red
     * @param  int<0, 255>  $green
     * @param  int<0, 255>  $blue
     */
    public static function fromSrgb(int $red, int $green, int $blue): self
    {
        return self::fromLight(...self::lightOf($red, $green, $blue));
    }

    /** From linear sRGB, 0…1 each: the matrix of IEC 61966-2-1, and CIE 15. */
    public static function fromLight(float $r, float $g, float $b): self
    {
        $x = self::root((0.4124 * $r + 0.3576 * $g + 0.1805 * $b) / 0.95047);
        $y = self::root(0.2126 * $r + 0.7152 * $g + 0.0722 * $b);
        $z = self::root((0.0193 * $r + 0.1192 * $g + 0.9505 * $b) / 1.08883);

        return new self(116 * $y - 16, 500 * ($x - $y), 200 * ($y - $z));
    }

    /**
     * @param  int<0, 255>  $red
     * @param  int<0, 255>  $green
     * @param  int<0, 255>  $blue
     * @return array{float, float, float} linear light of sRGB bytes, 0…1
     */
    public static function lightOf(int $red, int $green, int $blue): array
    {
        $linear = self::linear();

        return [$linear[$red], $linear[$green], $linear[$blue]];
    }

    /**
     * Linear light, as sRGB can show it: what is outside is cut off.
     *
     * @return array{float, float, float} 0…1
     */
    public function toLight(): array
    {
        return array_map(static fn (float $light): float => max(0.0, min(1.0, $light)), $this->bands());
    }

    /** Whether sRGB can show it: no band of it is cut off. */
    public function isShown(): bool
    {
        return array_filter($this->bands(), static fn (float $light): bool => $light < -1e-6 || $light > 1 + 1e-6) === [];
    }

    /**
     * Linear light of its three bands, wherever it is: CIE 15 and IEC 61966-2-1 turned round.
     *
     * @return array{float, float, float}
     */
    private function bands(): array
    {
        $y = ($this->lightness + 16) / 116;
        [$x, $y, $z] = [0.95047 * self::cube($y + $this->a / 500), self::cube($y), 1.08883 * self::cube($y - $this->b / 200)];

        return [3.2406255 * $x - 1.5372080 * $y - 0.4986286 * $z, -0.9689307 * $x + 1.8757561 * $y + 0.0415175 * $z, 0.0557101 * $x - 0.2040211 * $y + 1.0569959 * $z];
    }

    /** Chroma C*: how strong the colour is, 0 for greys. */
    public function chroma(): float
    {
        return hypot($this->a, $this->b);
    }

    /** Hue angle h in degrees, 0…360; 0 for greys. */
    public function hueAngle(): float
    {
        return self::hue($this->a, $this->b);
    }

    /**
     * L* alone, for many pixels at a time: the lightness of fromSrgb.
     *
     * @param  list<int>  $bytes  red, green, blue of each pixel, 0…255
     * @return list<float>
     */
    public static function lightnessOf(array $bytes): array
    {
        $linear = self::linear();
        $lightness = [];
        for ($i = 0, $count = count($bytes) - 2; $i < $count; $i += 3) {
            $lightness[] = 116 * self::root(0.2126 * $linear[$bytes[$i]] + 0.7152 * $linear[$bytes[$i + 1]] + 0.0722 * $linear[$bytes[$i + 2]]) - 16;
        }

        return $lightness;
    }

    /**
     * The same as bytes, 255 for L* 100, by a table: right to a step of them.
     *
     * @param  list<int>  $bytes  red, green, blue of each pixel, 0…255
     */
    public static function lightnessBytes(array $bytes): string
    {
        $linear = self::linear();
        $weighted = static fn (float $weight): array => array_map(static fn (float $light): float => self::TABLE * $weight * $light, $linear);
        [$reds, $greens, $blues] = [$weighted(0.2126), $weighted(0.7152), $weighted(0.0722)];
        $table = array_map(static fn (int $i): string => chr((int) round(2.55 * self::lightnessOfLight($i / self::TABLE))), range(0, self::TABLE + 1));
        $lightness = '';
        for ($i = 0, $count = count($bytes) - 2; $i < $count; $i += 3) {
            $lightness .= $table[(int) ($reds[$bytes[$i]] + $greens[$bytes[$i + 1]] + $blues[$bytes[$i + 2]] + 0.5)];
        }

        return $lightness;
    }

    /** Linear light, 0…1, of a lightness: CIE 15 turned round. */
    public static function light(float $lightness): float
    {
        return self::cube(($lightness + 16) / 116);
    }

    /** L* of linear light. */
    public static function lightnessOfLight(float $light): float
    {
        return 116 * self::root($light) - 16;
    }

    /** @return non-empty-list<float> light of each byte, 0…1 (IEC 61966-2-1) */
    private static function linear(): array
    {
        /** @var non-empty-list<float>|null $table */
        static $table = null;

        return $table ??= array_map(static fn (int $byte): float => $byte / 255 <= 0.04045 ? $byte / 255 / 12.92 : (($byte / 255 + 0.055) / 1.055) ** 2.4, range(0, 255));
    }

    private static function cube(float $f): float
    {
        return $f > 6 / 29 ? $f ** 3 : 3 * (6 / 29) ** 2 * ($f - 4 / 29);
    }

    /** The cube root of CIE 15, with its straight stretch near black. */
    private static function root(float $t): float
    {
        return $t > (6 / 29) ** 3 ? $t ** (1 / 3) : $t / (3 * (6 / 29) ** 2) + 4 / 29;
    }

    /**
     * How different two colours look: CIEDE2000, with all weights 1.
     *
     * Formula numbers are those of G. Sharma, W. Wu and E. N. Dalal, "The CIEDE2000
     * color-difference formula", Color Research and Application 30 (2005).
     */
    public function differenceTo(self $other): float
    {
        $meanChroma = (hypot($this->a, $this->b) + hypot($other->a, $other->b)) / 2;
        $g = 0.5 * (1 - sqrt($meanChroma ** 7 / ($meanChroma ** 7 + 25 ** 7))); // (4)
        [$a1, $a2] = [(1 + $g) * $this->a, (1 + $g) * $other->a]; // (5)
        [$c1, $c2] = [hypot($a1, $this->b), hypot($a2, $other->b)]; // (6)
        [$h1, $h2] = [self::hue($a1, $this->b), self::hue($a2, $other->b)]; // (7)

        $turn = $h2 - $h1;
        if ($c1 * $c2 === 0.0) {
            $turn = 0;
        } elseif (abs($turn) > 180) {
            $turn += $turn > 0 ? -360 : 360; // (10)
        }
        $dL = $other->lightness - $this->lightness; // (8)
        $dC = $c2 - $c1; // (9)
        $dH = 2 * sqrt($c1 * $c2) * sin(deg2rad($turn / 2)); // (11)

        $l = ($this->lightness + $other->lightness) / 2; // (12)
        $c = ($c1 + $c2) / 2; // (13)
        $h = $h1 + $h2;
        if ($c1 * $c2 !== 0.0) {
            $h = abs($h1 - $h2) <= 180 ? $h / 2 : ($h < 360 ? ($h + 360) / 2 : ($h - 360) / 2); // (14)
        }
        $t = 1 - 0.17 * cos(deg2rad($h - 30)) + 0.24 * cos(deg2rad(2 * $h)) + 0.32 * cos(deg2rad(3 * $h + 6)) - 0.20 * cos(deg2rad(4 * $h - 63)); // (15)
        $dTheta = 30 * exp(-((($h - 275) / 25) ** 2)); // (16)
        $rC = 2 * sqrt($c ** 7 / ($c ** 7 + 25 ** 7)); // (17)
        $sL = 1 + 0.015 * ($l - 50) ** 2 / sqrt(20 + ($l - 50) ** 2); // (18)
        $sC = 1 + 0.045 * $c; // (19)
        $sH = 1 + 0.015 * $c * $t; // (20)
        $rT = -sin(deg2rad(2 * $dTheta)) * $rC; // (21)

        return sqrt(($dL / $sL) ** 2 + ($dC / $sC) ** 2 + ($dH / $sH) ** 2 + $rT * ($dC / $sC) * ($dH / $sH)); // (22)
    }

    /** One name for one colour, so that equal ones are compared once. */
    public function key(): string
    {
        return sprintf('%.1f %.1f %.1f', $this->lightness, $this->a, $this->b);
    }

    private static function hue(float $a, float $b): float
    {
        $degrees = rad2deg(atan2($b, $a));

        return $degrees < 0 ? $degrees + 360 : $degrees;
    }
}
