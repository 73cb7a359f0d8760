<?php

declare(strict_types=1);

namespace App\Shots;

use App\Imaging\PhotoRefused;
use App\Imaging\ShotPixels;
use App\Models\KeptPrinter;
use Imagick;
use InchLadder\Colour\Reflectance;
use InchLadder\Colour\SwatchesUnreadable;
use InchLadder\Colour\SwatchPage;
use InchLadder\Colour\Wedge;
use InchLadder\Compare\CornersUnusable;
use InchLadder\Compare\Flattening;
use InchLadder\Measure\Size;
use InchLadder\Printing\PrinterPaper;

/** A photograph of a filled page of swatches, read: white is told by the bare paper beside each box, greys by the printed wedge. */
final readonly class SwatchReader
{
    /** Papers that printers are fed with, if none is kept (common practice). */
    private const PAPERS = ['letter', 'a4', 'a3', 'tabloid', 'legal'];

    /** Pixels to a mm of the page laid flat. */
    private const FINENESS = 4.0;

    /** How much of a box is looked at, from its middle out: nobody fills to the line. */
    private const INSIDE = 0.6;

    /** Mm across of the bare paper that is looked at beside a box. */
    private const BARE = 1.6;

    /** Light under which a square of the code is black, of the paper's. */
    private const BLACK = 0.35;

    /** Where a square of the code is looked at, as shares of its side. */
    private const ACROSS_A_SQUARE = [0.1, 0.3, 0.5, 0.7, 0.9];

    /** L* from which on, and C* up to which, a box was left empty. */
    private const EMPTY = [96.5, 3.5];

    public function __construct(private ShotFile $file)
    {
    }

    /**
     * @param  list<string>  $names  of the pencils on the list, in its order
     * @return array<string, array{Reflectance|null, Reflectance|null}> by name, those of the page: firmly and lightly; null for a box that is empty
     *
     * @throws SwatchesUnreadable
     * @throws PhotoRefused
     */
    public function read(string $path, string $drawing, array $names): array
    {
        $names === [] && throw SwatchesUnreadable::noPencils();
        $shot = $this->file->pixels($path);
        [$page, $flat, $bits] = $this->laidFlat($shot) ?? throw SwatchesUnreadable::noPage();
        $number = SwatchPage::page($bits, $drawing, $names);
        $wedge = Wedge::of(array_map(fn (int $step): array => $this->box($flat, $page->wedge($step)), array_keys(SwatchPage::WEDGE)));
        $read = [];
        foreach (array_slice($names, $number * $page->holds(), $page->holds()) as $place => $name) {
            $read[$name] = array_map(function (bool $lightly) use ($flat, $page, $place, $wedge): ?Reflectance {
                $seen = $wedge->read(...$this->box($flat, $page->box($place, $lightly)));

                return $seen->lab()->lightness >= self::EMPTY[0] && $seen->lab()->chroma() <= self::EMPTY[1] ? null : $seen;
            }, [false, true]);
        }

        return $read;
    }

    /**
     * The page whose row of squares says that it is one, the way up that it says it.
     *
     * @return array{SwatchPage, Imagick, list<bool>}|null
     */
    private function laidFlat(ShotPixels $shot): ?array
    {
        $sheet = $shot->sheet();
        if ($sheet === null) {
            return null;
        }
        foreach ($this->papers() as $size) {
            [$wide, $high] = [$size->width->toFloat(), $size->height->toFloat()];
            $page = SwatchPage::on($wide, $high);
            if ($page === null) {
                continue;
            }
            foreach ([0, 1, 2, 3] as $turn) {
                $corners = [...array_slice($sheet->corners, $turn), ...array_slice($sheet->corners, 0, $turn)];
                try {
                    $map = Flattening::of($corners, [[0.0, 0.0], [$wide, 0.0], [$wide, $high], [0.0, $high]], $sheet->lens);
                } catch (CornersUnusable) {
                    continue;
                }
                $bits = $this->bits($shot, $map, $page);
                if (SwatchPage::isCode($bits)) {
                    return [$page, $shot->flat($map, $wide, $high, self::FINENESS), $bits];
                }
            }
        }

        return null;
    }

    /** @return list<Size> upright, those that are kept first */
    private function papers(): array
    {
        $sizes = [...KeptPrinter::query()->get()->map(static fn (KeptPrinter $one): Size => $one->paper())->all(), ...array_map(PrinterPaper::named(...), self::PAPERS)];
        $by = [];
        foreach ($sizes as $size) {
            $by["{$size->width->toFloat()} {$size->height->toFloat()}"] = $size;
        }

        return array_values($by);
    }

    /**
     * The row of squares, looked at on the shot itself: laying the page flat for each paper and way up takes long.
     *
     * @return list<bool>
     */
    private function bits(ShotPixels $shot, Flattening $map, SwatchPage $page): array
    {
        $light = static function (float $x, float $y, float $wide, float $high) use ($shot, $map): float {
            $patch = [];
            foreach (self::ACROSS_A_SQUARE as $u) {
                foreach (self::ACROSS_A_SQUARE as $v) {
                    $seen = (int) round($shot->greyAt(...$map->toShot($x + $u * $wide, $y + $v * $high)));
                    array_push($patch, $seen, $seen, $seen);
                }
            }

            /** @var list<int<0, 255>> $patch */
            return Reflectance::mean($patch)->green;
        };

        return array_map(static function (int $bit) use ($light, $page): bool {
            [$x, $y] = $page->square($bit);
            $half = 0.25 * SwatchPage::SQUARE;
            $paper = $light($x - $half, $y + 0.5 * SwatchPage::SQUARE + 0.6, 2 * $half, 1.2);

            return $light($x - $half, $y - $half, 2 * $half, 2 * $half) < self::BLACK * $paper;
        }, range(0, SwatchPage::BITS - 1));
    }

    /**
     * What is seen in a box, and of the bare paper to its left and right.
     *
     * @param  array{float, float}  $at
     * @return array{Reflectance, Reflectance}
     */
    private function box(Imagick $flat, array $at): array
    {
        [$wide, $high] = [self::INSIDE * SwatchPage::BOX_WIDE, self::INSIDE * SwatchPage::BOX_HIGH];
        $top = $at[1] + (SwatchPage::BOX_HIGH - $high) / 2;
        $seen = $this->mean($flat, $at[0] + (SwatchPage::BOX_WIDE - $wide) / 2, $top, $wide, $high);
        $aside = (SwatchPage::GAP - self::BARE) / 2;
        $left = $this->mean($flat, $at[0] - $aside - self::BARE, $top, self::BARE, $high);
        $right = $this->mean($flat, $at[0] + SwatchPage::BOX_WIDE + $aside, $top, self::BARE, $high);

        return [$seen, new Reflectance(($left->red + $right->red) / 2, ($left->green + $right->green) / 2, ($left->blue + $right->blue) / 2)];
    }

    /** The mean light of a part of the page, in mm of it: what an eye that does not see the strokes sees. */
    private function mean(Imagick $flat, float $left, float $top, float $wide, float $high): Reflectance
    {
        $pixels = static fn (float $mm): int => (int) round($mm * self::FINENESS);
        $patch = $flat->exportImagePixels(max(0, min($flat->getImageWidth() - 1, $pixels($left))), max(0, min($flat->getImageHeight() - 1, $pixels($top))), max(1, $pixels($wide)), max(1, $pixels($high)), 'RGB', Imagick::PIXEL_CHAR);

        /** @var list<int<0, 255>> $patch */
        return Reflectance::mean($patch);
    }
}
