<?php

namespace Tests;

use Imagick;
use InchLadder\Pixels\Lab;
use Symfony\Component\Process\Process;

/**
 * A made picture whose edges are known exactly: convex shapes laid one on another, each pixel covered as far as its
 * middle lies inside (half a pixel to either side), so that an edge is where the shape's side is.
 */
final class Scene
{
    /** @var list<array{list<array{float, float}>, array{int, int, int}}> */
    private array $shapes = [];

    /** @param  array{int, int, int}  $ground */
    public function __construct(public readonly int $wide, public readonly int $high, private readonly array $ground)
    {
    }

    /**
     * @param  list<array{float, float}>  $corners  of a convex shape in pixels from the top left corner of the first one, clockwise as seen
     * @param  array{int, int, int}  $colour
     */
    public function shape(array $corners, array $colour): self
    {
        $this->shapes[] = [$corners, $colour];

        return $this;
    }

    /**
     * A square about a place, or any other rectangle.
     *
     * @param  array{int, int, int}  $colour
     * @return list<array{float, float}> its corners
     */
    public function square(float $x, float $y, float $side, float $degrees, array $colour, ?float $thick = null): array
    {
        [$cos, $sin] = [cos(deg2rad($degrees)), sin(deg2rad($degrees))];
        [$u, $v] = [$side / 2, ($thick ?? $side) / 2];
        $corners = array_map(fn (array $at): array => [$x + $at[0] * $cos - $at[1] * $sin, $y + $at[0] * $sin + $at[1] * $cos], [[-$u, -$v], [$u, -$v], [$u, $v], [-$u, $v]]);
        $this->shape($corners, $colour);

        return $corners;
    }

    /**
     * @param  array{int, int, int}  $colour
     * @return list<array{float, float}> its corners; so many that no one shows
     */
    public function disc(float $x, float $y, float $radius, array $colour): array
    {
        $count = (int) min(180, max(16, 2 * $radius));
        $corners = array_map(static fn (int $i): array => [$x + $radius * cos(2 * M_PI * $i / $count), $y + $radius * sin(2 * M_PI * $i / $count)], range(0, $count - 1));
        $this->shape($corners, $colour);

        return $corners;
    }

    /**
     * @param  float  $across  half its width
     * @param  float  $down  half its height
     * @param  array{int, int, int}  $colour
     */
    public function oval(float $x, float $y, float $across, float $down, array $colour): self
    {
        return $this->shape(array_map(static fn (int $i): array => [$x + $across * cos(2 * M_PI * $i / 120), $y + $down * sin(2 * M_PI * $i / 120)], range(0, 119)), $colour);
    }

    /**
     * Every side of every shape that shows, with its step of colour.
     *
     * @return list<array{list<array{float, float}>, list<float>}> places a pixel apart along each shape, and ΔE*ab (CIE 1976) across the side there
     */
    public function outlines(): array
    {
        $clean = new Imagick($this->save());
        /** @var list<int> $bytes */
        $bytes = $clean->exportImagePixels(0, 0, $this->wide, $this->high, 'RGB', Imagick::PIXEL_CHAR);
        $at = function (float $x, float $y) use ($bytes): Lab {
            $i = 3 * (max(0, min($this->high - 1, (int) floor($y))) * $this->wide + max(0, min($this->wide - 1, (int) floor($x))));

            return Lab::fromSrgb($bytes[$i], $bytes[$i + 1], $bytes[$i + 2]);
        };
        $outlines = [];
        foreach ($this->shapes as [$corners]) {
            [$places, $steps] = [[], []];
            foreach ($corners as $i => [$x1, $y1]) {
                [$x2, $y2] = $corners[($i + 1) % count($corners)];
                $long = hypot($x2 - $x1, $y2 - $y1);
                for ($gone = 0; $gone < $long; $gone++) {
                    [$x, $y] = [$x1 + $gone / $long * ($x2 - $x1), $y1 + $gone / $long * ($y2 - $y1)];
                    if ($x < 0 || $y < 0 || $x > $this->wide || $y > $this->high) {
                        continue;
                    }
                    [$nx, $ny] = [($y2 - $y1) / $long, -($x2 - $x1) / $long];
                    $places[] = [$x, $y];
                    $steps[] = max(array_map(static function (float $off) use ($at, $x, $y, $nx, $ny): float {
                        [$in, $out] = [$at($x - $off * $nx, $y - $off * $ny), $at($x + $off * $nx, $y + $off * $ny)];

                        return sqrt(($in->lightness - $out->lightness) ** 2 + ($in->a - $out->a) ** 2 + ($in->b - $out->b) ** 2);
                    }, [1.3, 2.5]));
                }
            }
            $outlines[] = [$places, $steps];
        }

        return $outlines;
    }

