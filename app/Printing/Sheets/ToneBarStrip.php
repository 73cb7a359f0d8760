<?php

declare(strict_types=1);

namespace App\Printing\Sheets;

use App\Models\Drawing;
use App\Printing\Anchor;
use App\Printing\Dash;
use App\Printing\Fill;
use App\Printing\PageBuilder;
use App\Printing\Pages;
use App\Printing\PrintableSheet;
use App\Printing\PrintOptions;
use App\Printing\Rectangle;
use App\Wording\Say;
use InchLadder\Tone\Greys;

/** The tone bar: a row of printed greys to compare with, and the same boxes empty, to be filled with the pencils that will be used. */
final readonly class ToneBarStrip implements PrintableSheet
{
    /** Width of a box where the page is wide enough, height of every box, and the rim of the strip; mm. */
    private const WIDE = 18.0;

    private const HIGH = 20.0;

    private const RIM = 5.0;

    /** Room under the boxes for their numbers; mm. */
    private const NUMBERS = 8.0;

    public static function key(): string
    {
        return 'tones';
    }

    public function takes(): array
    {
        return [];
    }

    public function isRuledFrom(): bool
    {
        return false;
    }

    public function pages(Drawing $drawing, PrintOptions $options): Pages
    {
        $plan = $drawing->plan();
        $bar = $plan->choices->tones->bar();
        $leaf = PageBuilder::on($options->paper());
        $body = $leaf->body();
        $y = $leaf->note($body->x, $body->y + 4.5, $body->width, Say::it('printing.tone bar.use'));
        $y = $leaf->caution($body->x, $y, $body->width) + 2;
        $wide = min(self::WIDE, ($body->width - 2 * self::RIM) / count($bar->boxes));
        $strip = new Rectangle($body->x, $y, count($bar->boxes) * $wide + 2 * self::RIM, 2 * self::HIGH + self::NUMBERS + 2 * self::RIM);
        $leaf->frame($strip, 0.3, Dash::Cut);
        foreach ($bar->boxes as $i => $box) {
            $printed = new Rectangle($strip->x + self::RIM + $i * $wide, $strip->y + self::RIM, $wide, self::HIGH);
            $leaf->add(new Fill($printed, $box->isPaper ? '#ffffff' : Greys::hex($box->lightness)));
            $empty = $printed->movedBy(0, self::HIGH);
            $leaf->frame($printed, 0.15);
            $leaf->frame($empty, 0.15);
            if ($box->isPaper) {
                $leaf->say($empty->x + $wide / 2, $empty->y + self::HIGH / 2 + 1, Say::it('printing.tone bar.paper'), min(3.2, $wide / 4), Anchor::Middle);
            }
            $leaf->say($empty->x + $wide / 2, $empty->bottom() + 5, (string) $box->number, 4.5, Anchor::Middle, true);
        }
        $boxes = count($bar->boxes);
        $leaf->foot(Say::it('printing.tone bar.foot', ['title' => mb_strimwidth($drawing->title(), 0, 40, '…'), 'boxes' => $boxes, 'first' => $bar->first()]), $options->unit->isMetric());

        return Pages::one($leaf->page(Say::it('printing.tone bar.title')));
    }
}
