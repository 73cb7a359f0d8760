<?php

declare(strict_types=1);

namespace InchLadder\Colour;

use InchLadder\Pixels\Lab;

/**
 * What a surface throws back, in three bands of linear light: those of sRGB, 0…1 each. Three bands stand for the whole
 * spectrum, so what is mixed by them is near, not exact.
 */
final readonly class Reflectance
{
    /** Nothing that is drawn with is darker (ours): under it, K/S means nothing. */
    private const BLACKEST = 0.002;

    public function __construct(public float $red, public float $green, public float $blue)
    {
    }

    /** @return self|null null for what is no `#rrggbb` */
    public static function ofHex(string $hex): ?self
    {
        if (preg_match('/^#([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})$/Di', $hex, $parts) !== 1) {
            return null;
        }
        $byte = static fn (string $hex): int => max(0, min(255, (int) hexdec($hex)));

        return new self(...Lab::lightOf($byte($parts[1]), $byte($parts[2]), $byte($parts[3])));
    }

    /** @param  list<int<0, 255>>  $bytes  red, green and blue of each pixel; their mean is taken of light, as an eye from far does */
    public static function mean(array $bytes): self
    {
        $sums = [0.0, 0.0, 0.0];
        $count = max(1, intdiv(count($bytes), 3));
        for ($i = 0; $i + 2 < count($bytes); $i += 3) {
            foreach (Lab::lightOf($bytes[$i], $bytes[$i + 1], $bytes[$i + 2]) as $band => $light) {
                $sums[$band] += $light;
            }
        }

        return new self($sums[0] / $count, $sums[1] / $count, $sums[2] / $count);
    }

    public static function ofLab(Lab $lab): self
    {
        return new self(...$lab->toLight());
    }

    /** A plain grey of a lightness L*. */
    public static function grey(float $lightness): self
    {
        $light = Lab::light($lightness);

        return new self($light, $light, $light);
    }

    public function lab(): Lab
    {
        return Lab::fromLight($this->red, $this->green, $this->blue);
    }

    /** `#rrggbb`, by IEC 61966-2-1 turned round. */
    public function hex(): string
    {
        $byte = static fn (float $light): int => (int) round(255 * ($light <= 0.0031308 ? 12.92 * max(0.0, $light) : 1.055 * min(1.0, $light) ** (1 / 2.4) - 0.055));

        return sprintf('#%02x%02x%02x', $byte($this->red), $byte($this->green), $byte($this->blue));
    }

    /** A thin layer over another: what one lets through, the other lets through a part of. */
    public function times(self $other): self
    {
        return new self($this->red * $other->red, $this->green * $other->green, $this->blue * $other->blue);
    }

    /** Half as much of a thin layer: half as much is swallowed on the way, by Beer's law. */
    public function halved(): self
    {
        return new self(sqrt($this->red), sqrt($this->green), sqrt($this->blue));
    }

    /**
     * Grains of this over a ground that shows between them, seen from so far that they run together: light adds up by what each
     * covers (A. Murray and E. R. Davies, Journal of the Franklin Institute 221 (1936), for dots in print).
     *
     * @param  float  $bare  share of the ground that is left, 0…1
     */
    public function scattered(self $ground, float $bare): self
    {
        $light = static fn (float $own, float $under): float => (1 - $bare) * $own + $bare * $under;

        return new self($light($this->red, $ground->red), $light($this->green, $ground->green), $light($this->blue, $ground->blue));
    }

    /** How far from another, in linear light. */
    public function distanceTo(self $other): float
    {
        return sqrt(($this->red - $other->red) ** 2 + ($this->green - $other->green) ** 2 + ($this->blue - $other->blue) ** 2);
    }

    /**
     * A mixture of opaque colours, by their single constant K/S, which add up by their shares (P. Kubelka and F. Munk, "Ein
     * Beitrag zur Optik der Farbanstriche", Zeitschrift für technische Physik 12, 1931; D. R. Duncan, 1940, for mixtures).
     *
     * @param  float  $share  of the other, 0…1
     */
    public function mixedWith(self $other, float $share): self
    {
        $mix = static fn (float $one, float $two): float => self::fromRatio((1 - $share) * self::ratio($one) + $share * self::ratio($two));

        return new self($mix($this->red, $other->red), $mix($this->green, $other->green), $mix($this->blue, $other->blue));
    }

    /** K/S of an opaque colour: (1 − R)² ∕ 2R. */
    public static function ratio(float $reflectance): float
    {
        $r = max(self::BLACKEST, min(1.0, $reflectance));

        return (1 - $r) ** 2 / (2 * $r);
    }

    /** R of an opaque colour: 1 + K/S − √((K/S)² + 2 K/S). */
    public static function fromRatio(float $ratio): float
    {
        return 1 + $ratio - sqrt($ratio ** 2 + 2 * $ratio);
    }
}
