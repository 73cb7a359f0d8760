<?php

declare(strict_types=1);

namespace InchLadder\Colour;

use InchLadder\Pixels\Lab;

/**
 * What a camera made of a row of known greys, band by band; by it what it made of anything else is told. Between two greys
 * lightness is taken along a straight line, which bends less than light does.
 */
final readonly class Wedge
{
    /** Of two steps ten L* apart the darker must be darker by so much at least, or it is no wedge (ours). */
    private const FALLS = 1.0;

    /** @param  list<list<float>>  $seen  by band, the lightness of each step as it was seen, falling */
    private function __construct(private array $seen)
    {
    }

    /**
     * @param  list<Reflectance>  $steps  as they were seen against the bare paper beside them, those of SwatchPage::WEDGE
     *
     * @throws SwatchesUnreadable
     */
    public static function of(array $steps): self
    {
        $bands = array_map(static fn (string $band): array => array_map(static fn (Reflectance $one): float => Lab::lightnessOfLight($one->{$band}), $steps), ['red', 'green', 'blue']);
        foreach ($bands as $seen) {
            for ($i = 1; $i < count($seen); $i++) {
                if ($seen[$i - 1] - $seen[$i] < self::FALLS) {
                    throw SwatchesUnreadable::noWedge();
                }
            }
        }

        return new self($bands);
    }

    /** What a surface throws back, from how it was seen against the bare paper beside it. */
    public function read(Reflectance $seen): Reflectance
    {
        return new Reflectance($this->band(0, $seen->red), $this->band(1, $seen->green), $this->band(2, $seen->blue));
    }

    private function band(int $band, float $light): float
    {
        $lightness = Lab::lightnessOfLight($light);
        $seen = $this->seen[$band];
        $last = count($seen) - 1;
        $i = 0;
        while ($i < $last - 1 && $lightness < $seen[$i + 1]) {
            $i++;
        }
        $share = ($seen[$i] - $lightness) / ($seen[$i] - $seen[$i + 1]);

        return Lab::light(max(0.0, min(100.0, SwatchPage::WEDGE[$i] + $share * (SwatchPage::WEDGE[$i + 1] - SwatchPage::WEDGE[$i]))));
    }
}
