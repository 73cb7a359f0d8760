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
use App\Wording\Writing;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
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
        $short = mb_strimwidth($title, 0, 40, '…');
        $metric = $options->unit->isMetric();
        $strips = Bands::leaves(self::bands($plan), $options->paper(), $title, Say::it('printing.strips.title', ['title' => $short]), [
            Say::it('printing.strips.lay'),
            Say::it('printing.strips.one side'),
        ], $metric);
        $frame = self::frame($plan);
        $pages = (new TiledLayout($frame, $title, Say::it('printing.frame.title', ['title' => $short]), $metric))->on($options->paper());

        return count($pages) > self::MOST_FRAME_PAGES ? $strips : $strips->and($pages);
    }

    /** @return list<Band> */
    private static function bands(Plan $plan): array
    {
        $bands = [];
        $crop = $plan->layout->fitted->crop;
        foreach (['top' => true, 'bottom' => false] as $edge => $below) {
            $whole = $plan->layout->reference->across(Rational::one());
            $bands[] = self::band(Say::it("printing.strip.photo {$edge}"), $whole, $plan->layout->print?->width, $whole?->times($crop->left), $plan->layout->grid->columns, $below, $plan);
            $bands[] = self::band(Say::it("printing.strip.paper {$edge}"), $plan->layout->sheet->width, $plan->layout->fitted->area->width, $plan->layout->left, $plan->layout->grid->columns, $below, $plan);
        }
        foreach (['left' => false, 'right' => true] as $edge => $below) {
            $whole = $plan->layout->reference->down(Rational::one());
            $bands[] = self::band(Say::it("printing.strip.photo {$edge}"), $whole, $plan->layout->print?->height, $whole?->times($crop->top), $plan->layout->grid->rows, $below, $plan);
            $bands[] = self::band(Say::it("printing.strip.paper {$edge}"), $plan->layout->sheet->height, $plan->layout->fitted->area->height, $plan->layout->top, $plan->layout->grid->rows, $below, $plan);
        }

        return array_values(array_filter($bands));
    }

    /**
     * @param  Length|null  $whole  the edge; null on a screen, where nothing is taped
     * @param  Length|null  $gridded  the part of it under the grid
     * @param  Length|null  $before  from the edge's beginning to the grid
     * @param  list<Rational>  $shares  of the gridlines
     */
    private static function band(string $name, ?Length $whole, ?Length $gridded, ?Length $before, array $shares, bool $below, Plan $plan): ?Band
    {
        if ($whole === null || $gridded === null || $before === null) {
            return null;
        }
        $write = new Writing($plan->choices->notation);
        $ticks = array_map(static function (Rational $share, int $line) use ($gridded, $before, $write): array {
            $at = $before->plus($gridded->times($share));

            return ['at' => $at->toFloat(), 'tall' => 5.5, 'label' => (string) $line, 'more' => $write->read($at), 'dash' => Dash::None];
        }, $shares, array_keys($shares));

        return new Band($name, $whole->toFloat(), $ticks, $below);
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
