<?php

namespace Tests;

use App\Documents\ChoicesReader;
use App\Imaging\Decoder;
use App\Imaging\PhotoContours;
use App\Models\Photo;
use InchLadder\Copying\Bow;
use InchLadder\Copying\Cell;
use InchLadder\Copying\ContoursInGrid;
use InchLadder\Copying\Piece;
use InchLadder\Copying\Pieces;
use InchLadder\Copying\Place;
use InchLadder\Copying\Side;
use InchLadder\Measure\Size;
use InchLadder\Pixels\Lab;
use InchLadder\Plan\Plan;

/**
 * How true what is told of a photo is: what is found in it, against what is known to be there. Everything goes the way a
 * photo of the artist's goes: a file, taken in, looked at, cut at the cells, told.
 */
final class Accuracy
{
    /** A crossing found farther off than this share of a cell is another one. */
    private const SAME = 0.02;

    /** Degrees between an edge and the side it crosses, under which nobody reads a place. */
    private const STEEP = 20;

    /** Clear of corners by this share of a cell. */
    private const CLEAR = 0.06;

    public readonly Photo $photo;

    public readonly Plan $plan;

    public readonly ContoursInGrid $grid;

    /** @param  array<string, mixed>  $choices */
    public function __construct(string|Photo $file, int $columns, array $choices = [])
    {
        $this->photo = is_string($file) ? self::photo($file) : $file;
        $document = array_replace_recursive([
            'photo' => ['kind' => 'screen'],
            'paper' => ['sheet' => null, 'width' => $this->photo->width / 10 .' mm', 'height' => $this->photo->height / 10 .' mm', 'margins' => ['top' => '0', 'right' => '0', 'bottom' => '0', 'left' => '0']],
            'grid' => ['school' => 'count', 'columns' => $columns],
        ], $choices);
        $this->plan = Plan::of(ChoicesReader::read($document, $this->photo->width, $this->photo->height)->choices);
        $this->grid = ContoursInGrid::of(app(PhotoContours::class)->inCells($this->photo, $this->plan->layout), $this->plan->layout);
    }

    /** Pixels along the side of a whole cell. */
    public function cell(): float
    {
        return ($this->grid->columns[1] - $this->grid->columns[0]) * $this->photo->width;
    }

    /** A photo as the store has it, without a drawing that uses it. */
    public static function photo(string $file): Photo
    {
        [$kind, $wide, $high] = (new Decoder)->inspect($file);
        $sha256 = (string) hash_file('sha256', $file);
        $folder = config('inch.data').'/photos/'.substr($sha256, 0, 2);
        is_dir($folder) || mkdir($folder, 0o755, true);
        copy($file, "{$folder}/{$sha256}");

        return (new Photo)->forceFill(['sha256' => $sha256, 'mime' => $kind->value, 'bytes' => filesize($file), 'width' => $wide, 'height' => $high]);
    }

    /**
     * A sheet of squares and discs at all angles, lighter and darker than the ground by one contrast.
     *
     * @return array{Scene, list<list<array{float, float}>>} and the corners of each
     */
    public static function shapes(int $wide, int $high, int $contrast, int $seed): array
    {
        mt_srand($seed);
        $ground = 110;
        $scene = new Scene($wide, $high, [$ground, $ground, $ground]);
        [$across, $shapes] = [$wide / 6, []];
        $down = max(1, (int) round(6 * $high / $wide));
        for ($i = 0; $i < 6 * $down; $i++) {
            $level = max(0, min(255, $ground + (mt_rand(0, 1) === 1 ? 1 : -1) * $contrast));
            $x = ($i % 6 + 0.5 + mt_rand(-20, 20) / 100) * $across;
            $y = (intdiv($i, 6) + 0.5) * $high / $down + mt_rand(-20, 20) / 100 * $across;
            $shapes[] = mt_rand(0, 3) > 0
                ? $scene->square($x, $y, $across * mt_rand(40, 62) / 100, mt_rand(0, 899) / 10, [$level, $level, $level])
                : $scene->disc($x, $y, $across * mt_rand(20, 33) / 100, [$level, $level, $level]);
        }

        return [$scene, $shapes];
    }

