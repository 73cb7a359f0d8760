<?php

declare(strict_types=1);

namespace InchLadder\Checking;

use InchLadder\Layout\Layout;
use InchLadder\Layout\Span;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Slope;

/** A span as it must be on the paper. */
final readonly class SpanOnPaper
{
    private function __construct(
        public Span $span,
        /** Shares of the crop; beyond 0…1 where an end is cropped away. */
        public Rational $x1,
        public Rational $y1,
        public Rational $x2,
        public Rational $y2,
        public Length $paper,
        /** On the print; null on a screen. */
        public ?Length $print,
        public Slope $onPhoto,
        public Slope $onPaper,
    ) {
    }

    public static function of(Layout $layout, Span $span): self
    {
        $crop = $layout->fitted->crop;
        $area = $layout->fitted->area;
        $x = static fn (Rational $share): Rational => $share->minus($crop->left)->dividedBy($crop->width);
        $y = static fn (Rational $share): Rational => $share->minus($crop->top)->dividedBy($crop->height);
        [$across, $down] = [$span->x2->minus($span->x1), $span->y2->minus($span->y1)];
        [$run, $fall] = [$across->dividedBy($crop->width)->toFloat() * $area->width->toFloat(), $down->dividedBy($crop->height)->toFloat() * $area->height->toFloat()];
        $print = $layout->reference->print;
        $length = static fn (float $across, float $down): Length => Length::mm(Rational::near(hypot($across, $down)));

        return new self(
            $span, $x($span->x1), $y($span->y1), $x($span->x2), $y($span->y2),
            $length($run, $fall),
            $print === null ? null : $length($print->width->times($across)->toFloat(), $print->height->times($down)->toFloat()),
            Slope::of($across->times($layout->reference->ratio())->toFloat(), -$down->toFloat()),
            Slope::of($run, -$fall),
        );
    }

    /** How many times the other it is, on the paper. */
    public function against(self $other): Proportion
    {
        return Proportion::of($this->paper->over($other->paper));
    }

    /** How far the drawing's own is out; null when it was not measured. */
    public function misfit(): ?Deviation
    {
        return $this->span->drawn === null ? null : new Deviation($this->span->drawn->minus($this->paper), $this->paper);
    }
}
