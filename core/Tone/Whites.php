<?php

declare(strict_types=1);

namespace InchLadder\Tone;

use InchLadder\Pixels\Field;

/** Whites that are kept: which of them are no longer as bare as the paper. */
final class Whites
{
    /**
     * @param  Field  $drawing  L* of what was laid
     * @param  list<array{float, float, float, float}>  $whites  left, top, width and height in shares of the drawing
     * @param  float  $paper  L* of the sheet
     * @return list<int> places in the list of those that something lies on
     */
    public static function soiled(Field $drawing, array $whites, float $paper): array
    {
        $soiled = [];
        foreach ($whites as $i => $white) {
            $lightness = $drawing->part(...$white)->all();
            // Its edge may be drawn round: the middle of its values is what is looked at.
            sort($lightness);
            $lightness[intdiv(count($lightness), 2)] < $paper - Figures::SOILED && $soiled[] = $i;
        }

        return $soiled;
    }
}
