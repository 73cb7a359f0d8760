<?php

declare(strict_types=1);

namespace App\Wire;

use App\Wire\Json\CreaseJson;
use App\Wire\Json\FoldingJson;
use App\Wire\Json\FoldJson;
use InchLadder\Marks\Folding;
use InchLadder\Plan\Plan;

/** Writes the folded way: no ruler and no numbers, only halves of halves. */
final readonly class FoldingWriter
{
    private const ROUNDS = ['', 'in half', 'in quarters', 'in eighths', 'in sixteenths'];

    /** Folded when the grid's own counts cannot be: eighths both ways. */
    private const OTHERWISE = 3;

    public function __construct(private Plan $plan)
    {
    }

    public function json(): FoldingJson
    {
        $cells = $this->plan->layout->grid->cells();
        [$across, $down] = [$this->times($cells->columns, $this->plan->layout->grid->across->isRegular()), $this->times($cells->rows, $this->plan->layout->grid->down->isRegular())];
        $fits = $across !== null && $down !== null;
        [$across, $down] = $fits ? [$across, $down] : [self::OTHERWISE, self::OTHERWISE];

        return new FoldingJson(
            $fits,
            $fits
                ? "Folded {$this->rounds($across)} across and {$this->rounds($down)} down, the creases are the grid’s own lines: {$cells->columns} by {$cells->rows}."
                : "Folding in half makes 2, 4, 8 or 16 parts, not {$cells->columns} by {$cells->rows}. These creases make eighths, to draw by instead; or choose the folding school on the Grid rung.",
            $this->plan->layout->fitted->area->ratio()->toFloat(),
            [...$this->folds('across', $across, 0), ...$this->folds('down', $down, $across)],
        );
    }

    /** @return int<0, 4>|null */
    private function times(int $parts, bool $even): ?int
    {
        return $parts === 1 ? 0 : ($even ? Folding::timesFor($parts) : null);
    }

    /** @param  int<0, 4>  $times */
    private function rounds(int $times): string
    {
        return $times === 0 ? 'not at all' : self::ROUNDS[$times];
    }

    /**
     * @param  'across'|'down'  $way
     * @param  int<0, 4>  $times
     * @param  int<0, 4>  $other  rounds already folded the other way
     * @return list<FoldJson>
     */
    private function folds(string $way, int $times, int $other): array
    {
        if ($times === 0) {
            return [];
        }
        $all = Folding::creases($times);
        $crossed = $other === 0 ? [] : array_map(static fn (array $crease): float => $crease['at']->toFloat(), Folding::creases($other));
        [$first, $last] = $way === 'across' ? ['left', 'right'] : ['top', 'bottom'];
        $folds = [];
        for ($order = 1; $order <= $times; $order++) {
            $new = array_values(array_filter($all, static fn (array $crease): bool => $crease['order'] === $order));
            $folds[] = new FoldJson(
                $way,
                ucfirst(self::ROUNDS[$order]).', '.($way === 'across' ? 'side to side' : 'top to bottom'),
                array_values(array_filter([
                    $order === 1
                        ? "Bring the {$first} edge to the {$last} edge, corners on corners, and crease: that is the half."
                        : 'Bring each edge and crease to the one beside it, and crease: each part is halved. '.count($new).' creases.',
                    $crossed === [] ? null : 'Each crosses all '.count($crossed).' that run the other way.',
                    'A strip does the same without a crease in the sheet: fold the strip, lay it along the edge, and tick at its creases. One from this side does not serve the other.',
                ])),
                array_map(static fn (array $crease): CreaseJson => new CreaseJson($crease['at']->toFloat(), $crease['from']->toFloat(), $crease['to']->toFloat(), (string) $crease['at']), $new),
                array_values(array_map(static fn (array $crease): float => $crease['at']->toFloat(), array_filter($all, static fn (array $crease): bool => $crease['order'] < $order))),
                $crossed,
            );
        }

        return $folds;
    }
}
