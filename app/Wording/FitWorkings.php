<?php

declare(strict_types=1);

namespace App\Wording;

use InchLadder\Fit\Stretched;
use InchLadder\Fit\Ways\FreeCrop;
use InchLadder\Layout\Placed;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Plan\Plan;

/** How picture and paper are made to agree, and what it costs on either side. */
final readonly class FitWorkings
{
    private Writing $write;

    public function __construct(private Plan $plan)
    {
        $this->write = new Writing($plan->choices->notation);
    }

    /** @return list<string> */
    public function lines(): array
    {
        return array_values(array_filter([
            $this->agreement(),
            $this->unlocked(),
            $this->trimming(),
            $this->wholeCells(),
            $this->leftover(),
            $this->limit(),
            $this->scale(),
            $this->straightEdge(),
            $this->cells(),
            $this->clearance(),
            $this->pinned(),
        ]));
    }

    /** @return list<string> what needs the eye */
    public function warnings(): array
    {
        $away = array_values(array_filter($this->plan->layout->points(), static fn (Placed $placed): bool => ! $placed->isInside()));
        $names = implode(', ', array_map(static fn (Placed $placed): string => $placed->point->name, $away));

        return array_values(array_filter([$this->stretched(), $away === [] ? null : "Cropped away: {$names}.", $this->plan->pinned === null || (new PointWording($this->plan))->missed($this->plan->pinned) === [] ? null : $this->pinned()]));
    }

    private function stretched(): ?string
    {
        $scale = $this->plan->layout->scale;
        if ($scale->keepsProportion()) {
            return null;
        }
        [$wider, $by] = $scale->circle()->isGreaterThan(1) ? ['wider than high', $scale->circle()] : ['higher than wide', $scale->circle()->reciprocal()];
        $percent = Fractions::places($scale->stretch->times(100), 2).' %';
        $verdict = Phrases::stretched($scale->verdict());

        return "Stretched {$percent}: {$verdict}. A circle becomes an oval ".Writing::percent($by->minus(1))." {$wider}; a slope of 20° becomes ".round($scale->slope(20), 1).'°.'
            .($scale->verdict() === Stretched::Visible || $scale->stretch->toFloat() * 100 > $this->plan->choices->subject->stretchUnseenPercent() ? " On a subject like this ({$this->plan->choices->subject->value}) it will be seen." : '');
    }

    /** @return list<string> what comes off the left, right, top and bottom of the photo, in that order; empty where nothing does */
    public function sides(): array
    {
        $crop = $this->plan->layout->fitted->crop;
        $one = Rational::one();
        $reference = $this->plan->layout->reference;

        return array_map(function (array $side) use ($reference): string {
            [$share, $isAcross] = $side;
            $length = $isAcross ? $reference->across($share) : $reference->down($share);

            return match (true) {
                $share->isZero() => '',
                $length === null => Writing::percent($share),
                default => $this->write->reading($length),
            };
        }, [[$crop->left, true], [$one->minus($crop->right()), true], [$crop->top, false], [$one->minus($crop->bottom()), false]]);
    }

    /** @return array{string, string, string, string} the same with its share: `1 1/2 in, 16.7 %` */
    public function edges(): array
    {
        $crop = $this->plan->layout->fitted->crop;
        $one = Rational::one();
        $shares = [$crop->left, $one->minus($crop->right()), $crop->top, $one->minus($crop->bottom())];
        $say = fn (string $off, Rational $share): string => $off === '' || $this->plan->layout->print === null ? $off : "{$off}, ".Writing::percent($share);
        [$left, $right, $top, $bottom] = array_map($say, $this->sides(), $shares);

        return [$left, $right, $top, $bottom];
    }

    /** How near the marked points come to the crop's sides; told once there are two of them inside. */
    private function clearance(): ?string
    {
        $inside = array_values(array_filter($this->plan->layout->points(), static fn (Placed $placed): bool => $placed->isInside()));
        if (count($inside) < 2) {
            return null;
        }
        $least = static fn (array $shares): Rational => array_reduce($shares, Rational::smaller(...), Rational::one());
        $across = array_map(static fn (Placed $placed): Rational => $placed->x, $inside);
        $down = array_map(static fn (Placed $placed): Rational => $placed->y, $inside);
        $beyond = static fn (array $shares): array => array_map(static fn (Rational $share): Rational => Rational::one()->minus($share), $shares);
        $area = $this->plan->layout->fitted->area;
        $sides = ['left' => [$least($across), $area->width], 'right' => [$least($beyond($across)), $area->width], 'top' => [$least($down), $area->height], 'bottom' => [$least($beyond($down)), $area->height]];
        $said = [];
        $tightest = 'left';
        foreach ($sides as $side => [$share, $length]) {
            $said[] = $this->write->reading($length->times($share))." at the {$side} (".Writing::percent($share, 0).')';
            if ($length->times($share)->mm->isLessThan($sides[$tightest][1]->times($sides[$tightest][0])->mm)) {
                $tightest = $side;
            }
        }

        return 'On the paper the marked points clear the sides by '.implode(', ', $said)."; it is tightest at the {$tightest}.";
    }

    public function agreement(): string
    {
        $photo = $this->plan->layout->reference->ratio();
        $paper = $this->plan->layout->usable->ratio();
        $percent = Fractions::places($photo->dividedBy($paper)->minus(1)->abs()->times(100), 1);

        return match ($photo->compareTo($paper)) {
            0 => 'The photo and the paper have the same shape.',
            1 => "The photo is {$percent} % wider in shape than the paper.",
            default => "The photo is {$percent} % narrower in shape than the paper.",
        };
    }

    /** A free crop against the shape it could be held to: the paper's. */
    private function unlocked(): ?string
    {
        $plan = $this->plan;
        if (! $plan->choices->fit instanceof FreeCrop) {
            return null;
        }
        $crop = $plan->layout->fitted->crop;
        [$shape, $paper] = [$crop->shapeOn($plan->layout->reference), $plan->choices->room()->ratio()];
        if ($shape->isEqualTo($paper)) {
            return 'The free crop has the paper’s shape.';
        }
        $narrow = $shape->isLessThan($paper);
        // To become the paper's shape, either side may give way.
        $wider = $crop->width->times($paper)->dividedBy($shape)->minus($crop->width)->abs();
        $lower = $crop->height->minus($crop->height->times($shape)->dividedBy($paper))->abs();
        $say = fn (?Length $length, Rational $share, string $side): string => ($length === null ? Writing::percent($share)." of the photo’s {$side}" : $this->write->reading($length)." of {$side}");

        return 'The free crop is '.Fractions::places($shape->dividedBy($paper)->minus(1)->abs()->times(100), 1).' % '.($narrow ? 'narrower' : 'wider').' in shape than the paper: '
            .$say($plan->layout->reference->across($wider), $wider, 'width').' '.($narrow ? 'more' : 'less').', or '.$say($plan->layout->reference->down($lower), $lower, 'height').' '.($narrow ? 'less' : 'more').', would make them one.';
    }

    private function pinned(): ?string
    {
        $pinned = $this->plan->pinned;

        return $pinned === null ? null : "{$pinned->point->name}: ".(new PointWording($this->plan))->pinned(Placed::in($this->plan->layout->fitted->crop, $pinned->point));
    }

    public function trimming(): string
    {
        $crop = $this->plan->layout->fitted->crop;
        if ($crop->trimmed()->isZero()) {
            return 'Nothing is trimmed from the photo.';
        }
        $sides = [];
        foreach (array_combine(['left', 'right', 'top', 'bottom'], $this->sides()) as $side => $off) {
            if ($off !== '') {
                $sides[] = "{$off} off the {$side}";
            }
        }

        return Writing::percent($crop->trimmed()).' of the photo is trimmed: '.implode(', ', $sides).'.';
    }

    public function leftover(): string
    {
        $left = $this->plan->layout->leftover;
        if ($left->isNothing()) {
            return 'The drawing fills the paper inside its margins.';
        }

        return 'Left over: '.$this->write->reading($left->width).' across, '.$this->write->reading($left->height).' down.';
    }

    /** The same in two or three words: `nothing`, `1/2 in, 2 in`. */
    public function remains(): string
    {
        $left = $this->plan->layout->leftover;

        return $left->isNothing() ? 'nothing' : $this->write->reading($left->width).', '.$this->write->reading($left->height);
    }

    private function wholeCells(): ?string
    {
        if ($this->plan->layout->fitted->cells === null) {
            return null;
        }
        $cells = $this->plan->layout->grid->cells();
        $cell = $this->plan->layout->cell();
        $area = $this->plan->layout->fitted->area;

        return "{$cells->columns} × {$this->write->amount($cell->width)} = {$this->write->plain($area->width)} across, {$cells->rows} × {$this->write->amount($cell->height)} = {$this->write->plain($area->height)} down.";
    }

    /** Which edge of the paper stops the drawing first. */
    private function limit(): ?string
    {
        $left = $this->plan->layout->leftover;

        return match (true) {
            $left->width->isZero() && ! $left->height->isZero() => 'The width stops it first; all the slack is above and below.',
            $left->height->isZero() && ! $left->width->isZero() => 'The height stops it first; all the slack is at the sides.',
            default => null,
        };
    }

    private function scale(): ?string
    {
        $scale = $this->plan->layout->scale;
        $print = $this->plan->layout->print;
        if ($print === null || $scale->x === null) {
            return null;
        }
        if ($scale->keepsProportion() && $scale->x->isEqualTo(1)) {
            return 'The same size: what is measured on the print is drawn as it is. A misprinted guide cancels out only when it is used on both.';
        }
        $growth = $scale->area() ?? Rational::one();
        $larger = $scale->x->isGreaterThan(1) ? 'larger' : 'smaller';

        return "{$this->write->amount($this->plan->layout->fitted->area->width)} ÷ {$this->write->plain($print->width)} = ×".Fractions::mixed($scale->x)
            .($scale->keepsProportion() ? ", {$larger}, ".self::asRatio($scale->x).' or '.Writing::percent($scale->x) : '')
            .($scale->keepsProportion() || $scale->y === null ? '' : " across, {$this->write->amount($this->plan->layout->fitted->area->height)} ÷ {$this->write->plain($print->height)} = ×".Fractions::mixed($scale->y).' down')
            .'; the area '.($growth->isGreaterThan(1) ? 'grows' : 'shrinks to').' ×'.Fractions::mixed($growth).'.';
    }

    /** The test without numbers: a straight edge through both corners of the whole photo, carried on over the paper. */
    private function straightEdge(): string
    {
        $paper = $this->plan->layout->usable;
        $whole = $paper->largestInside($this->plan->layout->reference->ratio());
        $short = $paper->minus($whole);
        if ($short->isNothing()) {
            return 'A straight edge laid through the photo’s corners meets the paper’s far corner.';
        }
        [$edge, $by] = $short->width->isZero() ? ['right edge', $short->height] : ['bottom edge', $short->width];

        return "A straight edge laid through the photo’s corners meets the paper’s {$edge}, {$this->write->reading($by)} from its far corner.";
    }

    private function cells(): ?string
    {
        $print = $this->plan->layout->printCell();

        return $print === null ? null : "Two cells to keep apart: {$this->write->size($print)} on the print, {$this->write->size($this->plan->layout->cell())} on the paper.";
    }

    /** `3:2` for one and a half. */
    private static function asRatio(Rational $scale): string
    {
        $parts = explode('/', (string) $scale);

        return $parts[0].':'.($parts[1] ?? '1');
    }
}
