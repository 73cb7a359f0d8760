<?php

declare(strict_types=1);

namespace App\Printing\Sheets;

use App\Models\Drawing;
use App\Printing\At;
use App\Printing\Hinges;
use App\Printing\Pages;
use App\Printing\PrintableSheet;
use App\Printing\PrintOptions;
use App\Printing\RasterLayer;
use App\Printing\Ruling;
use App\Printing\TiledLayout;
use App\Wording\Say;

/** The crop at the size of the drawing, over as many pages as that takes, to trace from. */
final readonly class TracingPack implements PrintableSheet
{
    private const DOTS_PER_INCH = 200;

    /** Pixels across beyond which a pack gains nothing that the eye would find. */
    private const MOST_WIDE = 7000;

    public static function key(): string
    {
        return 'tracing';
    }

    public function takes(): array
    {
        return ['look', 'lines', 'mirrored', 'own'];
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
        $plate = RasterLayer::of($drawing, $plan, false, $options->look, $options->mirrored, min(self::MOST_WIDE, (int) ceil($width / 25.4 * self::DOTS_PER_INCH)));
        $board = Ruling::of($drawing, $plan, true)->board($width, $height, false, $plate, Hinges::on($width, $height), lines: $options->lines);
        $title = $drawing->title();
        $inch = $plate === null ? null : (int) round($plate->width() / $width * 25.4);

        return (new TiledLayout(
            $options->mirrored ? $board->mirrored() : $board,
            $title,
            implode(', ', array_filter([Say::it('printing.trace.title', ['title' => mb_strimwidth($title, 0, 24, '…')]), $inch === null ? null : Say::it('printing.trace.pixels', ['pixels' => $inch]), $options->mirrored ? Say::it('printing.trace.mirrored') : null])),
            $options->unit->isMetric(),
            array_values(array_filter([
                Say::it('printing.trace.hinge'),
                $inch !== null && $inch < 60 ? Say::it('printing.trace.soft', ['inch' => $inch]) : null,
                $options->mirrored ? Say::it('printing.trace.swapped') : null,
            ])),
        ))->on($options->printer);
    }
}
