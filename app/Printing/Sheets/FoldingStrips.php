<?php

declare(strict_types=1);

namespace App\Printing\Sheets;

use App\Models\Drawing;
use App\Printing\Band;
use App\Printing\Bands;
use App\Printing\Dash;
use App\Printing\Pages;
use App\Printing\PrintableSheet;
use App\Printing\PrintOptions;
use App\Wording\Say;
use InchLadder\Marks\Folding;

/** A strip as long as each edge, with the creases that halve it: for those without a ruler, and without numbers. */
final readonly class FoldingStrips implements PrintableSheet
{
    public static function key(): string
    {
        return 'folding';
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
        $area = $plan->layout->fitted->area;
        $edges = [
            ...$plan->layout->print === null ? [] : [Say::it('shares.photo across') => $plan->layout->print->width, Say::it('shares.photo down') => $plan->layout->print->height],
            Say::it('shares.drawing across') => $area->width,
            Say::it('shares.drawing down') => $area->height,
        ];
        $bands = [];
        foreach ($edges as $name => $length) {
            $ticks = array_map(static fn (array $crease): array => [
                'at' => $length->times($crease['at'])->toFloat(),
                'tall' => [1 => Band::HEIGHT - 5, 2 => 6.5, 3 => 4.5][$crease['order']],
                'label' => (string) $crease['at'],
                'more' => '',
                'dash' => Dash::Fold,
            ], Folding::creases(3));
            $bands[] = new Band($name, $length->toFloat(), $ticks);
        }
        $title = $drawing->title();

        return Bands::leaves($bands, $options->paper(), $title, Say::it('printing.folding.title', ['title' => mb_strimwidth($title, 0, 40, '…')]), [
            Say::it('printing.folding.fold'),
            Say::it('printing.folding.no number'),
        ], $options->unit->isMetric());
    }
}
