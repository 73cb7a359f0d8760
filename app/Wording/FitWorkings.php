<?php

declare(strict_types=1);

namespace App\Wording;

use InchLadder\Fit\Ratio;
use InchLadder\Fit\Stretched;
use InchLadder\Fit\Ways\FreeCrop;
use InchLadder\Layout\Placed;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Paper\Shape;
use InchLadder\Plan\Plan;
use InchLadder\Plan\Trimmed;

/** How picture and paper are made to agree, and what it costs on either side. */
final readonly class FitWorkings
{
    /** A ratio of longer numbers is nothing that anybody sets or says. */
    private const RATIO_DIGITS = 3;

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
            $this->round(),
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
        $away = $this->croppedAway();
        $pinned = $this->plan->pinned;

        return array_values(array_filter([
            $this->stretched(),
            $this->outsideCurve(),
            $away === [] ? null : Say::it('fit.cropped away', ['names' => implode(', ', $away)]),
            $pinned === null || (new PointWording($this->plan))->missed($pinned) === [] ? null : $this->pinned(),
        ]));
    }

    /** @return list<string> names of the points that are cropped away */
    private function croppedAway(): array
    {
        $away = array_filter($this->plan->layout->points(), static fn (Placed $placed): bool => ! $placed->isInside());

        return array_values(array_map(static fn (Placed $placed): string => $placed->point->name, $away));
    }

    /** What of the picture an oval or a circle leaves out, and what it runs through. */
    private function outsideCurve(): ?string
    {
        if ($this->plan->layout->outline() === null) {
            return null;
        }
        $trimmed = Trimmed::of($this->plan);
        $lost = array_values(array_diff($trimmed->outside, $this->croppedAway()));
        $says = array_filter([
            $lost === [] ? '' : Say::it('fit.curve.outside', ['names' => Say::listed($lost)]),
            $trimmed->through === [] ? '' : Say::it('fit.curve.through', ['names' => Say::listed($trimmed->through)]),
        ]);

        return $says === [] ? null : implode(' ', $says);
    }

    /** A circle is as wide as its box takes; where that is the whole photo's, the paper would take a larger one. */
    private function round(): ?string
    {
        if ($this->plan->choices->shape !== Shape::Circle) {
            return null;
        }
        $across = static fn (Size $box): Length => Length::smaller($box->width, $box->height);
        [$is, $could] = [$across($this->plan->layout->fitted->area), $across($this->plan->layout->usable)];

        return Say::it($could->isLongerThan($is) ? 'fit.round.smaller' : 'fit.round.full', ['is' => $this->write->reading($is), 'could' => $this->write->reading($could)]);
    }

    private function stretched(): ?string
    {
        $scale = $this->plan->layout->scale;
        if ($scale->keepsProportion()) {
            return null;
        }
        [$way, $by] = $scale->circle()->isGreaterThan(1) ? ['wider', $scale->circle()] : ['higher', $scale->circle()->reciprocal()];
        $subject = $this->plan->choices->subject;
        $seen = $scale->verdict() === Stretched::Visible || $scale->stretch->toFloat() * 100 > $subject->stretchUnseenPercent();

        return trim(Say::it("fit.stretched.{$way}", [
            'percent' => Writing::percent($scale->stretch, 2), 'verdict' => Phrases::stretched($scale->verdict()), 'by' => Writing::percent($by->minus(1), 2), 'slope' => (string) round($scale->slope(35), 1),
        ]).' '.($seen ? Say::it('fit.stretched.seen', ['subject' => $subject->value]) : ''));
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
                $length === null => Writing::percent($share, Writing::placesOfTrimmed($this->plan->layout->fitted->crop->trimmed())),
                default => $this->write->readingOfSome($length),
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
            $said[] = Say::it("fit.clears.{$side}", ['length' => $this->write->reading($length->times($share)), 'share' => Writing::percent($share, 0)]);
            if ($length->times($share)->mm->isLessThan($sides[$tightest][1]->times($sides[$tightest][0])->mm)) {
                $tightest = $side;
            }
        }

        return Say::it("fit.clears.tightest.{$tightest}", ['sides' => implode(', ', $said)]);
    }

    public function agreement(): string
    {
        $photo = $this->plan->layout->reference->ratio();
        $paper = $this->plan->layout->usable->ratio();
        $percent = Writing::percent(Ratio::apart($photo, $paper), 2);

        return match ($photo->compareTo($paper)) {
            0 => Say::it('fit.agree.same'),
            1 => Say::it('fit.agree.wider', ['percent' => $percent]),
            default => Say::it('fit.agree.narrower', ['percent' => $percent]),
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
            return Say::it('fit.free.same');
        }
        $narrow = $shape->isLessThan($paper);
        // To become the paper's shape, either side may give way.
        $wider = $crop->width->times($paper)->dividedBy($shape)->minus($crop->width)->abs();
        $lower = $crop->height->minus($crop->height->times($shape)->dividedBy($paper))->abs();
        $say = fn (?Length $length, Rational $share, string $side): string => $length === null ? Say::it("fit.free.share of {$side}", ['length' => Writing::percent($share)]) : Say::it("fit.free.{$side}", ['length' => $this->write->reading($length)]);

        return Say::it($narrow ? 'fit.free.narrower' : 'fit.free.wider', [
            'percent' => Writing::percent(Ratio::apart($shape, $paper), 2),
            'wide' => $say($plan->layout->reference->across($wider), $wider, 'width'), 'high' => $say($plan->layout->reference->down($lower), $lower, 'height'),
        ]);
    }

    private function pinned(): ?string
    {
        $pinned = $this->plan->pinned;

        return $pinned === null ? null : Say::it('fit.pinned', ['point' => $pinned->point->name, 'says' => (string) (new PointWording($this->plan))->pinned(Placed::in($this->plan->layout->fitted->crop, $pinned->point))]);
    }

    public function trimming(): string
    {
        $share = Writing::trimmed($this->plan);
        if ($share === null) {
            return Say::it('fit.trimmed.nothing');
        }
        $sides = [];
        foreach (array_combine(['left', 'right', 'top', 'bottom'], $this->sides()) as $side => $off) {
            if ($off !== '') {
                $sides[] = Say::it("fit.trimmed.{$side}", ['off' => $off]);
            }
        }

        return Say::it('fit.trimmed.some', ['share' => $share, 'sides' => implode(', ', $sides)]);
    }

    public function leftover(): string
    {
        $left = $this->plan->layout->leftover;
        if ($left->isNothing()) {
            return Say::it('fit.left.nothing');
        }

        return Say::it('fit.left.some', ['across' => $this->write->reading($left->width), 'down' => $this->write->reading($left->height)]);
    }

    private function wholeCells(): ?string
    {
        if ($this->plan->layout->fitted->cells === null) {
            return null;
        }
        $cells = $this->plan->layout->grid->cells();
        $cell = $this->plan->layout->cell();
        $area = $this->plan->layout->fitted->area;

        return Say::it('fit.whole cells', [
            'columns' => $cells->columns, 'cell' => $this->write->amount($cell->width), 'width' => $this->write->plain($area->width), 'rows' => $cells->rows, 'high' => $this->write->amount($cell->height), 'height' => $this->write->plain($area->height),
        ]);
    }

    /** Which edge of the paper stops the drawing first. */
    private function limit(): ?string
    {
        $left = $this->plan->layout->leftover;

        return match (true) {
            $left->width->isZero() && ! $left->height->isZero() => Say::it('fit.limit.width'),
            $left->height->isZero() && ! $left->width->isZero() => Say::it('fit.limit.height'),
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
            return Say::it('fit.scale.same');
        }
        $growth = $scale->area() ?? Rational::one();
        $area = $this->plan->layout->fitted->area;
        $grows = $growth->isGreaterThan(1);
        $ratio = self::asRatio($scale->x);
        $key = match (true) {
            ! $scale->keepsProportion() => $grows ? 'both grow' : 'both shrink',
            $scale->x->isGreaterThan(1) => $ratio === null ? 'larger, no ratio' : 'larger',
            default => $ratio === null ? 'smaller, no ratio' : 'smaller',
        };

        return Say::it("fit.scale.{$key}", [
            'area' => $this->write->amount($area->width), 'print' => $this->write->plain($print->width), 'factor' => $this->write->notation->factor($scale->x), 'ratio' => $ratio ?? '', 'percent' => Writing::percent($scale->x),
            'high' => $this->write->amount($area->height), 'tall' => $this->write->plain($print->height), 'other' => $scale->y === null ? '' : $this->write->notation->factor($scale->y), 'growth' => $this->write->notation->factor($growth),
        ]);
    }

    /** The test without numbers: a straight edge through both corners of the whole photo, carried on over the paper. */
    private function straightEdge(): string
    {
        $paper = $this->plan->layout->usable;
        $whole = $paper->largestInside($this->plan->layout->reference->ratio());
        $short = $paper->minus($whole);
        if ($short->isNothing()) {
            return Say::it('fit.straight edge.meets');
        }
        [$edge, $by] = $short->width->isZero() ? ['right', $short->height] : ['bottom', $short->width];

        return Say::it("fit.straight edge.{$edge}", ['by' => $this->write->reading($by)]);
    }

    private function cells(): ?string
    {
        $print = $this->plan->layout->printCell();

        return $print === null ? null : Say::it('fit.two cells', ['print' => $this->write->size($print), 'paper' => $this->write->size($this->plan->layout->cell())]);
    }

    /** `3:2` for one and a half; null where the two numbers are too long to be of use. */
    private static function asRatio(Rational $scale): ?string
    {
        [$paper, $photo] = [...explode('/', (string) $scale), '1'];

        return max(strlen($paper), strlen($photo)) > self::RATIO_DIGITS ? null : "{$paper}:{$photo}";
    }
}
