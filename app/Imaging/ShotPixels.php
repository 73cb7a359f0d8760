<?php

declare(strict_types=1);

namespace App\Imaging;

use Imagick;
use InchLadder\Compare\Flattening;
use InchLadder\Compare\SheetFinder;
use InchLadder\Pixels\Grey;

/** A shot of the drawing: where its sheet lies, the sheet flattened, its light evened out, and the lines on it. */
final class ShotPixels
{
    private const COARSE = 300;

    private const FINE = 1600;

    /** Pixels a side at least: fewer are no picture (Grey). */
    private const LEAST = 3;

    /** Pixels to a millimetre of a flattened sheet that is looked at: as fine as a telephone shows a sheet of A3. */
    private const FINENESS = 6.0;

    private const MOST = 2400;

    /** In mm: light that changes over less than this is drawn. */
    private const LIGHT = 12.0;

    /** Of 255: nothing lighter is told from it. */
    private const BURNT = 253.0;

    /** Samples over which an edge of paper falls: as sharp as the picture is 2, one out of focus more (ours). */
    private const SOFT = 4.5;

    /** @var array<string, string> where its pixels lie for what is mapped, in colours and in greys; taken away with it */
    private array $held = [];

    /** @var array<int, Grey> */
    private array $greys = [];

    /** @var array<int, Imagick> in greys, by their longer side */
    private array $smaller = [];

    /**
     * @param  int  $wide  pixels of the shot, in which its places are told; it may be held smaller
     */
    private function __construct(private readonly Imagick $shot, public readonly int $wide, public readonly int $high)
    {
    }

    public function __destruct()
    {
        array_map(static fn (string $path): bool => @unlink($path), $this->held);
    }

    /**
     * @param  Imagick  $shot  upright, in sRGB
     * @param  int|null  $wide  pixels it had as it was taken, where it is held smaller
     */
    public static function of(Imagick $shot, ?int $wide = null, ?int $high = null): self
    {
        return new self($shot, $wide ?? $shot->getImageWidth(), $high ?? $shot->getImageHeight());
    }

    /** The sheet, where it is found. */
    public function sheet(): ?SheetFinder
    {
        return SheetFinder::in($this->grey(self::COARSE), $this->grey(self::FINE), $this->wide, $this->high);
    }

    /**
     * Its sides, near corners that are known.
     *
     * @param  list<array{float, float}>  $corners  pixels of the shot
     */
    public function near(array $corners): ?SheetFinder
    {
        $fine = $this->grey(self::FINE);
        [$x, $y] = [$fine->wide / $this->wide, $fine->high / $this->high];

        return SheetFinder::from(array_map(static fn (array $at): array => [$x * $at[0], $y * $at[1]], $corners), $fine, $this->wide, $this->high, 0.012);
    }

    /** How light the shot is at a place, 0 to 255; beyond its edge, as at the edge. */
    public function greyAt(float $x, float $y): float
    {
        $fine = $this->grey(self::FINE);

        return $fine->between($x * $fine->wide / $this->wide, $y * $fine->high / $this->high);
    }

    /** The shot in greys, so many pixels along its longer side at most. */
    private function grey(int $side): Grey
    {
        return $this->greys[$side] ??= self::bytes($this->small($side));
    }

    /** Each made of the next larger: what is small already is made smaller in no time. */
    private function small(int $side): Imagick
    {
        if (! isset($this->smaller[$side])) {
            $small = clone ($side === self::COARSE ? $this->small(self::FINE) : $this->shot);
            [$long, $short] = [max($small->getImageWidth(), $small->getImageHeight()), min($small->getImageWidth(), $small->getImageHeight())];
            if ($long > $side && $short * $side / $long >= self::LEAST) {
                $small->resizeImage($side, $side, Imagick::FILTER_BOX, 1, true);
            } elseif ($long > $side) {
                // However long and narrow, it keeps pixels each way.
                $small->resizeImage($small->getImageWidth() === $long ? $side : self::LEAST, $small->getImageHeight() === $long ? $side : self::LEAST, Imagick::FILTER_BOX, 1);
            }
            $small->transformImageColorspace(Imagick::COLORSPACE_GRAY);
            $this->smaller[$side] = $small;
        }

        return $this->smaller[$side];
    }

    /**
     * The whole sheet as it lies, flat.
     *
     * @param  float  $wide  mm of the sheet
     */
    public function flat(Flattening $map, float $wide, float $high, ?float $fineness = null): Imagick
    {
        $fineness ??= min(self::FINENESS, self::MOST / max($wide, $high));
        [$across, $down] = [max(3, (int) round($fineness * $wide)), max(3, (int) round($fineness * $high))];

        return Vips::mapped($this->held('ppm'), $this->seen($map, $wide / $across, $high / $down, 'ppm'), $across, $down);
    }

