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
            ...$plan->layout->print === null ? [] : ['Photo, across' => $plan->layout->print->width, 'Photo, down' => $plan->layout->print->height],
            'Drawing, across' => $area->width,
            'Drawing, down' => $area->height,
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

        return Bands::leaves($bands, $options->paper(), $title, mb_strimwidth($title, 0, 40, '…').': strips to fold', [
            'Cut a strip out and fold it end to end; each crease halves what is there. Lay it along its edge and mark at the creases.',
            'Halves, quarters and eighths need no number. A strip from one side does not serve the other, nor the photo’s the paper’s.',
        ], $options->unit->isMetric());
    }
}
