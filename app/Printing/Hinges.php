<?php

declare(strict_types=1);

namespace App\Printing;

use App\Wording\Say;

/** Marks of a full-size sheet: the drawing's four corners, and where to tape it so that it can be lifted. */
final class Hinges
{
    /** @return list<Element> mm from the drawing's corner */
    public static function on(float $width, float $height): array
    {
        $marks = [];
        $arm = min(10, $width / 6, $height / 6);
        foreach ([[0, 0, 1, 1], [$width, 0, -1, 1], [$width, $height, -1, -1], [0, $height, 1, -1]] as [$x, $y, $right, $down]) {
            foreach ([[1.0, '#ffffff'], [0.35, '#22201d']] as [$weight, $colour]) {
                $marks[] = new Line($x, $y, $x + $right * $arm, $y, $weight, $colour);
                $marks[] = new Line($x, $y, $x, $y + $down * $arm, $weight, $colour);
            }
        }
        foreach ([0.25, 0.75] as $share) {
            foreach ([-1.5, 1.5] as $off) {
                $marks[] = new Line($share * $width + $off, 0, $share * $width + $off, min(7, $height / 4), 0.35);
            }
            $width > 60 ? array_push($marks, ...Type::line($share * $width + 3, 5, Say::it('printing.hinge'), 2.6)) : null;
        }

        return $marks;
    }
}
