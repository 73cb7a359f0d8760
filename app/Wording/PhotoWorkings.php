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
            $this->part(),
            $this->border(),
            $reference->print === null
                ? Say::it('photo.screen')
                : $this->print($reference->print),
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
            $warnings[] = Say::it($sheet === null ? 'photo.few.print' : 'photo.few.print and sheet', ['dots' => (string) round($print->perInch), 'least' => Figures::LEAST_PER_INCH, 'size' => $this->write->readSize($print->largest), 'sheet' => (string) $sheet]);
        }
        $cell = $this->pixelsToACell();
        $drawing = $this->onPaper($this->plan->layout->fitted->area);
        if ($cell !== null && $drawing !== null && $cell < Figures::FEWEST_PIXELS_TO_A_CELL) {
            $sheet = $this->largestSheet($drawing->largest);
            $warnings[] = Say::it($sheet === null ? 'photo.few.cell' : 'photo.few.cell and sheet', ['dots' => $cell, 'least' => Figures::FEWEST_PIXELS_TO_A_CELL, 'sheet' => (string) $sheet]);
        }

        return $warnings;
    }

    /** A print is all that lies on the table; the picture may be a part of it. */
    private function print(Size $picture): string
    {
        $print = $this->plan->choices->whole->print ?? $picture;
        $says = ['size' => $this->write->size($print), 'picture' => $this->write->readSize($picture)];

        return Say::it(match (true) {
            $this->plan->layout->reference->pixelsWide === null => 'photo.original',
            $picture->equals($print) => 'photo.print',
            default => 'photo.print within',
        }, $says);
    }

    private function side(): string
    {
        $reference = $this->plan->layout->reference;
        $side = match ($reference->pixelsWide <=> $reference->pixelsHigh) {
            -1 => 'taller',
            0 => 'both',
            1 => 'wider',
        };

        return Say::it("photo.longer.{$side}", ['wide' => (int) $reference->pixelsWide, 'high' => (int) $reference->pixelsHigh, 'shape' => Fractions::places($reference->ratio(), 3)]);
    }

    private function held(): ?string
    {
        $turning = $this->plan->choices->framing->turning;
        $whole = $this->plan->choices->whole;
        $words = array_filter([
            $turning->quarters === 0 ? '' : Say::it("photo.quarters.{$turning->quarters}"),
            $turning->mirrored ? Say::it('photo.mirrored') : '',
            $turning->degrees === 0.0 ? '' : Say::it($turning->degrees > 0 ? 'photo.straightened.clockwise' : 'photo.straightened.anticlockwise', ['degrees' => (string) abs($turning->degrees)]),
        ]);
        if ($words === []) {
            return null;
        }
        if ($turning->degrees === 0.0 || $whole->pixelsWide === null || $whole->pixelsHigh === null) {
            return Say::it('photo.held.whole', ['how' => implode(', ', $words)]);
        }
        [$width, $height] = $turning->kept($whole->pixelsWide, $whole->pixelsHigh);

        return Say::it('photo.held.cut', ['how' => implode(', ', $words), 'share' => Writing::percent($width->times($height))]);
    }

    /** What of the photo a trimmed print shows. */
    private function part(): ?string
    {
        $part = $this->plan->choices->framing->part;

        return $part->isWhole() ? null : Say::it('photo.part', ['share' => Writing::percent($part->width->times($part->height)), 'left' => Writing::percent($part->left), 'top' => Writing::percent($part->top)]);
    }

    private function border(): ?string
    {
        $border = $this->plan->choices->framing->border;
        if ($border->isNone()) {
            return null;
        }
        $off = Writing::percent(Rational::one()->minus($border->width()->times($border->height())));

        return Say::it('photo.border', ['share' => $off]);
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
                return Say::it('photo.usual', ['size' => $this->write->size($usual), 'across' => $this->difference($off->width), 'down' => $this->difference($off->height)]);
            }
        }

        return null;
    }

    private function difference(Length $off): string
    {
        return match (true) {
            $off->isZero() => Say::it('photo.difference.none'),
            $off->isPositive() => Say::it('photo.difference.more', ['off' => $this->write->plain($off)]),
            default => Say::it('photo.difference.less', ['off' => $this->write->plain($off->absolute())]),
        };
    }

    private function pixels(): ?string
    {
        $drawing = $this->onPaper($this->plan->layout->fitted->area);
        $cell = $this->pixelsToACell();
        if ($drawing === null || $cell === null) {
            return null;
        }

        return Say::it('photo.pixels', ['cell' => $cell, 'dots' => (string) round($drawing->perInch)]);
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