    /** A file of it: PNG, or JPEG of a quality. With noise of its own in each channel, of a standard deviation in levels. */
    public function save(float $noise = 0, ?int $quality = null): string
    {
        $rows = array_fill(0, $this->high, str_repeat(pack('C3', ...$this->ground), $this->wide));
        foreach ($this->shapes as [$corners, $colour]) {
            $this->draw($rows, $corners, $colour);
        }
        $path = Photos::file("P6\n{$this->wide} {$this->high}\n255\n".implode('', $rows), '.ppm');
        unset($rows);
        if ($noise > 0) {
            $bands = [];
            foreach ([1, 2, 3] as $band) {
                self::vips('gaussnoise', $bands[] = "{$path}-{$band}.v", (string) $this->wide, (string) $this->high, '--sigma', (string) $noise, '--mean', '0', '--seed', (string) $band);
            }
            self::vips('bandjoin', implode(' ', $bands), "{$path}-n.v");
            self::vips('add', $path, "{$path}-n.v", "{$path}-s.v");
            self::vips('round', "{$path}-s.v", "{$path}-r.v", 'rint');
            self::vips('cast', "{$path}-r.v", "{$path}-c.v", 'uchar');
        }
        $to = $path.($quality === null ? '.png' : '.jpg');
        self::vips('copy', $noise > 0 ? "{$path}-c.v" : $path, $to.($quality === null ? '[compression=1]' : "[Q={$quality},no-subsample]"));
        array_map(unlink(...), [$path, ...glob("{$path}-*.v") ?: []]);

        return $to;
    }

    private static function vips(string ...$arguments): void
    {
        (new Process(['vips', ...$arguments], timeout: 120))->mustRun();
    }

    /**
     * @param  array<int, string>  $rows
     * @param  list<array{float, float}>  $corners
     * @param  array{int, int, int}  $colour
     */
    private function draw(array &$rows, array $corners, array $colour): void
    {
        $sides = [];
        foreach ($corners as $i => [$x1, $y1]) {
            [$x2, $y2] = $corners[($i + 1) % count($corners)];
            $long = hypot($x2 - $x1, $y2 - $y1);
            // How far inside a place lies: a·x + b·y + c.
            $sides[] = [-($y2 - $y1) / $long, ($x2 - $x1) / $long, (($y2 - $y1) * $x1 - ($x2 - $x1) * $y1) / $long];
        }
        $ys = array_column($corners, 1);
        $whole = pack('C3', ...$colour);
        for ($row = max(0, (int) floor(min($ys) - 1)); $row <= min($this->high - 1, (int) ceil(max($ys) + 1)); $row++) {
            $y = $row + 0.5;
            [$from, $to, $full, $fullTo] = [0.5, $this->wide - 0.5, 0.5, $this->wide - 0.5];
            foreach ($sides as [$a, $b, $c]) {
                foreach ([[-0.5, &$from, &$to], [0.5, &$full, &$fullTo]] as [$least, &$low, &$high]) {
                    $rest = $b * $y + $c - $least;
                    if (abs($a) < 1e-12) {
                        $rest < 0 and $high = $low - 1;
                    } elseif ($a > 0) {
                        $low = max($low, -$rest / $a);
                    } else {
                        $high = min($high, -$rest / $a);
                    }
                }
                unset($low, $high);
            }
            [$first, $last] = [max(0, (int) ceil($from - 0.5)), min($this->wide - 1, (int) floor($to - 0.5))];
            if ($first > $last) {
                continue;
            }
            [$inner, $innerLast] = [max($first, (int) ceil($full - 0.5)), min($last, (int) floor($fullTo - 0.5))];
            $edge = function (int $x) use (&$rows, $row, $sides, $colour, $y): string {
                $inside = 1.0;
                foreach ($sides as [$a, $b, $c]) {
                    $inside = min($inside, $a * ($x + 0.5) + $b * $y + $c + 0.5);
                }
                $under = unpack('C3', $rows[$row], 3 * $x);
                $inside = max(0.0, $inside);

                return pack('C3', ...array_map(static fn (int $i): int => (int) round($under[$i + 1] + $inside * ($colour[$i] - $under[$i + 1])), [0, 1, 2]));
            };
            $line = '';
            if ($inner > $innerLast) {
                for ($x = $first; $x <= $last; $x++) {
                    $line .= $edge($x);
                }
            } else {
                for ($x = $first; $x < $inner; $x++) {
                    $line .= $edge($x);
                }
                $line .= str_repeat($whole, $innerLast - $inner + 1);
                for ($x = $innerLast + 1; $x <= $last; $x++) {
                    $line .= $edge($x);
                }
            }
            $rows[$row] = substr_replace($rows[$row], $line, 3 * $first, strlen($line));
        }
    }
}
