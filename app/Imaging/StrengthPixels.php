<?php

declare(strict_types=1);

namespace App\Imaging;

use App\Models\Photo;
use Imagick;
use InchLadder\Copying\Cell;
use InchLadder\Copying\ContourStrength;
use InchLadder\Copying\ContourTrace;
use InchLadder\Copying\Figures;
use InchLadder\Pixels\Lab;
use InchLadder\Plan\Plan;

/** Looks across the contours of a cell, to tell how hard they are. */
final readonly class StrengthPixels
{
    public function __construct(private PhotoStore $photos)
    {
    }

    /**
     * @param  list<ContourTrace>  $contours  as they run in the cell
     * @return list<ContourStrength> of each
     */
    public function of(Photo $photo, Plan $plan, Cell $cell, array $contours): array
    {
        $picture = new Imagick('jpeg:'.$this->photos->preview($photo, $plan->choices->framing));
        $crop = $plan->layout->fitted->crop;
        [$wide, $high] = [$crop->width->toFloat() * $picture->getImageWidth(), $crop->height->toFloat() * $picture->getImageHeight()];
        [$left, $top] = [$crop->left->toFloat() * $picture->getImageWidth(), $crop->top->toFloat() * $picture->getImageHeight()];
        $reach = Figures::ACROSS_EDGE * max($wide, $high);
        [$x, $y] = [$left + $cell->left->toFloat() * $wide, $top + $cell->top->toFloat() * $high];
        [$across, $down] = [$cell->width->toFloat() * $wide, $cell->height->toFloat() * $high];
        $colour = self::colours($picture, (int) floor($x - $reach - 2), (int) floor($y - $reach - 2), (int) ceil($x + $across + $reach + 2), (int) ceil($y + $down + $reach + 2));

        return array_map(static fn (ContourTrace $contour): ContourStrength => ContourStrength::of($contour->path, [$x, $y, $across, $down], max($wide, $high), $colour), $contours);
    }

    /** @return \Closure(float, float): array{float, float, float} L*, a*, b* at a place of a picture, in pixels from its top left edge; beyond the part, as on its edge */
    private static function colours(Imagick $picture, int $left, int $top, int $right, int $bottom): \Closure
    {
        [$left, $top] = [max(0, $left), max(0, $top)];
        [$wide, $high] = [max(1, min($picture->getImageWidth(), $right) - $left), max(1, min($picture->getImageHeight(), $bottom) - $top)];
        /** @var list<int<0, 255>> $bytes */
        $bytes = $picture->exportImagePixels($left, $top, $wide, $high, 'RGB', Imagick::PIXEL_CHAR);
        $known = [];
        $pixel = static function (int $x, int $y) use (&$known, $bytes, $wide, $high): array {
            $at = max(0, min($high - 1, $y)) * $wide + max(0, min($wide - 1, $x));
            if (! isset($known[$at])) {
                $colour = Lab::fromSrgb($bytes[3 * $at], $bytes[3 * $at + 1], $bytes[3 * $at + 2]);
                $known[$at] = [$colour->lightness, $colour->a, $colour->b];
            }

            return $known[$at];
        };

        return static function (float $x, float $y) use ($pixel, $left, $top): array {
            // A pixel's middle is half a pixel inside it.
            [$u, $v] = [$x - $left - 0.5, $y - $top - 0.5];
            [$i, $j] = [(int) floor($u), (int) floor($v)];
            [$p, $q] = [$u - $i, $v - $j];
            [$a, $b, $c, $d] = [$pixel($i, $j), $pixel($i + 1, $j), $pixel($i, $j + 1), $pixel($i + 1, $j + 1)];
            $between = static fn (int $part): float => (1 - $q) * ((1 - $p) * $a[$part] + $p * $b[$part]) + $q * ((1 - $p) * $c[$part] + $p * $d[$part]);

            return [$between(0), $between(1), $between(2)];
        };
    }
}
