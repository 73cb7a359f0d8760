<?php

declare(strict_types=1);

namespace InchLadder\Plan;

use InchLadder\Fit\Ways\WholeCells;
use InchLadder\Marks\MarkLadder;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Length;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Rounded;
use InchLadder\Measure\Size;

/** The sums behind a plan, a line each, as a careful person would write them beside the drawing. */
final readonly class Sums
{
    private Notation $notation;

    public function __construct(private Plan $plan)
    {
        $this->notation = $plan->choices->notation;
    }

    /** @return list<string> */
    public function photo(): array
    {
        $reference = $this->plan->choices->reference;
        $lines = [];
        if ($reference->pixelsWide !== null && $reference->pixelsHigh !== null) {
            $side = match ($reference->pixelsWide <=> $reference->pixelsHigh) {
                -1 => 'The taller side is the longer',
                0 => 'Both sides are as long',
                1 => 'The wider side is the longer',
            };
            $lines[] = "{$side}: {$reference->pixelsWide} × {$reference->pixelsHigh} pixels, shape ".Fractions::places($reference->ratio(), 3).'.';
        }
        $lines[] = $reference->print === null
            ? 'On a screen nothing is measured off the photo: the same cells and labels carry it to the paper.'
            : 'Print '.$this->size($reference->print).'.';

        return $lines;
    }

    /** @return list<string> */
    public function paper(): array
    {
        $plan = $this->plan;
        $margins = $plan->choices->margins;
        $lines = ['Sheet '.$this->size($plan->sheet).'.'];
        foreach ([['across', $plan->sheet->width, $margins->left, $margins->right, $plan->usable->width], ['down', $plan->sheet->height, $margins->top, $margins->bottom, $plan->usable->height]] as [$way, $whole, $first, $second, $left]) {
            if ($first->isPositive() || $second->isPositive()) {
                $lines[] = "{$this->amount($whole)} − {$this->amount($first)} − {$this->amount($second)} = {$this->notation->plain($left)} to draw on, {$way}.";
            }
        }

        return $lines;
    }

    /** @return list<string> */
    public function fit(): array
    {
        $plan = $this->plan;
        $lines = [$this->agreement(), $this->trimming()];
        if ($plan->choices->fit instanceof WholeCells) {
            $cells = $plan->grid->cells();
            $cell = $plan->cell();
            $lines[] = "{$cells->columns} × {$this->amount($cell->width)} = {$this->notation->plain($plan->fitted->area->width)} across, {$cells->rows} × {$this->amount($cell->height)} = {$this->notation->plain($plan->fitted->area->height)} down.";
        }
        $lines[] = $this->leftover();
        if ($plan->print !== null && $plan->scale->x !== null) {
            $lines[] = "{$this->amount($plan->fitted->area->width)} ÷ {$this->notation->plain($plan->print->width)} = ×".Fractions::mixed($plan->scale->x).'; the area grows ×'.Fractions::mixed($plan->scale->area() ?? Rational::one()).'.';
        }
        if (! $plan->scale->keepsProportion()) {
            $lines[] = 'Stretched '.Fractions::places($plan->scale->stretch->times(100), 2).' %: a slope of 20° becomes '.round($plan->scale->slope(20), 1).'°.';
        }

        return array_values(array_filter($lines));
    }

    /** @return list<string> */
    public function grid(): array
    {
        $plan = $this->plan;
        $cells = $plan->grid->cells();
        $cell = $plan->cell();
        $lines = [
            "{$cells->columns} columns and {$cells->rows} rows: ".($cells->columns * $cells->rows).' cells, '.$plan->grid->innerLines().' lines inside the frame.',
            'A cell is '.$this->size($cell).' on the paper'.($plan->printCell() === null ? '.' : ', '.$this->size($plan->printCell()).' on the print.'),
        ];
        if (! $cell->width->equals($cell->height)) {
            $lines[] = 'These cells are not square; they keep the proportion as long as both boards have the same counts.';
        }
        foreach ([['right', $plan->grid->isPartialColumn($cells->columns - 1), $plan->grid->columns, $plan->fitted->area->width], ['bottom', $plan->grid->isPartialRow($cells->rows - 1), $plan->grid->rows, $plan->fitted->area->height]] as [$side, $partial, $fractions, $length]) {
            if ($partial) {
                $last = $fractions[count($fractions) - 1]->minus($fractions[count($fractions) - 2]);
                $lines[] = "What remains at the {$side}, {$this->notation->write($length->times($last))}, is kept as partial cells.";
            }
        }

        return $lines;
    }

    /** @return list<string> */
    public function marks(): array
    {
        $plan = $this->plan;

        return [
            ...$this->edge('across', $plan->across, $plan->fitted->area->width),
            ...$this->edge('down', $plan->down, $plan->fitted->area->height),
            $plan->across->everyMarkIsExact() && $plan->down->everyMarkIsExact()
                ? 'Every mark falls on the ruler: nothing is rounded.'
                : 'Each mark is rounded from its own true value, never more than half a graduation off.',
        ];
    }

    /** @return list<string> */
    private function edge(string $way, MarkLadder $ladder, Length $side): array
    {
        $first = $ladder->marks[0];
        $count = count($ladder->marks);
        if ($count === 1) {
            return [];
        }
        $exact = $first->at->area->exact;
        $even = $exact->times($count)->equals($side);
        $sum = $even ? "{$this->amount($side)} ÷ {$count} = {$this->notation->plain($exact)}" : 'A cell is '.$this->notation->plain($exact);
        $lines = [ucfirst($way).': '.$sum.($first->at->area->isExact() ? '.' : '; on this ruler '.$this->amount($first->at->area->reading).', '.$this->notation->error($first->at->area).'.')];
        if (($worst = $ladder->worstStepped()) !== null) {
            $where = $way === 'across' ? 'across the top' : 'down the side';
            $lines[] = 'Stepping '.$this->notation->plain($first->at->area->reading)." {$where} would put line {$worst->line} out by {$this->off($worst->steppedError)}.";
        }

        return $lines;
    }

    /** How far a length is off: a fraction where the ruler has it, `1/16 in short`, else a decimal. */
    private function off(Length $error): string
    {
        return $this->notation->ruler->carries($error)
            ? $this->notation->plain($error->absolute()).($error->isPositive() ? ' over' : ' short')
            : $this->notation->error(new Rounded(Length::zero(), $error));
    }

    private function agreement(): string
    {
        $plan = $this->plan;
        $photo = $plan->choices->reference->ratio();
        $paper = $plan->usable->ratio();
        $percent = Fractions::places($photo->dividedBy($paper)->minus(1)->abs()->times(100), 1);

        return match ($photo->compareTo($paper)) {
            0 => 'The photo and the paper have the same shape.',
            1 => "The photo is {$percent} % wider in shape than the paper.",
            default => "The photo is {$percent} % narrower in shape than the paper.",
        };
    }

    private function trimming(): string
    {
        $crop = $this->plan->fitted->crop;
        if ($crop->trimmed()->isZero()) {
            return 'Nothing is trimmed from the photo.';
        }
        $one = Rational::one();
        $reference = $this->plan->choices->reference;
        $sides = [];
        foreach ([['left', $crop->left, true], ['right', $one->minus($crop->right()), true], ['top', $crop->top, false], ['bottom', $one->minus($crop->bottom()), false]] as [$side, $share, $isAcross]) {
            $length = $isAcross ? $reference->across($share) : $reference->down($share);
            if (! $share->isZero()) {
                $sides[] = ($length === null ? Fractions::places($share->times(100), 1).' %' : $this->reading($length)).' off the '.$side;
            }
        }

        return Fractions::places($crop->trimmed()->times(100), 1).' % of the photo is trimmed: '.implode(', ', $sides).'.';
    }

    private function leftover(): string
    {
        $left = $this->plan->leftover;
        if ($left->width->isZero() && $left->height->isZero()) {
            return 'The drawing fills the paper inside its margins.';
        }

        return 'Left over: '.$this->reading($left->width).' across, '.$this->reading($left->height).' down.';
    }

    private function reading(Length $length): string
    {
        return $this->notation->plain($this->notation->ruler->round($length)->reading);
    }

    private function size(Size $size): string
    {
        return $this->amount($size->width).' × '.$this->notation->plain($size->height);
    }

    private function amount(Length $length): string
    {
        return $this->notation->amount($length);
    }
}
