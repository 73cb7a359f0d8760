<?php

declare(strict_types=1);

namespace App\Wording;

use InchLadder\Measure\Fractions;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Paper\Catalogue;
use InchLadder\Paper\Standards\PhotoPrints;
use InchLadder\Photo\Figures;
use InchLadder\Photo\Resolution;
use InchLadder\Plan\Plan;

/** What is known of the picture: its shape, how it is held, its size as a print, and whether it has pixels enough. */
final readonly class PhotoWorkings
{
    private Writing $write;

    public function __construct(private Plan $plan)
    {
        $this->write = new Writing($plan->choices->notation);
    }

    /** @return list<string> */
    public function lines(): array
    {
        $reference = $this->plan->layout->reference;

        return array_values(array_filter([
            $reference->pixelsWide === null ? null : $this->side(),
            $this->held(),
            $this->border(),
            $reference->print === null
                ? 'On a screen nothing is measured off the photo: the same cells and labels carry it to the paper.'
                : ($reference->pixelsWide === null ? 'The original is ' : 'Print ').$this->write->size($reference->print).'.',
            $this->usual(),
            $this->pixels(),
        ]));
    }

    /** @return list<string> what needs the eye */
    public function warnings(): array
    {
        $warnings = [];
        $print = $this->onPaper($this->plan->layout->print);
        if ($print !== null && ! $print->isEnough()) {
            $sheet = $this->largestSheet($print->largest);
            $warnings[] = 'At this print size the photo has '.round($print->perInch).' pixels to the inch; under '.Figures::LEAST_PER_INCH.' they show. It carries '.$this->write->readSize($print->largest).' well'.($sheet === null ? '.' : ", or the whole of {$sheet}.");
        }
        $cell = $this->pixelsToACell();
        $drawing = $this->onPaper($this->plan->layout->fitted->area);
        if ($cell !== null && $drawing !== null && $cell < Figures::FEWEST_PIXELS_TO_A_CELL) {
            $warnings[] = "A cell has only {$cell} pixels to its side; under ".Figures::FEWEST_PIXELS_TO_A_CELL.' they show. Take fewer cells, or crop less'.(($sheet = $this->largestSheet($drawing->largest)) === null ? '.' : "; {$sheet} is the largest sheet it fills well.");
        }

        return $warnings;
    }

    private function side(): string
    {
        $reference = $this->plan->layout->reference;
        $side = match ($reference->pixelsWide <=> $reference->pixelsHigh) {
            -1 => 'The taller side is the longer',
            0 => 'Both sides are as long',
            1 => 'The wider side is the longer',
        };

        return "{$side}: {$reference->pixelsWide} × {$reference->pixelsHigh} pixels, shape ".Fractions::places($reference->ratio(), 3).'.';
    }

    private function held(): ?string
    {
        $turning = $this->plan->choices->framing->turning;
        $whole = $this->plan->choices->whole;
        $words = array_filter([
            ['', 'turned a quarter clockwise', 'turned upside down', 'turned a quarter anticlockwise'][$turning->quarters],
            $turning->mirrored ? 'mirrored' : '',
            $turning->degrees === 0.0 ? '' : 'straightened '.abs($turning->degrees).'° '.($turning->degrees > 0 ? 'clockwise' : 'anticlockwise'),
        ]);
        if ($words === []) {
            return null;
        }
        if ($turning->degrees === 0.0 || $whole->pixelsWide === null || $whole->pixelsHigh === null) {
            return 'The photo is '.implode(', ', $words).'; its file stays as it is.';
        }
        [$width, $height] = $turning->kept($whole->pixelsWide, $whole->pixelsHigh);

        return 'The photo is '.implode(', ', $words).', which keeps '.Writing::percent($width->times($height)).' of it; its file stays as it is.';
    }

    private function border(): ?string
    {
        $border = $this->plan->choices->framing->border;
        if ($border->isNone()) {
            return null;
        }
        $off = Writing::percent(Rational::one()->minus($border->width()->times($border->height())));

        return "The border, {$off} of the photo, is no part of the picture: every guide is computed from the picture alone.";
    }

    /** The usual print size this print nearly is, when it is not quite that. */
    private function usual(): ?string
    {
        $print = $this->plan->choices->whole->print;
        if ($print === null) {
            return null;
        }
        foreach ((new PhotoPrints)->sheets() as $sheet) {
            $usual = $sheet->size->isUpright() === $print->isUpright() ? $sheet->size : $sheet->size->turned();
            $off = $print->minus($usual);
            $near = static fn (Length $side): bool => ! $side->absolute()->mm->isGreaterThan(Rational::of(Figures::NEAR_USUAL_MM));
            if ($near($off->width) && $near($off->height) && ! $off->isNothing()) {
                return "Nearly {$this->write->size($usual)}, a usual print, but {$this->difference($off->width)} across and {$this->difference($off->height)} down; the measured size counts.";
            }
        }

        return null;
    }

    private function difference(Length $off): string
    {
        return match (true) {
            $off->isZero() => 'the same',
            $off->isPositive() => $this->write->plain($off).' more',
            default => $this->write->plain($off->absolute()).' less',
        };
    }

    private function pixels(): ?string
    {
        $drawing = $this->onPaper($this->plan->layout->fitted->area);
        $cell = $this->pixelsToACell();
        if ($drawing === null || $cell === null) {
            return null;
        }

        return "A cell has {$cell} pixels to its side; printed as large as the drawing there are ".round($drawing->perInch).' to the inch.';
    }

    /** The largest sheet of the catalogue that the photo fills without its pixels showing; null when it fills none. */
    private function largestSheet(Size $well): ?string
    {
        $largest = null;
        $area = static fn (Size $size): Rational => $size->width->mm->times($size->height->mm);
        foreach (Catalogue::sheets() as $sheet) {
            // A sheet of the other family is no help to somebody who buys by this one.
            if ($sheet->unit->isMetric() !== $this->write->notation->unit->isMetric()) {
                continue;
            }
            $size = $sheet->size->isUpright() === $well->isUpright() ? $sheet->size : $sheet->size->turned();
            $fits = ! $size->width->isLongerThan($well->width) && ! $size->height->isLongerThan($well->height);
            if ($fits && ($largest === null || $area($size)->isGreaterThan($area($largest[1])))) {
                $largest = [$sheet->name, $size];
            }
        }

        return $largest[0] ?? null;
    }

    private function pixelsToACell(): ?int
    {
        [$reference, $crop, $grid] = [$this->plan->layout->reference, $this->plan->layout->fitted->crop, $this->plan->layout->grid];
        if ($reference->pixelsWide === null || $reference->pixelsHigh === null) {
            return null;
        }
        $across = $crop->width->times($reference->pixelsWide)->times($grid->across->span($grid->across->firstWhole()))->floor();

        // The shorter side of a cell shows its pixels first.
        return min($across, $crop->height->times($reference->pixelsHigh)->times($grid->down->span($grid->down->firstWhole()))->floor());
    }

    private function onPaper(?Size $size): ?Resolution
    {
        [$reference, $crop] = [$this->plan->layout->reference, $this->plan->layout->fitted->crop];

        return $size === null || $reference->pixelsWide === null || $reference->pixelsHigh === null
            ? null
            : Resolution::of($crop->width->times($reference->pixelsWide), $crop->height->times($reference->pixelsHigh), $size);
    }
}
