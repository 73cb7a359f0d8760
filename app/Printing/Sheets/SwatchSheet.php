<?php

declare(strict_types=1);

namespace App\Printing\Sheets;

use App\Models\Drawing;
use App\Models\OwnPencil;
use App\Printing\Anchor;
use App\Printing\Fill;
use App\Printing\Page;
use App\Printing\PageBuilder;
use App\Printing\Pages;
use App\Printing\PrintableSheet;
use App\Printing\PrintOptions;
use App\Printing\Rectangle;
use App\Printing\SheetImpossible;
use App\Printing\Type;
use App\Wording\Say;
use InchLadder\Colour\SwatchesUnreadable;
use InchLadder\Colour\SwatchPage;
use InchLadder\Printing\Printer;
use InchLadder\Tone\Greys;

/** Two boxes for each pencil that is owned, to be filled and photographed, beside a wedge of greys. */
final readonly class SwatchSheet implements PrintableSheet
{
    public static function key(): string
    {
        return 'swatches';
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
        $printer = $options->paper();
        $page = SwatchPage::on($printer->paper->width->toFloat(), $printer->paper->height->toFloat()) ?? throw SheetImpossible::pageTooSmall();
        $names = OwnPencil::names();
        $names === [] && throw SwatchesUnreadable::noPencils();
        count($names) <= $page->most() || throw SwatchesUnreadable::tooManyPencils($page->most());
        $title = Say::it('printing.swatches.title');

        return new Pages($title, max(1, (int) ceil(count($names) / $page->holds())), fn (int $number): Page => $this->page($drawing, $printer, $page, $names, $number, $options->unit->isMetric()));
    }

    /** @param  list<string>  $names */
    private function page(Drawing $drawing, Printer $printer, SwatchPage $page, array $names, int $number, bool $metric): Page
    {
        $leaf = PageBuilder::on($printer);
        $leaf->note($leaf->room->x + 4, $leaf->room->y + 5.5, $leaf->room->width - 8, Say::it('printing.swatches.use'), 3.0);
        foreach (SwatchPage::code($drawing->id, $names, $number) as $bit => $black) {
            [$x, $y] = $page->square($bit);
            $black && $leaf->add(new Fill(new Rectangle($x - SwatchPage::SQUARE / 2, $y - SwatchPage::SQUARE / 2, SwatchPage::SQUARE, SwatchPage::SQUARE), '#000000'));
        }
        foreach (SwatchPage::WEDGE as $step => $lightness) {
            $box = self::box($page->wedge($step));
            $lightness < 100 && $leaf->add(new Fill($box, Greys::hex($lightness)));
            $leaf->frame($box, 0.15);
        }
        foreach (array_slice($names, $number * $page->holds(), $page->holds()) as $place => $name) {
            [$firm, $soft] = [self::box($page->box($place, false)), self::box($page->box($place, true))];
            $leaf->say($firm->x, $firm->y - 1.2, Type::shorten($name, $soft->right() - $firm->x, 3.2), 3.2, strong: true);
            foreach ([[$firm, 'firmly'], [$soft, 'lightly']] as [$box, $how]) {
                $leaf->frame($box, 0.15);
                $leaf->say($box->x + $box->width / 2, $box->bottom() + 2.6, Say::it("printing.swatches.{$how}"), 2.2, Anchor::Middle);
            }
        }
        $leaf->foot(Say::it('printing.swatches.foot', ['title' => mb_strimwidth($drawing->title(), 0, 40, '…'), 'page' => $number + 1]), $metric);

        return $leaf->page(Say::it('printing.swatches.title'));
    }

    /** @param  array{float, float}  $at */
    private static function box(array $at): Rectangle
    {
        return new Rectangle($at[0], $at[1], SwatchPage::BOX_WIDE, SwatchPage::BOX_HIGH);
    }
}
