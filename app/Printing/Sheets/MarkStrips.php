<?php

declare(strict_types=1);

namespace App\Printing\Sheets;

use App\Models\Drawing;
use App\Printing\Artwork;
use App\Printing\Band;
use App\Printing\Bands;
use App\Printing\Dash;
use App\Printing\Line;
use App\Printing\Pages;
use App\Printing\PrintableSheet;
use App\Printing\PrintOptions;
use App\Printing\Rectangle;
use App\Printing\TiledLayout;
use App\Printing\Type;
use App\Wording\Say;
use InchLadder\Marks\Out\Board;
use InchLadder\Measure\Notation;
use InchLadder\Plan\Plan;

/** A strip for each edge of photo and paper, its ticks where the marks go: taped along the edge, nothing is measured. */
final readonly class MarkStrips implements PrintableSheet
{
    /** A frame over more pages than this is more easily drawn through its marks. */
    private const MOST_FRAME_PAGES = 9;

    public static function key(): string
    {
        return 'strips';
    }

    public function takes(): array
    {
        return [];
    }

    public function isRuledFrom(): bool
    {
        return true;
    }

    public function pages(Drawing $drawing, PrintOptions $options): Pages
    {
        $plan = $drawing->plan();
        $title = $drawing->title();
        $photo = Board::photo($plan->layout);
        $short = mb_strimwidth($title, 0, 40, '…');
        $metric = $options->unit->isMetric();
        $strips = Bands::leaves(self::bands($plan, ...array_filter([$photo, Board::paper($plan->layout)])), $options->paper(), $title, Say::it('printing.strips.title', ['title' => $short]), [
            Say::it('printing.strips.lay'),
            Say::it('printing.strips.one side'),
            ...$photo?->mirrored === true ? [Say::it('printing.strips.mirrored')] : [],
            ...$photo?->leans() === true ? [Say::it('printing.strips.leaning')] : [],
        ], $metric);
        $frame = self::frame($plan);
        $pages = (new TiledLayout($frame, $title, Say::it('printing.frame.title', ['title' => $short]), $metric))->on($options->paper());

        return count($pages) > self::MOST_FRAME_PAGES ? $strips : $strips->and($pages);
    }

    /** @return list<Band> of the print, border and all, as it lies under the hand, and of the sheet; on a screen nothing is taped */
    private static function bands(Plan $plan, Board ...$boards): array
    {
        $bands = [];
        foreach (['top' => true, 'bottom' => false, 'left' => false, 'right' => true] as $edge => $below) {
            foreach ($boards as $board) {
                $bands[] = self::band(Say::it("printing.strip.{$board->name} {$edge}"), $board, $edge, $below, $plan->choices->notation);
            }
        }

        return $bands;
    }

    /** The gridlines that end on this edge: on a mirrored print they run the other way, where it was straightened they lean. */
    private static function band(string $name, Board $board, string $edge, bool $below, Notation $notation): Band
    {
        $ticks = [];
        $own = in_array($edge, ['top', 'bottom'], true) ? 'upright' : 'level';
        foreach (['upright' => $board->upright, 'level' => $board->level] as $way => $lines) {
            foreach ($lines as $number => $line) {
                foreach ([$line->from, $line->to] as [$on, $at]) {
                    if ($on === $edge) {
                        $ticks[] = ['at' => $at->toFloat(), 'tall' => 5.5, 'label' => $way === $own ? (string) $number : Say::it("marking.line.{$way}", ['line' => $number]), 'more' => $notation->amount($board->ruler->round($at)->reading), 'dash' => Dash::None];
                    }
                }
            }
        }
        usort($ticks, static fn (array $a, array $b): int => $a['at'] <=> $b['at']);

        return new Band($name, ($own === 'upright' ? $board->size->width : $board->size->height)->toFloat(), $ticks, $below);
    }

    private static function frame(Plan $plan): Artwork
    {
        $size = $plan->layout->fitted->area;
        [$width, $height] = [$size->width->toFloat(), $size->height->toFloat()];

        return new Artwork($width, $height, [
            ...Line::around(new Rectangle(0, 0, $width, $height), 0.3, Dash::Cut),
            ...$width > 90 && $height > 30 ? [
                ...Type::line(6, 10, Say::it('printing.frame.draw round'), 3.2),
                ...Type::line(6, 16, Say::it('printing.frame.cut'), 2.8),
            ] : [],
        ]);
    }
}
