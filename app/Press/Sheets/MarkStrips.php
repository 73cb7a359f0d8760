<?php

declare(strict_types=1);

namespace App\Press\Sheets;

use App\Models\Drawing;
use App\Press\Band;
use App\Press\Bands;
use App\Press\Board;
use App\Press\Box;
use App\Press\Dash;
use App\Press\Leaves;
use App\Press\Line;
use App\Press\Order;
use App\Press\Sheet;
use App\Press\Spread;
use App\Press\Type;
use InchLadder\Marks\Mark;
use InchLadder\Marks\MarkLadder;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Plan\Plan;
use InchLadder\Plan\Sums\Writing;

/** A strip for each edge of photo and paper, its ticks where the marks go: taped along the edge, nothing is measured. */
final readonly class MarkStrips implements Sheet
{
    /** A frame over more pages than this is more easily drawn through its marks. */
    private const MOST_FRAME_PAGES = 9;

    public function leaves(Drawing $drawing, Order $order): Leaves
    {
        $plan = $drawing->plan();
        $title = (string) data_get($drawing->choices, 'title');
        $short = mb_strimwidth($title, 0, 40, '…');
        $metric = $order->unit->isMetric();
        $strips = Bands::leaves(self::bands($plan), $order->paper(), $title, "{$short}: strips with the marks", [
            'Cut a strip out, lay its ticked edge to the edge it is named for with the 0 at the corner, tape it, and make a small mark at each tick.',
            'Every strip begins at the top left corner. One that was made for one side does not serve another.',
        ], $metric);
        $frame = self::frame($plan);
        $pages = (new Spread($frame, $title, "{$short}: a frame to draw round", $metric))->on($order->paper());

        return count($pages) > self::MOST_FRAME_PAGES ? $strips : $strips->and($pages);
    }

    /** @return list<Band> */
    private static function bands(Plan $plan): array
    {
        $write = new Writing($plan->choices->notation);
        $bands = [];
        $crop = $plan->fitted->crop;
        foreach (['across' => [$plan->across, ['top' => true, 'bottom' => false]], 'down' => [$plan->down, ['left' => false, 'right' => true]]] as $way => [$ladder, $edges]) {
            $whole = $way === 'across' ? $plan->reference->across(Rational::one()) : $plan->reference->down(Rational::one());
            $side = $way === 'across' ? $plan->print?->width : $plan->print?->height;
            $before = $whole?->times($way === 'across' ? $crop->left : $crop->top);
            [$sheet, $offset, $area] = $way === 'across' ? [$plan->sheet->width, $plan->left, $plan->fitted->area->width] : [$plan->sheet->height, $plan->top, $plan->fitted->area->height];
            foreach ($edges as $edge => $below) {
                if ($whole !== null && $side !== null && $before !== null) {
                    $bands[] = new Band("Photo, {$edge} edge", $whole->toFloat(), self::ticks($ladder, $side, $before, $write, $plan, $way), $below);
                }
                $bands[] = new Band("Paper, {$edge} edge", $sheet->toFloat(), self::ticks($ladder, $area, $offset, $write, $plan, $way), $below);
            }
        }

        return $bands;
    }

    /**
     * @param  'across'|'down'  $way
     * @return list<array{at: float, tall: float, label: string, more: string, dash: Dash}>
     */
    private static function ticks(MarkLadder $ladder, Length $side, Length $before, Writing $write, Plan $plan, string $way): array
    {
        $shares = $way === 'across' ? $plan->grid->columns : $plan->grid->rows;
        $lines = [...$shares[0]->isZero() ? [0] : [], ...array_map(static fn (Mark $mark): int => $mark->line, $ladder->marks)];

        return array_map(static function (int $line) use ($shares, $side, $before, $write): array {
            $at = $before->plus($side->times($shares[$line]));

            return ['at' => $at->toFloat(), 'tall' => 5.5, 'label' => (string) $line, 'more' => $write->read($at), 'dash' => Dash::None];
        }, $lines);
    }

    private static function frame(Plan $plan): Board
    {
        $size = $plan->fitted->area;
        [$width, $height] = [$size->width->toFloat(), $size->height->toFloat()];
        $box = new Box(0, 0, $width, $height);

        return new Board($width, $height, [
            new Line($box->x, $box->y, $box->right(), $box->y, 0.3, dash: Dash::Cut),
            new Line($box->right(), $box->y, $box->right(), $box->bottom(), 0.3, dash: Dash::Cut),
            new Line($box->right(), $box->bottom(), $box->x, $box->bottom(), 0.3, dash: Dash::Cut),
            new Line($box->x, $box->bottom(), $box->x, $box->y, 0.3, dash: Dash::Cut),
            ...$width > 90 && $height > 30 ? [
                ...Type::line(6, 10, 'Cut out, lay on the sheet, and draw round it.', 3.2),
                ...Type::line(6, 16, 'Cut along a metal edge, away from the hand that holds.', 2.8),
            ] : [],
        ]);
    }
}