    /**
     * With the light evened out and pale lines stronger: each place against the paper about it.
     *
     * @param  float  $fineness  pixels to a mm
     */
    public static function evened(Imagick $flat, float $fineness): Imagick
    {
        $light = clone $flat;
        [$wide, $high] = [$flat->getImageWidth(), $flat->getImageHeight()];
        // The paper is what is lightest about a place; lines are thinner than that.
        $step = max(1.0, self::LIGHT * $fineness / 6);
        $light->resizeImage(max(3, (int) ($wide / $step)), max(3, (int) ($high / $step)), Imagick::FILTER_BOX, 1);
        $light->statisticImage(Imagick::STATISTIC_MAXIMUM, 3, 3);
        $light->gaussianBlurImage(0, 2);
        $light->resizeImage($wide, $high, Imagick::FILTER_TRIANGLE, 1);
        $even = clone $flat;
        $even->compositeImage($light, Imagick::COMPOSITE_DIVIDESRC, 0, 0);
        // From black to four fifths of the paper's own light: a pale pencil is seen.
        $even->levelImage(0.35 * Imagick::getQuantum(), 0.85, 0.985 * Imagick::getQuantum());

        return $even;
    }

    /**
     * The same in greys, thin lines and all.
     *
     * @param  bool  $roughly  from a smaller copy of the shot
     */
    public function lines(Flattening $map, float $wide, float $high, float $fineness, bool $roughly = false): Grey
    {
        [$across, $down] = [max(6, 2 * (int) round($fineness * $wide)), max(6, 2 * (int) round($fineness * $high))];
        $kind = $roughly ? 'rough' : 'pgm';

        return self::bytes(Vips::mapped($this->held($kind), $this->seen($map, $wide / $across, $high / $down, $kind), $across, $down, true));
    }

    /**
     * What light the sheet lies in.
     *
     * @param  list<array{float, float}>  $corners  of the sheet, in pixels of the shot
     * @return array{float, float, bool} how light the paper is, of 255; what share of it is burnt out; whether its edges are soft
     */
    public function light(array $corners, ?SheetFinder $sheet): array
    {
        $fine = $this->grey(self::FINE);
        [$x, $y] = [$fine->wide / $this->wide, $fine->high / $this->high];
        $values = [];
        for ($i = 1; $i < 60; $i++) {
            for ($j = 1; $j < 60; $j++) {
                [$u, $v] = [$i / 60, $j / 60];
                $at = static fn (int $axis): float => (1 - $v) * ((1 - $u) * $corners[0][$axis] + $u * $corners[1][$axis]) + $v * ((1 - $u) * $corners[3][$axis] + $u * $corners[2][$axis]);
                $fine->has($x * $at(0), $y * $at(1)) && $values[] = $fine->between($x * $at(0), $y * $at(1));
            }
        }
        sort($values);
        $count = max(1, count($values));
        $burnt = count(array_filter($values, static fn (float $one): bool => $one >= self::BURNT));
        // What is burnt out everywhere is an even, bright shot of white paper.
        $glare = ($values[intdiv($count, 4)] ?? 0.0) >= self::BURNT - 6 ? 0.0 : $burnt / $count;

        return [$values[intdiv($count, 2)] ?? 0.0, $glare, $sheet !== null && $sheet->softness($fine, $x, $y) > self::SOFT];
    }

    /**
     * From pixels of a flattened sheet to pixels of the shot as it is held.
     *
     * @param  float  $x  mm to a pixel
     * @param  'ppm'|'pgm'|'rough'  $kind
     * @return \Closure(float, float): array{float, float}
     */
    private function seen(Flattening $map, float $x, float $y, string $kind): \Closure
    {
        $picture = $kind === 'rough' ? $this->small(self::FINE) : $this->shot;
        [$byX, $byY] = [$picture->getImageWidth() / $this->wide, $picture->getImageHeight() / $this->high];

        return static function (float $u, float $v) use ($map, $x, $y, $byX, $byY): array {
            [$px, $py] = $map->toShot($u * $x, $v * $y);

            return [$byX * $px, $byY * $py];
        };
    }

    /** @param  'ppm'|'pgm'|'rough'  $kind  in colours, in greys, or in greys and smaller */
    private function held(string $kind): string
    {
        if (! isset($this->held[$kind])) {
            $this->held[$kind] = (string) tempnam(sys_get_temp_dir(), 'inch');
            $picture = clone ($kind === 'rough' ? $this->small(self::FINE) : $this->shot);
            $picture->setImageDepth(8);
            $kind === 'pgm' && $picture->transformImageColorspace(Imagick::COLORSPACE_GRAY);
            $format = $kind === 'ppm' ? 'ppm' : 'pgm';
            $picture->setImageFormat($format);
            $picture->writeImage("{$format}:{$this->held[$kind]}");
        }

        return $this->held[$kind];
    }

    private static function bytes(Imagick $grey): Grey
    {
        $grey->setImageDepth(8);
        $grey->setImageFormat('gray');

        return new Grey($grey->getImageWidth(), $grey->getImageHeight(), $grey->getImageBlob());
    }
}
