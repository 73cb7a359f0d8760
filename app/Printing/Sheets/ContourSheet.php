<?php

declare(strict_types=1);

namespace App\Printing\Sheets;

use App\Models\Drawing;
use App\Printing\At;
use App\Printing\ContourLines;
use App\Printing\Element;
use App\Printing\Hinges;
use App\Printing\Line;
use App\Printing\Pages;
use App\Printing\PrintableSheet;
use App\Printing\PrintOptions;
use App\Printing\Ruling;
use App\Printing\TiledLayout;
use App\Wording\Say;
use App\Wording\Writing;
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
        $plan = $drawing->plan();
        $size = At::Drawing->size($plan);
        [$width, $height] = [$size->width->toFloat(), $size->height->toFloat()];
        $board = Ruling::of($drawing, $plan, false)->board($width, $height, false, null, [...ContourLines::of($drawing, $plan, $width, $height, self::LINE), ...$this->named($plan, $width, $height), ...Hinges::on($width, $height)], lines: $options->lines);
        $mirrored = self::isMirrored($plan, $options);

        return (new TiledLayout(
            $mirrored ? $board->mirrored() : $board,
            $drawing->title(),
            implode(', ', array_filter([Say::it('printing.contour.title', ['title' => mb_strimwidth($drawing->title(), 0, 24, '…')]), $mirrored ? Say::it('printing.trace.mirrored') : null])),
            $options->unit->isMetric(),
            [self::lands($plan), Say::it('printing.trace.hinge')],
        ))->on($options->printer);
    }

    /** As it is wanted; and where the way it is carried over turns it round, whatever is wanted. */
    public static function isMirrored(Plan $plan, PrintOptions $options): bool
    {
        return $options->mirrored || $plan->choices->transfer?->turnsRound() === true;
    }

    /** Where the corner marks go on the good sheet, from two of its edges. */
    public static function lands(Plan $plan): string
    {
        $write = new Writing($plan->choices->notation);

        return Say::it('printing.contour.lands', ['left' => $write->reading($plan->layout->left), 'top' => $write->reading($plan->layout->top)]);
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
