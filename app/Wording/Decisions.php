<?php

declare(strict_types=1);

namespace App\Wording;

use InchLadder\Measure\Fractions;
use InchLadder\Measure\Graduation;
use InchLadder\Measure\Length;
use InchLadder\Measure\Size;
use InchLadder\Plan\Plan;

/** What was decided on each rung, in a few words. */
final readonly class Decisions
{
    public function __construct(private Plan $plan)
    {
    }

    public function photo(): string
    {
        $reference = $this->plan->layout->reference;

        return match (true) {
            $reference->print === null => Say::it('decisions.photo.screen'),
            $reference->pixelsWide === null => Say::it('decisions.photo.sizes', ['size' => $this->size($reference->print)]),
            $this->plan->layout->whole->print === null || $reference->print->equals($this->plan->layout->whole->print) => Say::it('decisions.photo.print', ['size' => $this->size($reference->print)]),
            default => Say::it('decisions.photo.within', ['size' => $this->size($reference->print), 'print' => $this->size($this->plan->layout->whole->print)]),
        };
    }

    /** `A3 portrait, 29.7 × 42 cm`. */
    public function paper(): string
    {
        $size = $this->size($this->plan->layout->sheet);

        return $this->name() === null ? $this->sheet() : Say::it('decisions.named sheet', ['sheet' => $this->sheet(), 'size' => $size]);
    }

    /** `A3 portrait`; its size where it has no name. */
    public function sheet(): string
    {
        $sheet = $this->plan->layout->sheet;
        $way = $sheet->width->equals($sheet->height) ? 'square' : ($sheet->isUpright() ? 'upright' : 'sideways');

        return Say::it("decisions.paper.{$way}", ['sheet' => $this->name() ?? $this->size($sheet)]);
    }

    /** A sheet that is called by its size needs no name beside it. */
    private function name(): ?string
    {
        $name = $this->plan->choices->standard->name ?? $this->plan->choices->stockName;

        return $name === null || str_contains($name, ' × ') ? null : $name;
    }

    /** How large it is drawn: `6 × 8 squares of 4.5 cm, 2.5 cm on the print, ×1.8`, or the size of the drawing. */
    public function drawn(): string
    {
        return $this->plan->layout->fitted->cells === null ? $this->drawnSize() : $this->drawnSquares();
    }

    private function drawnSize(): string
    {
        $size = Say::it('decisions.drawn.size', ['size' => $this->size($this->plan->layout->fitted->area)]);
        $factor = $this->factor();

        return $factor === null ? $size : Say::it('decisions.drawn.scaled', ['size' => $size, 'factor' => $factor]);
    }

    private function drawnSquares(): string
    {
        $layout = $this->plan->layout;
        $nearest = fn (Length $side, Graduation $ruler): string => $this->plan->choices->notation->plain($ruler->round($side)->reading);
        $cells = $layout->grid->cells();
        $squares = Say::it('decisions.drawn.squares', [
            'columns' => $cells->columns,
            'rows' => $cells->rows,
            'side' => $nearest($layout->cell()->width, $this->plan->choices->notation->ruler),
        ]);
        $print = $layout->printCell();

        return $print === null ? $squares : Say::it('decisions.drawn.of print', [
            'squares' => $squares,
            'side' => $nearest($print->width, $layout->printRuler),
            'factor' => (string) $this->factor(),
        ]);
    }

    /** `×1 1/2`; null on a screen, and where the two axes differ. */
    public function factor(): ?string
    {
        $scale = $this->plan->layout->scale;

        return $scale->x === null || ! $scale->keepsProportion() ? null : '×'.$this->plan->choices->notation->factor($scale->x);
    }

    /** The factor, or both of them where the axes differ: `×1 1/8 by ×1 1/10`; null on a screen. */
    public function scales(): ?string
    {
        [$x, $y] = [$this->plan->layout->scale->x, $this->plan->layout->scale->y];

        return $this->factor() ?? ($x === null || $y === null ? null : Say::it('decisions.both scales', ['x' => $this->plan->choices->notation->factor($x), 'y' => $this->plan->choices->notation->factor($y)]));
    }

    public function fit(): string
    {
        $way = Phrases::way($this->plan->choices->fit->way());
        if (($factor = $this->factor()) !== null) {
            return Say::it('decisions.fit.scaled', ['way' => $way, 'factor' => $factor]);
        }
        if (! $this->plan->layout->scale->keepsProportion()) {
            return Say::it('decisions.fit.stretched', ['way' => $way, 'percent' => Fractions::places($this->plan->layout->scale->stretch->times(100), 1)]);
        }
        $trimmed = Writing::trimmed($this->plan);

        return $trimmed === null ? $way : Say::it('decisions.fit.trimmed', ['way' => $way, 'share' => $trimmed]);
    }

    public function grid(): string
    {
        $cells = $this->plan->layout->grid->cells();
        [$first, $last] = [$this->plan->layout->addresses->column(0), $this->plan->layout->addresses->column($cells->columns - 1)];

        return Say::it('decisions.grid', ['columns' => $cells->columns, 'rows' => $cells->rows, 'first' => $first, 'last' => $last]);
    }

    public function marks(): string
    {
        return Say::counted('decisions.marks', $this->plan->layout->grid->innerLines());
    }

    private function size(Size $size): string
    {
        $notation = $this->plan->choices->notation;
        $nearest = static fn ($length) => $notation->ruler->round($length)->reading;

        return $notation->amount($nearest($size->width)).' × '.$notation->plain($nearest($size->height));
    }
}
