<?php

declare(strict_types=1);

namespace App\Printing\Sheets;

use App\Models\Drawing;
use App\Printing\At;
use App\Printing\PageBuilder;
use App\Printing\Pages;
use App\Printing\PrintableSheet;
use App\Printing\PrintOptions;
use App\Printing\RasterLayer;
use App\Printing\Rectangle;
use App\Printing\Ruling;
use App\Printing\SheetImpossible;
use App\Printing\TiledLayout;
use App\Wording\Say;
use InchLadder\Plan\Plan;

/** The crop, or the whole photo with the rest dimmed, under its grid and labels. */
final readonly class GriddedReference implements PrintableSheet
{
    /** Finer than this no printer shows; pixels beyond it are left out. */
    private const DOTS_PER_INCH = 400;

    public static function key(): string
    {
        return 'gridded';
    }

    public function takes(): array
    {
        return ['at print', 'at page', 'at drawing', 'labels', 'whole', 'mirrored', 'look', 'own'];
    }

    public function isRuledFrom(): bool
    {
        return true;
    }

    public function pages(Drawing $drawing, PrintOptions $options): Pages
    {
        $plan = $drawing->plan();
        $at = $options->at ?? At::Page;
        [$width, $height] = self::size($plan, $options, $at);
        $pictured = self::pictured($plan, $options->whole)->in(new Rectangle(0, 0, $width, $height));
        $plate = RasterLayer::of($drawing, $plan, $options->whole, $options->look, $options->mirrored, (int) ceil($pictured->width / 25.4 * self::DOTS_PER_INCH));
        $board = Ruling::of($drawing, $plan, true)->board($width, $height, $options->labels, $plate, pictured: $pictured);
        $cells = $plan->layout->grid->cells();
        $title = $drawing->title();

        return (new TiledLayout(
            $options->mirrored ? $board->mirrored() : $board,
            $title,
            Say::it('printing.gridded'.($options->mirrored ? ' mirrored' : ''), ['title' => mb_strimwidth($title, 0, 48, '…'), 'columns' => $cells->columns, 'rows' => $cells->rows, 'size' => $at->says()]),
            $options->unit->isMetric(),
        ))->on($options->printer);
    }

    /** Where the picture lies, as shares of the crop. */
    private static function pictured(Plan $plan, bool $whole): Rectangle
    {
        $crop = $plan->layout->fitted->crop;

        return $whole ? (new Rectangle(0, 0, 1, 1))->of(new Rectangle($crop->left->toFloat(), $crop->top->toFloat(), $crop->width->toFloat(), $crop->height->toFloat())) : new Rectangle(0, 0, 1, 1);
    }

    /** @return array{float, float} the crop in mm */
    private static function size(Plan $plan, PrintOptions $options, At $at): array
    {
        if ($at !== At::Page) {
            $size = $at->size($plan);

            return [$size->width->toFloat(), $size->height->toFloat()];
        }
        $ratio = $plan->layout->fitted->crop->shapeOn($plan->layout->reference)->toFloat();
        $pictured = self::pictured($plan, $options->whole);
        [$wide, $high] = [$pictured->width * $ratio, $pictured->height];
        $labels = $options->labels ? Ruling::LABELS : 0;
        $paper = $options->paper();
        $room = PageBuilder::on($wide > $high ? $paper->turned() : $paper)->body();
        $scale = min(($room->width - $labels) / $wide, ($room->height - $labels) / $high);
        if ($scale <= 0) {
            throw SheetImpossible::pageTooSmall();
        }

        return [$scale * $ratio, $scale];
    }
}
