<?php

declare(strict_types=1);

namespace App\Printing\Sheets;

use App\Models\Drawing;
use App\Printing\At;
use App\Printing\Dash;
use App\Printing\Line;
use App\Printing\Pages;
use App\Printing\PrintableSheet;
use App\Printing\PrintOptions;
use App\Printing\Rectangle;
use App\Printing\Ruling;
use App\Printing\TiledLayout;
use App\Printing\Type;
use App\Wording\Say;
use InchLadder\Plan\Plan;

/** The grid alone, for clear film that lies over an original which must not be marked. */
final readonly class OverlayGrid implements PrintableSheet
{
    /** The register corner: how far its arms reach, in mm. */
    private const ARM = 12.0;

    public static function key(): string
    {
        return 'overlay';
    }

    public function takes(): array
    {
        return ['at print', 'at drawing', 'labels', 'mirrored', 'own'];
    }

    public function isRuledFrom(): bool
    {
        return true;
    }

    public function pages(Drawing $drawing, PrintOptions $options): Pages
    {
        $plan = $drawing->plan();
        $at = At::onPaper($plan, $options->at);
        $size = $at->size($plan);
        [$width, $height] = [$size->width->toFloat(), $size->height->toFloat()];
        $edge = self::edge($plan, $at, $width, $height);
        $board = Ruling::of($drawing, $plan, false)->board($width, $height, $options->labels, more: self::register($edge, $at), pictured: new Rectangle(min(0, $edge->x), min(0, $edge->y), $edge->width, $edge->height));
        $title = $drawing->title();

        return (new TiledLayout(
            $options->mirrored ? $board->mirrored() : $board,
            $title,
            Say::it('printing.film.title', ['title' => mb_strimwidth($title, 0, 30, '…'), 'size' => $at->says()]),
            $options->unit->isMetric(),
            [Say::it('printing.film.caution')],
        ))->on($options->printer);
    }

    /** The edge of the sheet or print that the film lies on, from the grid's corner. */
    private static function edge(Plan $plan, At $at, float $width, float $height): Rectangle
    {
        if ($at === At::Drawing) {
            return new Rectangle(-$plan->layout->left->toFloat(), -$plan->layout->top->toFloat(), $plan->layout->sheet->width->toFloat(), $plan->layout->sheet->height->toFloat());
        }
        $crop = $plan->layout->fitted->crop;

        return (new Rectangle(0, 0, 1, 1))->of(new Rectangle($crop->left->toFloat(), $crop->top->toFloat(), $crop->width->toFloat(), $crop->height->toFloat()))->in(new Rectangle(0, 0, $width, $height));
    }

    /** @return list<\App\Printing\Element> the original's edge, and a strong corner to lay on its top left one */
    private static function register(Rectangle $edge, At $at): array
    {
        [$left, $top] = [$edge->x, $edge->y];
        $arm = min(self::ARM, $edge->width / 3, $edge->height / 3);

        return [
            ...Line::around($edge, 0.1, Dash::Fold),
            new Line($left, $top, $left + $arm, $top, 0.8),
            new Line($left, $top, $left, $top + $arm, 0.8),
            ...Type::line($left + 2, $top + 5, $at === At::Print ? Say::it('printing.film.photo') : Say::it('printing.film.sheet'), 2.6),
        ];
    }
}
