<?php

declare(strict_types=1);

namespace InchLadder\Paper\Standards;

use InchLadder\Measure\Unit;
use InchLadder\Paper\Sheet;
use InchLadder\Paper\Standard;

/** ISO 216 A and B: width to height as 1 to √2, each size half of the one before, rounded down to a millimetre. */
final class Iso216 implements Standard
{
    public function sheets(): array
    {
        return Sheet::table(Unit::Millimetre, 'ISO 216', [
            'a0' => ['A0', 841, 1189],
            'a1' => ['A1', 594, 841],
            'a2' => ['A2', 420, 594],
            'a3' => ['A3', 297, 420],
            'a4' => ['A4', 210, 297],
            'a5' => ['A5', 148, 210],
            'a6' => ['A6', 105, 148],
            'a7' => ['A7', 74, 105],
            'a8' => ['A8', 52, 74],
            'a9' => ['A9', 37, 52],
            'a10' => ['A10', 26, 37],
            'b0' => ['B0', 1000, 1414],
            'b1' => ['B1', 707, 1000],
            'b2' => ['B2', 500, 707],
            'b3' => ['B3', 353, 500],
            'b4' => ['B4', 250, 353],
            'b5' => ['B5', 176, 250],
            'b6' => ['B6', 125, 176],
            'b7' => ['B7', 88, 125],
            'b8' => ['B8', 62, 88],
            'b9' => ['B9', 44, 62],
            'b10' => ['B10', 31, 44],
        ]);
    }
}
