<?php

declare(strict_types=1);

namespace InchLadder\Copying;

use InchLadder\Layout\Affine;
use InchLadder\Measure\Rational;

/**
 * A cell's four corners on the picture as its file has it: where it is, whatever becomes of the crop,
 * the grid, or the way the picture is held.
 */
final readonly class Quad
{
    /** Two cells whose corners differ by less than this share of the picture are one place. */
    private const GRAIN = 10_000;

    private const PLACES = 6;

    /** @param  list<array{float, float}>  $corners  top left, top right, bottom right, bottom left of the cell it was noted as, as shares of the file */
    private function __construct(public array $corners)
    {
    }

    /**
     * @param  Affine  $map  from the crop to the file
     */
    public static function ofCell(Affine $map, Rational $left, Rational $top, Rational $width, Rational $height): self
    {
        [$right, $bottom] = [$left->plus($width), $top->plus($height)];

        return new self(array_map(static function (array $corner) use ($map): array {
            [$x, $y] = $map->apply(...$corner);

            return [round($x->toFloat(), self::PLACES), round($y->toFloat(), self::PLACES)];
        }, [[$left, $top], [$right, $top], [$right, $bottom], [$left, $bottom]]));
    }

    /** Beside the picture, where no crop reaches. */
    public static function nowhere(): self
    {
        return new self([[-9.0, -9.0], [-8.0, -9.0], [-8.0, -8.0], [-9.0, -8.0]]);
    }

    /** @return self|null null when it is none */
    public static function read(string $text): ?self
    {
        $numbers = array_map(floatval(...), preg_match('/^-?\d{1,4}(?:\.\d{1,6})?(?: -?\d{1,4}(?:\.\d{1,6})?){7}$/D', $text) === 1 ? explode(' ', $text) : []);

        return count($numbers) === 8 ? new self(array_map(static fn (array $pair): array => [$pair[0], $pair[1]], array_chunk($numbers, 2))) : null;
    }

    /** `0.1 0.2 0.3 0.2 0.3 0.4 0.1 0.4` */
    public function write(): string
    {
        return implode(' ', array_map(static fn (array $corner): string => self::number($corner[0]).' '.self::number($corner[1]), $this->corners));
    }

    /** One name for the place, from whichever corner it was begun. */
    public function name(): string
    {
        $corners = array_map(static fn (array $corner): array => [(int) round($corner[0] * self::GRAIN), (int) round($corner[1] * self::GRAIN)], $this->corners);
        sort($corners);

        return substr(sha1((string) json_encode($corners)), 0, 20);
    }

    /**
     * As it lies in a crop: about its middle, as wide and as high as its sides are long there.
     *
     * @param  array{float, float, float, float, float, float}  $map  from the file to the crop
     * @return array{float, float, float, float} left, top, right, bottom as shares of the crop; beyond 0…1 outside it
     */
    public function in(array $map): array
    {
        [$a, $b, $c, $d, $e, $f] = $map;
        $at = array_map(static fn (array $p): array => [$a * $p[0] + $b * $p[1] + $c, $d * $p[0] + $e * $p[1] + $f], $this->corners);
        [$x, $y] = [array_sum(array_column($at, 0)) / 4, array_sum(array_column($at, 1)) / 4];
        // Straightening leans the sides a little: each axis takes the side that runs along it.
        $longer = static fn (int $axis): float => max(abs($at[1][$axis] - $at[0][$axis]), abs($at[2][$axis] - $at[1][$axis]));

        return [$x - $longer(0) / 2, $y - $longer(1) / 2, $x + $longer(0) / 2, $y + $longer(1) / 2];
    }

    private static function number(float $number): string
    {
        return rtrim(rtrim(number_format($number, self::PLACES, '.', ''), '0'), '.') ?: '0';
    }
}
