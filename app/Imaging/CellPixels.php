<?php

declare(strict_types=1);

namespace App\Imaging;

use App\Models\Photo;
use Imagick;
use InchLadder\Copying\Cell;
use InchLadder\Copying\CellAnalysis;
use InchLadder\Copying\Side;
use InchLadder\Measure\Rational;
use InchLadder\Pixels\Content;
use InchLadder\Pixels\Field;
use InchLadder\Plan\Plan;

/**
 * Brings a cell's pixels before the core's eye.
 *
 * A side's crossings are read off a thin strip along the gridline itself, laid in whole
 * pixels of the photo, so that the two cells which share the side read the same.
 */
final readonly class CellPixels
{
    /** Samples along a side. */
    private const ALONG = 200;

    /** Half the strip's width, as a share of the photo's longer side. */
    private const STRIP = 0.0008;

    /** Samples along the longer side of the cell itself. */
    private const INSIDE = 110;

    /** Samples along each side of the whole picture, for what there is in each cell. */
    private const WHOLE = 192;

    public function __construct(private PhotoStore $photos)
    {
    }

    public function of(Photo $photo, Plan $plan, Cell $cell): CellAnalysis
    {
        $framing = $plan->choices->framing;
        ['width' => $wide, 'height' => $high] = $framing->pixels($photo->width, $photo->height);
        $crop = $plan->layout->fitted->crop;
        [$left, $right] = self::span($crop->left, $crop->width, $cell->left, $cell->width, $wide);
        [$top, $bottom] = self::span($crop->top, $crop->height, $cell->top, $cell->height, $high);
        $half = max(1, (int) round(self::STRIP * max($wide, $high)));
        [$fromX, $fromY] = [max(0, $left - $half), max(0, $top - $half)];
        $region = $this->photos->region($photo, $framing, $fromX, $fromY, min($wide, $right + $half) - $fromX, min($high, $bottom + $half) - $fromY);

        $sides = [];
        foreach (Side::cases() as $side) {
            [$line, $limit, $from] = match ($side) {
                Side::Top => [$top, $high, $fromY],
                Side::Bottom => [$bottom, $high, $fromY],
                Side::Left => [$left, $wide, $fromX],
                Side::Right => [$right, $wide, $fromX],
            };
            // At the picture's own edge the strip lies wholly inside it.
            [$start, $end] = [max(0, $line - $half) - $from, min($limit, $line + $half) - $from];
            $sides[$side->value] = $side->isUpright()
                ? self::grey($region, $start, $top - $fromY, $end - $start, $bottom - $top, 1, self::ALONG)
                : self::grey($region, $left - $fromX, $start, $right - $left, $end - $start, self::ALONG, 1);
        }
        $scale = self::INSIDE / max($right - $left, $bottom - $top);
        [$across, $down] = [max(8, (int) round(($right - $left) * $scale)), max(8, (int) round(($bottom - $top) * $scale))];
        $inside = new Field($across, $down, self::grey($region, $left - $fromX, $top - $fromY, $right - $left, $bottom - $top, $across, $down));

        return CellAnalysis::of($sides, $inside, $cell->paper, $plan->choices->notation->ruler);
    }

    /** @return list<float> how much there is in each cell, 0…1, row by row */
    public function content(Photo $photo, Plan $plan): array
    {
        $crop = $plan->layout->fitted->crop;

        return Content::of(
            $this->photos->lightness($photo, $plan->choices->framing, self::WHOLE),
            array_map(static fn (Rational $share): float => $crop->left->plus($share->times($crop->width))->toFloat(), $plan->layout->grid->columns),
            array_map(static fn (Rational $share): float => $crop->top->plus($share->times($crop->height))->toFloat(), $plan->layout->grid->rows),
        );
    }

    /** @return array{int, int} first pixel of a part of the crop, and the one after its last */
    private static function span(Rational $start, Rational $length, Rational $from, Rational $part, int $pixels): array
    {
        $at = static fn (Rational $share): int => max(0, min($pixels, (int) round($start->plus($share->times($length))->toFloat() * $pixels)));
        $first = min($pixels - 1, $at($from));

        return [$first, max($first + 1, $at($from->plus($part)))];
    }

    /** @return non-empty-list<int> lightness 0…255 of a part of the region, resampled */
    private static function grey(Imagick $region, int $left, int $top, int $wide, int $high, int $across, int $down): array
    {
        $part = $region->getImageRegion(max(1, $wide), max(1, $high), $left, $top);
        $part->setImagePage(0, 0, 0, 0);
        $part->resizeImage($across, $down, Imagick::FILTER_TRIANGLE, 1);
        /** @var non-empty-list<int> $pixels */
        $pixels = $part->exportImagePixels(0, 0, $across, $down, 'I', Imagick::PIXEL_CHAR);

        return $pixels;
    }
}
