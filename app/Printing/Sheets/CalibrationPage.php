<?php

declare(strict_types=1);

namespace App\Printing\Sheets;

use App\Models\Drawing;
use App\Printing\Anchor;
use App\Printing\Page;
use App\Printing\PageBuilder;
use App\Printing\Pages;
use App\Printing\PrintableSheet;
use App\Printing\PrintOptions;
use App\Printing\Rectangle;
use App\Wording\Say;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Length;
use InchLadder\Measure\Unit;
use InchLadder\Printing\Bars;
use InchLadder\Printing\Printer;

/** Two bars to measure, across and down, as the printer makes them without any correction. */
final readonly class CalibrationPage implements PrintableSheet
{
    public static function key(): string
    {
        return 'calibration';
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
        return Pages::one(self::page($options->paper(), $options->unit));
    }

    public static function page(Printer $printer, Unit $unit): Page
    {
        $plain = Printer::of($printer->paper, $printer->border);
        $bars = Bars::on($plain, $unit);
        $leaf = PageBuilder::on($plain);
        $room = $leaf->room;
        [$across, $down] = [$bars->across->toFloat(), $bars->down->toFloat()];
        [$x, $y] = [$room->x + 8, $room->y + 10];
        $leaf->line($x, $y, $x + $across, $y, 0.35);
        $leaf->line($x, $y, $x, $y + $down, 0.35);
        foreach ([$x, $x + $across] as $end) {
            $leaf->line($end, $y - 5, $end, $y + 5, 0.25);
        }
        foreach ([$y, $y + $down] as $end) {
            $leaf->line($x - 5, $end, $x + 5, $end, 0.25);
        }
        $says = static fn (Length $bar): string => Fractions::decimal($bar->in($unit)).' '.$unit->value;
        $leaf->say($x + $across / 2, $y - 3, Say::it('printing.bar.across', ['length' => $says($bars->across)]), 4, Anchor::Middle, true);
        $text = $x + 12;
        $width = $room->right() - $text - 6;
        $leaf->say($text, $y + 16, Say::it('printing.bar.down', ['length' => $says($bars->down)]), 4, strong: true);
        $at = $y + 26;
        foreach ([
            Say::it('printing.calibration.at full size'),
            Say::it('printing.calibration.measure'),
            Say::it('printing.calibration.border'),
        ] as $note) {
            $at = $leaf->note($text, $at, $width, $note, 3.6) + 2;
        }
        $leaf->frame(new Rectangle($room->x + 0.2, $room->y + 0.2, $room->width - 0.4, $room->height - 0.4), 0.2);

        return $leaf->page(Say::it('printing.calibration.title'));
    }
}
