<?php

declare(strict_types=1);

namespace App\Printing\Sheets;

use App\Models\Drawing;
use App\Printing\ContourLines;
use App\Printing\Element;
use App\Printing\FullSize;
use App\Printing\Line;
use App\Printing\Pages;
use App\Printing\PrintableSheet;
use App\Printing\PrintOptions;
use InchLadder\Plan\Plan;
use InchLadder\Things\ShapeOnPaper;
use InchLadder\Things\ThingInCrop;

/** The photo's contours at the size of the drawing, with the outlines of what was named and the shapes laid over: to be carried over to the good sheet. */
final readonly class ContourSheet implements PrintableSheet
{
    private const LINE = '#22201d';

    private const NAMED = '#2f6fa8';

    public static function key(): string
    {
        return 'contour';
    }

    public function takes(): array
    {
        return ['lines', 'mirrored', 'own'];
    }

    public function isRuledFrom(): bool
    {
        return false;
    }

    public function pages(Drawing $drawing, PrintOptions $options): Pages
    {
        $full = FullSize::carried($drawing, $options);

        return $full->pages('contour', [...ContourLines::of($drawing, $full->plan, $full->width, $full->height, self::LINE), ...$this->named($full->plan, $full->width, $full->height)], [$full->lands()]);
    }

    /** @return list<Element> */
    private function named(Plan $plan, float $width, float $height): array
    {
        $outlines = [
            ...array_map(static fn (ThingInCrop $thing): array => $thing->thing->boxed ? [] : $thing->outline, $plan->things()->all),
            ...array_map(static fn (ShapeOnPaper $shape): array => $shape->outline(), ShapeOnPaper::in($plan->layout, $plan->choices->shapes)),
        ];
        $lines = [];
        foreach ($outlines as $outline) {
            foreach ($outline as $i => [$x, $y]) {
                [$u, $v] = $outline[($i + 1) % count($outline)];
                $lines[] = new Line($x * $width, $y * $height, $u * $width, $v * $height, 0.2, self::NAMED);
            }
        }

        return $lines;
    }
}