    /**
     * Squares that hang over the picture's upper and lower edge.
     *
     * @return list<float> how far each of their crossings of it is off, in pixels; INF where none is told
     */
    public static function overEdge(int $wide, int $high): array
    {
        mt_srand(5);
        [$scene, $shapes, $off] = [new Scene($wide, $high, [100, 100, 100]), [], []];
        for ($i = 0; $i < 12; $i++) {
            $shapes[] = $scene->square((intdiv($i, 2) + 0.5) * $wide / 6, $i % 2 * $high, $wide / 10, mt_rand(200, 700) / 10, [160, 160, 160]);
        }
        $accuracy = new self($scene->save(4, 95), 14);
        $told = $accuracy->told();
        foreach ($accuracy->known($shapes) as [$line, $at, $degrees, $clear]) {
            if (in_array($line, ['r0', 'r'.(count($accuracy->grid->rows) - 1)], true) && $degrees >= self::STEEP && $clear > 0.1 * $accuracy->cell()) {
                $off[] = min([INF, ...array_map(static fn (float $found): float => abs($found - $at), $told[$line] ?? [])]);
            }
        }
        sort($off);

        return $off;
    }

    /**
     * Squares of a colour that is as light as the ground, ΔE2000 20 to 40 from it.
     *
     * @return array{int, int} crossings that are known, and those missed
     */
    public static function coloursAlone(int $pairs): array
    {
        mt_srand(9);
        [$count, $missed] = [0, 0];
        for ($pair = 0; $pair < $pairs; $pair++) {
            do {
                [$ground, $colour] = [[mt_rand(0, 255), mt_rand(0, 255), mt_rand(0, 255)], [mt_rand(0, 255), mt_rand(0, 255), mt_rand(0, 255)]];
                [$one, $other] = [Lab::fromSrgb(...$ground), Lab::fromSrgb(...$colour)];
            } while (abs($one->lightness - $other->lightness) > 3 || $one->differenceTo($other) < 20 || $one->differenceTo($other) > 40);
            $scene = new Scene(360, 300, $ground);
            $shapes = [$scene->square(180, 150, 150, 11 * $pair, $colour)];
            $found = (new self($scene->save(3, 92), 8))->crossings($shapes);
            [$count, $missed] = [$count + $found['count'], $missed + $found['missed']];
        }

        return [$count, $missed];
    }

    /**
     * A straight stroke across cells of 150 pixels, 15 mm on the paper.
     *
     * @param  float  $share  how wide it is, as a share of a cell
     * @return list<array{float, bool, float|null}> of each longer run: degrees its slope is off; whether it is told straight, in one piece; its width in mm
     */
    public static function stroke(float $share, float $degrees): array
    {
        $scene = new Scene(600, 450, [200, 195, 190]);
        $scene->square(310, 220, 2000, $degrees, [40, 60, 50], $share * 150);
        $accuracy = new self($scene->save(1, 93), 4);
        $runs = [];
        foreach ($accuracy->grid->all() as $number => $seen) {
            $cell = Cell::of($accuracy->plan->layout, new Place(...$accuracy->place($number)));
            foreach ($seen->runs as $run) {
                [[$x1, $y1], [$x2, $y2]] = [$run->path[0], $run->path[count($run->path) - 1]];
                if (hypot($x2 - $x1, $y2 - $y1) >= 0.5) {
                    $off = fmod(rad2deg(atan2($y2 - $y1, $x2 - $x1)) - $degrees + 720, 180);
                    $pieces = Pieces::of($run->path, $cell->paper)->all;
                    $runs[] = [min($off, 180 - $off), count($pieces) === 1 && $pieces[0]->isStraight(), $run->width];
                }
            }
        }

        return $runs;
    }

    /**
     * Crossings that are known against those that are told.
     *
     * @param  list<list<array{float, float}>>  $shapes  in pixels
     * @return array{count: int, median: float, missed: int, told: int, false: int} median of how far they are off, in pixels
     */
    public function crossings(array $shapes): array
    {
        [$known, $told] = [$this->known($shapes), $this->told()];
        $cell = $this->cell();
        [$off, $missed, $false] = [[], 0, 0];
        foreach ($known as [$line, $at, $degrees, $clear]) {
            if ($degrees < self::STEEP || $clear < self::CLEAR * $cell) {
                continue;
            }
            $nearest = min([INF, ...array_map(static fn (float $found): float => abs($found - $at), $told[$line] ?? [])]);
            $nearest < self::SAME * $cell ? $off[] = $nearest : $missed++;
        }
        foreach ($told as $line => $places) {
            foreach ($places as $found) {
                $false += array_filter($known, static fn (array $one): bool => $one[0] === $line && abs($one[1] - $found) < 1.5 * self::SAME * $cell) === [] ? 1 : 0;
            }
        }
        sort($off);

        return ['count' => count($off) + $missed, 'median' => $off === [] ? INF : $off[intdiv(count($off), 2)], 'missed' => $missed, 'told' => array_sum(array_map(count(...), $told)), 'false' => $false];
    }

