<?php

declare(strict_types=1);

namespace App\Printing\Sheets;

use App\Models\Drawing;
use App\Printing\Anchor;
use App\Printing\At;
use App\Printing\Dash;
use App\Printing\Page;
use App\Printing\PageBuilder;
use App\Printing\Pages;
use App\Printing\PrintableSheet;
use App\Printing\PrintOptions;
use App\Printing\Rectangle;
use App\Printing\SheetImpossible;
use App\Wording\Say;
use App\Wording\Writing;
use InchLadder\Measure\Size;

/** A card with a window of just one cell, ticked at its halves and quarters; and one of four cells. */
final readonly class Viewfinder implements PrintableSheet
{
    /** Card round the window, in mm. */
    private const RIM = 22.0;

    /** Room above a card for its words, in mm. */
    private const HEAD = 20.0;

    private const TICKS = ['1/4' => 3.5, '1/2' => 6.0, '3/4' => 3.5];

    public static function key(): string
    {
        return 'viewfinder';
    }

    public function takes(): array
    {
        return ['at print', 'at drawing'];
    }

    public function isRuledFrom(): bool
    {
        return false;
    }

    public function pages(Drawing $drawing, PrintOptions $options): Pages
    {
        $plan = $drawing->plan();
        $at = At::onPaper($plan, $options->at);
        $cell = ($at === At::Print ? $plan->layout->printCell() : $plan->layout->cell()) ?? throw SheetImpossible::noPrintSize();
        $write = new Writing($plan->choices->notation);
        $title = $drawing->title();
        $of = $at === At::Print ? 'photo' : 'paper';
        $metric = $options->unit->isMetric();
        $one = self::card($options, $cell, 1, $title, Say::it("printing.window.one {$of}", ['size' => $write->size($cell)]), $metric) ?? throw SheetImpossible::cellTooLarge($write->size($cell));
        $four = self::card($options, $cell, 2, $title, Say::it("printing.window.four {$of}", ['size' => $write->size($cell->times(2))]), $metric);

        return $four === null ? Pages::one($one) : Pages::one($one)->and(Pages::one($four));
    }

    /** @param  int  $cells  along each side of the window */
    private static function card(PrintOptions $options, Size $cell, int $cells, string $title, string $says, bool $metric): ?Page
    {
        [$wide, $high] = [$cells * $cell->width->toFloat(), $cells * $cell->height->toFloat()];
        foreach ([$options->paper(), $options->paper()->turned()] as $laid) {
            $leaf = PageBuilder::on($laid);
            $body = $leaf->body();
            if ($wide + 2 * self::RIM > $body->width || $high + 2 * self::RIM + self::HEAD > $body->height) {
                continue;
            }
            $y = $leaf->note($body->x, $body->y + 4.5, $body->width, Say::it('printing.window.cut', ['says' => $says]));
            $leaf->caution($body->x, $y, $body->width);
            $window = new Rectangle($body->x + ($body->width - $wide) / 2, $body->y + self::HEAD + self::RIM, $wide, $high);
            $leaf->frame(new Rectangle($window->x - self::RIM, $window->y - self::RIM, $wide + 2 * self::RIM, $high + 2 * self::RIM), 0.3, Dash::Cut);
            $leaf->frame($window, 0.3, Dash::Cut);
            self::ticks($leaf, $window, $cells);
            $leaf->foot(mb_strimwidth($title, 0, 40, '…').': '.lcfirst($says), $metric);

            return $leaf->page($title);
        }

        return null;
    }

    private static function ticks(PageBuilder $leaf, Rectangle $window, int $cells): void
    {
        [$wide, $high] = [$window->width / $cells, $window->height / $cells];
        for ($i = 0; $i < $cells; $i++) {
            foreach (self::TICKS as $name => $tall) {
                [$over, $under] = array_map(intval(...), explode('/', $name));
                [$x, $y] = [$window->x + ($i + $over / $under) * $wide, $window->y + ($i + $over / $under) * $high];
                $leaf->line($x, $window->y - 0.5, $x, $window->y - 0.5 - $tall);
                $leaf->line($x, $window->bottom() + 0.5, $x, $window->bottom() + 0.5 + $tall);
                $leaf->line($window->x - 0.5, $y, $window->x - 0.5 - $tall, $y);
                $leaf->line($window->right() + 0.5, $y, $window->right() + 0.5 + $tall, $y);
                if ($wide > 14) {
                    $leaf->say($x, $window->y - 8, $name, 2.8, Anchor::Middle);
                }
                if ($high > 12) {
                    $leaf->say($window->x - 8, $y + 1, $name, 2.8, Anchor::End);
                }
            }
            if ($i > 0) {
                foreach ([[$window->x + $i * $wide, $window->y - 0.5, 0, -16], [$window->x + $i * $wide, $window->bottom() + 0.5, 0, 16], [$window->x - 0.5, $window->y + $i * $high, -16, 0], [$window->right() + 0.5, $window->y + $i * $high, 16, 0]] as [$x, $y, $right, $down]) {
                    $leaf->line($x, $y, $x + $right, $y + $down, 0.5);
                }
                $leaf->say($window->right() + 2, $window->bottom() + 6, Say::it('printing.thread.stretch'), 2.4);
                $leaf->say($window->right() + 2, $window->bottom() + 9, Say::it('printing.thread.over'), 2.4);
            }
        }
    }
}
