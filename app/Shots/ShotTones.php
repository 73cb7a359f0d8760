<?php

declare(strict_types=1);

namespace App\Shots;

use App\Models\Drawing;
use Imagick;
use InchLadder\Impossible;
use InchLadder\Pixels\Field;
use InchLadder\Pixels\Lab;
use InchLadder\Plan\Plan;
use InchLadder\Tone\PaperLight;

/** What tones a shot shows on the paper: white is told by the bare paper round the drawing, so that the light of the room counts for nothing. */
final readonly class ShotTones
{
    /** Samples along the longer side of the sheet. */
    private const SIDE = 240;

    /** Mm of margin that is not looked at, along the sheet's edge and the drawing's. */
    private const RIM = 2.5;

    /** So many samples of bare paper tell what light it lies in. */
    private const ENOUGH = 60;

    /** Blocks along each side of the sheet whose lightest sample is taken for paper, where there is no margin. */
    private const BLOCKS = 6;

    public function __construct(private KeptShots $kept)
    {
    }

    /** L* of what was drawn, from the shot that was taken last; null without one that can be laid flat. */
    public function drawn(Drawing $drawing, Plan $plan): ?Field
    {
        $shots = $drawing->read()->json->shots;
        usort($shots, static fn ($a, $b): int => $b->taken <=> $a->taken);
        foreach ($shots as $shot) {
            try {
                return $this->laid(new Imagick('jpeg:'.$this->kept->flat($drawing, $plan, $shot, $this->kept->picture($shot), false)), $plan);
            } catch (Impossible|\App\Exceptions\StorageFailed) {
                continue;
            }
        }

        return null;
    }

    /** L* of the drawing area, as if its paper lay in even light. */
    private function laid(Imagick $flat, Plan $plan): Field
    {
        $flat->resizeImage(self::SIDE, self::SIDE, Imagick::FILTER_BOX, 1, true);
        [$wide, $high] = [$flat->getImageWidth(), $flat->getImageHeight()];
        /** @var list<int> $pixels */
        $pixels = $flat->exportImagePixels(0, 0, $wide, $high, 'RGB', Imagick::PIXEL_CHAR);
        $light = array_map(Lab::light(...), Lab::lightnessOf($pixels));
        $layout = $plan->layout;
        [$x, $y] = [$wide / $layout->sheet->width->toFloat(), $high / $layout->sheet->height->toFloat()];
        [$left, $top] = [$layout->left->toFloat() * $x, $layout->top->toFloat() * $y];
        [$right, $bottom] = [$left + $layout->fitted->area->width->toFloat() * $x, $top + $layout->fitted->area->height->toFloat() * $y];
        $paper = PaperLight::over($this->bare($light, $wide, $high, [$left - self::RIM * $x, $top - self::RIM * $y, $right + self::RIM * $x, $bottom + self::RIM * $y], self::RIM * $x));
        $white = Lab::light($plan->choices->colour->lightness());
        [$first, $last] = [max(0, (int) ceil($left)), min($wide - 1, (int) floor($right - 1))];
        $laid = [];
        [$above, $below] = [max(0, (int) ceil($top)), min($high - 1, (int) floor($bottom - 1))];
        for ($row = $above; $row <= $below; $row++) {
            for ($column = $first; $column <= $last; $column++) {
                $laid[] = Lab::lightnessOfLight(min(1.0, $white * $light[$row * $wide + $column] / $paper->at(($column + 0.5) / $wide, ($row + 0.5) / $high)));
            }
        }

        return new Field($last - $first + 1, $below - $above + 1, $laid);
    }

    /**
     * Places of bare paper: those of the margins; where there are none, the lightest of each part of the sheet.
     *
     * @param  list<float>  $light
     * @param  array{float, float, float, float}  $drawn  left, top, right and bottom of what may be drawn on
     * @return non-empty-list<array{float, float, float}>
     */
    private function bare(array $light, int $wide, int $high, array $drawn, float $rim): array
    {
        [$bare, $lightest] = [[], []];
        foreach ($light as $i => $one) {
            [$column, $row] = [$i % $wide, intdiv($i, $wide)];
            $place = [($column + 0.5) / $wide, ($row + 0.5) / $high, $one];
            $isInside = $column >= $drawn[0] && $column <= $drawn[2] && $row >= $drawn[1] && $row <= $drawn[3];
            if (! $isInside && min($column, $row, $wide - 1 - $column, $high - 1 - $row) >= $rim) {
                $bare[] = $place;
            }
            $block = intdiv($row * self::BLOCKS, $high) * self::BLOCKS + intdiv($column * self::BLOCKS, $wide);
            if ($one > ($lightest[$block][2] ?? -1.0)) {
                $lightest[$block] = $place;
            }
        }
        if (count($bare) >= self::ENOUGH) {
            return $bare;
        }
        // A part that is drawn dark all over has no paper to show: only the lighter half of the parts is believed.
        usort($lightest, static fn (array $a, array $b): int => $b[2] <=> $a[2]);

        return array_slice($lightest, 0, max(1, intdiv(count($lightest), 2))) ?: [[0.5, 0.5, 1.0]];
    }
}