    /**
     * Where the sides of shapes cross the grid's lines.
     *
     * @param  list<list<array{float, float}>>  $shapes
     * @return list<array{string, float, float, float}> line, place on it in pixels, degrees to it, pixels to the nearer corner
     */
    public function known(array $shapes): array
    {
        $known = [];
        foreach ($shapes as $corners) {
            // A disc's many corners are none.
            $isRound = count($corners) > 8;
            foreach ($corners as $i => $from) {
                $to = $corners[($i + 1) % count($corners)];
                foreach ([['c', $this->grid->columns, 0, $this->photo->width], ['r', $this->grid->rows, 1, $this->photo->height]] as [$way, $lines, $axis, $pixels]) {
                    foreach ($lines as $number => $line) {
                        $on = $line * $pixels;
                        if (($from[$axis] - $on) * ($to[$axis] - $on) < 0) {
                            $share = ($on - $from[$axis]) / ($to[$axis] - $from[$axis]);
                            $at = $from[1 - $axis] + $share * ($to[1 - $axis] - $from[1 - $axis]);
                            $long = hypot($to[0] - $from[0], $to[1] - $from[1]);
                            $known[] = [$way.$number, $at, rad2deg(atan2(abs($to[$axis] - $from[$axis]), abs($to[1 - $axis] - $from[1 - $axis]))), $isRound ? INF : min($share, 1 - $share) * $long];
                        }
                    }
                }
            }
        }

        return $known;
    }

    /** @return array<string, list<float>> where crossings are told, in pixels along each line */
    public function told(): array
    {
        $told = [];
        foreach ($this->grid->all() as $number => $seen) {
            [$column, $row] = $this->place($number);
            foreach ($seen->runs as $run) {
                foreach ($run->crossings() as [$side, $at]) {
                    [$x, $y] = $this->pixels($column, $row, $side->point($at));
                    [$line, $place] = match ($side) {
                        Side::Left => ["c{$column}", $y], Side::Right => ['c'.($column + 1), $y], Side::Top => ["r{$row}", $x], Side::Bottom => ['r'.($row + 1), $x],
                    };
                    $told[$line][] = $place;
                }
            }
        }

        return $told;
    }

    /**
     * What a program draws that follows what is told: straight stretches and bows, and of a thin line both its sides.
     *
     * @return list<list<array{float, float}>> in pixels
     */
    public function redrawn(): array
    {
        $lines = [];
        foreach ($this->grid->all() as $number => $seen) {
            [$column, $row] = $this->place($number);
            $cell = Cell::of($this->plan->layout, new Place($column, $row));
            foreach ($seen->runs as $run) {
                foreach (Pieces::of($run->path, $cell->paper)->all as $piece) {
                    $line = array_map(fn (array $at): array => $this->pixels($column, $row, $at), self::drawn($piece, $cell->paper));
                    // Ten pixels are a millimetre of this paper.
                    $half = $run->width === null ? 0.0 : 10 * $run->width / 2;
                    array_push($lines, ...$half > 0 ? [self::beside($line, $half), self::beside($line, -$half)] : [$line]);
                }
            }
        }

        return $lines;
    }

    /** @return list<array{float, float}> */
    private static function drawn(Piece $piece, Size $cell): array
    {
        return $piece->isStraight() ? [$piece->from, $piece->to] : Bow::through($piece->from, $piece->top, $piece->to, $cell);
    }

    /**
     * @param  list<array{float, float}>  $line
     * @return list<array{float, float}>
     */
    private static function beside(array $line, float $off): array
    {
        return array_map(static function (int $i) use ($line, $off): array {
            [$from, $to] = [$line[max(0, $i - 1)], $line[min(count($line) - 1, $i + 1)]];
            $long = hypot($to[0] - $from[0], $to[1] - $from[1]) ?: 1.0;

            return [$line[$i][0] - $off * ($to[1] - $from[1]) / $long, $line[$i][1] + $off * ($to[0] - $from[0]) / $long];
        }, array_keys($line));
    }

    /** @return array{int, int} */
    private function place(int $number): array
    {
        $columns = count($this->grid->columns) - 1;

        return [$number % $columns, intdiv($number, $columns)];
    }

    /**
     * @param  array{float, float}  $at  shares of a cell
     * @return array{float, float}
     */
    private function pixels(int $column, int $row, array $at): array
    {
        [$columns, $rows] = [$this->grid->columns, $this->grid->rows];

        return [($columns[$column] + $at[0] * ($columns[$column + 1] - $columns[$column])) * $this->photo->width, ($rows[$row] + $at[1] * ($rows[$row + 1] - $rows[$row])) * $this->photo->height];
    }
}
