<?php

declare(strict_types=1);

namespace App\Wire;

use App\Wire\Json\CreaseJson;
use App\Wire\Json\FoldingJson;
use App\Wire\Json\FoldJson;
use App\Wording\Say;
use InchLadder\Grid\Edge;
use InchLadder\Marks\Foldable;
use InchLadder\Marks\Folding;
use InchLadder\Plan\Plan;

/** Writes the folded way: no ruler and no numbers, only halves of halves. */
final readonly class FoldingWriter
{
    /** Folded when the grid's own counts cannot be: eighths both ways. */
    private const OTHERWISE = 3;

    public function __construct(private Plan $plan)
    {
    }

    public function json(): FoldingJson
    {
        $cells = $this->plan->layout->grid->cells();
        [$across, $down] = array_map($this->times(...), [$this->plan->layout->grid->across, $this->plan->layout->grid->down]);
        $fits = $across !== null && $down !== null;
        [$across, $down] = $fits ? [$across, $down] : [self::OTHERWISE, self::OTHERWISE];

        return new FoldingJson(
            $fits,
            $fits
                ? Say::it('folding.fits', ['across' => self::rounds($across), 'down' => self::rounds($down), 'columns' => $cells->columns, 'rows' => $cells->rows])
                : Say::it('folding.otherwise', ['columns' => $cells->columns, 'rows' => $cells->rows]),
            $this->what(),
            $this->plan->layout->fitted->area->ratio()->toFloat(),
            [...$this->folds('across', $across, 0), ...$this->folds('down', $down, $across)],
        );
    }

    /** @return list<string> what is folded, on the paper and on the photo */
    private function what(): array
    {
        $foldable = Foldable::of($this->plan->layout);

        return array_values(array_filter([
            Say::it($foldable->sheet ? 'folding.what.sheet' : 'folding.what.strips'),
            $foldable->print === null ? null : Say::it($foldable->print ? 'folding.what.print' : 'folding.what.cropped print'),
        ]));
    }

    /** @return int<0, 4>|null */
    private function times(Edge $lines): ?int
    {
        // A grid over a part has its own first and last line, which no crease of the whole makes.
        $isWhole = $lines->fractions[0]->isZero() && $lines->fractions[count($lines->fractions) - 1]->isEqualTo(1);

        return match (true) {
            ! $isWhole => null,
            $lines->parts() === 1 => 0,
            default => $lines->isRegular() ? Folding::timesFor($lines->parts()) : null,
        };
    }

    /** @param  int<0, 4>  $times */
    private static function rounds(int $times): string
    {
        return Say::it("folding.rounds.{$times}");
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
        $folds = [];
        for ($order = 1; $order <= $times; $order++) {
            $new = array_values(array_filter($all, static fn (array $crease): bool => $crease['order'] === $order));
            $folds[] = new FoldJson(
                $way,
                Say::it("folding.fold.{$way}", ['rounds' => self::rounds($order)]),
                array_values(array_filter([
                    $order === 1
                        ? Say::it("folding.first.{$way}")
                        : Say::it('folding.halved', ['creases' => count($new)]),
                    $crossed === [] ? null : Say::it('folding.crosses', ['count' => count($crossed)]),
                    Say::it('folding.strip'),
                ])),
                array_map(static fn (array $crease): CreaseJson => new CreaseJson($crease['at']->toFloat(), $crease['from']->toFloat(), $crease['to']->toFloat(), (string) $crease['at']), $new),
                array_values(array_map(static fn (array $crease): float => $crease['at']->toFloat(), array_filter($all, static fn (array $crease): bool => $crease['order'] < $order))),
                $crossed,
            );
        }

        return $folds;
    }
}
